<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import StackCutaway from '$lib/components/cutaway/StackCutaway.svelte';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { say, sayRange } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { assumedWidth, moistureLimits, stackForm } from '$lib/core/woodyard';
	import StackFields from './StackFields.svelte';
	import StackRow from './StackRow.svelte';
	import { faceOf, freshEntry, reckonStack } from './reckoning';
	import Pager from '$lib/components/answer/Pager.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	// svelte-ignore state_referenced_locally
	let entry = $state(freshEntry(form?.values ?? data.asked));
	const figures = $derived(reckonStack(entry, data));
	const answer = $derived(
		figures
			? said`This pile holds ${slipped(sayRange(figures.dry, data.system), 'Dry wood')} of dry wood`
			: data.answer
	);
	const size = $derived(figures?.measure.size);
</script>

<Answer title="Woodyard" {answer}>
	{#snippet reason()}
		{#if figures}
			<p>
				{stackForm(figures.measure.form).name.replace(/^./, (first) => first.toUpperCase())} are part
				air: <Say
					sentence={said`${slipped(sayRange(figures.solid, data.system), 'Solid wood')} of solid wood in ${slipped(sayRange(figures.loose, data.system), 'Loose pile')} of pile.`}
				/> Read its moisture next, to know whether it may burn.
			</p>
		{:else if data.stacks.n === 0}
			<p>
				Two numbers and a wood class give the first answer: how long and how high is the pile, and
				what is it? Everything later rests on how much dry wood goes in.
			</p>
		{:else}
			<p>
				A stack is ready at <Rule room="wood" figure="mean">20 %</Rule> water or less on wet basis, its
				wettest piece at <Rule room="wood" figure="highest">23.1 %</Rule> or less; up to a mean of
				{moistureLimits.slower * 100} % it burns, slower and with more smoke.
			</p>
		{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if figures}
			<Figures
				slips={[
					slip('Dry wood', figures.dry, data.system),
					slip('Solid wood', figures.solid, data.system),
					slip('Loose pile', figures.loose, data.system)
				]}
			/>
		{/if}
		{#if !figures && data.stacks.n > 0}
			<Figures slips={[slip('May burn now', data.dryToBurn, data.system)]} />
		{/if}
		{#if data.stacks.n > 0}
			<ul>
				{#each data.stacks.rows as line (line.stack.code)}<StackRow
						{line}
						system={data.system}
						almanac={data.almanac}
					/>{/each}
			</ul>
			<Pager
				page={data.stacks.page}
				pages={data.stacks.pages}
				label="More stacks"
				href={(page) => `/woodyard?page=${page}`}
				before="Sooner to burn"
				after="Later to burn"
			/>
			<div class="mb-10"></div>
		{/if}
		<Form name="measure" method="get" sent={form} limits={limits.stack} id="form">
			<h2 class="mb-3 text-xl">Measure {data.stacks.n ? 'another' : 'one'} pile</h2>
			<StackFields bind:entry system={data.system} measures={data.measures} />
			<Caution>
				Painted, treated, glued, salt-soaked or unknown wood is recorded and held back: it can never
				be loaded. Look for nests and sleepers before you move an old stack.
			</Caution>
			<WorkOut />
			<ActFoot actId={data.actId} label="Keep this stack" />
		</Form>
	</div>
	<aside aria-label="Beside the pile">
		{#if figures && size}
			<StackCutaway
				{...faceOf(figures.measure, figures.loose.value)}
				solidShare={figures.solid.value / figures.loose.value}
				caption="The pile from the side; dark is solid wood, the rest air."
				system={data.system}
			/>
			{#if size.by === 'outline' && size.width === undefined}
				<p class="quiet mt-2 text-sm">
					Width not measured: about <Rule room="wood" figure="width"
						>{say(assumedWidth.value, 'm', data.system)}</Rule
					> is taken, which widens the range.
				</p>
			{/if}
		{/if}
		{#if data.spent.length > 0}
			<p class="quiet mt-4 text-sm">Used up lately; the books keep them.</p>
			<ul class="text-sm">
				{#each data.spent as stack (stack.code)}
					<li>
						<a class="inline-block min-h-11 content-center underline" href="/woodyard/{stack.code}"
							>{stack.code} {stack.name}</a
						>
					</li>
				{/each}
			</ul>
		{/if}
	</aside>
</div>
