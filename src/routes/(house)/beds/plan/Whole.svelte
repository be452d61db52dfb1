<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import BedCutaway from '$lib/components/cutaway/BedCutaway.svelte';
	import ShareGauge from '$lib/components/cutaway/ShareGauge.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Taps from '$lib/components/entry/Taps.svelte';
	import { limits } from '$lib/input/limits';
	import { sayOfSoil } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { textureWords } from '$lib/format/words';
	import { groundAnswer } from './answer';
	import { freshGround, isExample, reckonGround } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let entry = $state(freshGround(form?.values ?? data.asked, data.system));
	const system = $derived(data.system);
	const reckoned = $derived(reckonGround(entry, data));
	const example = $derived(isExample(entry, system));
	/** What most beds are, until it is said. */
	const usual = { target: 'area', drainage: 'even', humus: 'usual', cropKind: 'mixed' };
	// svelte-ignore state_referenced_locally
	const known = { texture: 'loam', ...data.asked };
</script>

<Answer
	title="How much for a bed"
	answer={groundAnswer(reckoned, example, entry.parts, data.measures, system)}
	crumbs={[{ label: 'Beds', href: '/beds' }]}
>
	{#snippet reason()}
		<p>
			Of the soil that is worked, at most <Rule room="soil" figure="first">3 %</Rule> at first and
			<Rule room="soil" figure="target">5 %</Rule> after two seasons;
			<Rule room="soil" figure="ceiling">10 %</Rule> for life, since char stays. It is reckoned for ground
			that never had any; put on charged, never raw.
		</p>
	{/snippet}
</Answer>

<Form id="form" name="keep" method="get" sent={form} {known} limits={limits.bed} class="sheet">
	<div>
		{#if reckoned}
			<Figures
				slips={[
					slip('Char at first', reckoned.first, system),
					slip('Of the mix', reckoned.mix, system),
					slip('Char to the target', reckoned.target, system),
					slip('Char for life', reckoned.ceiling, system),
					slip('The ground', reckoned.area, system)
				]}
			/>
		{/if}
		{#if example}<p class="mb-3 max-w-prose">
				This is an example: put in the ground that you have. Nothing is written down by it.
			</p>{/if}
		<div class="form-grid">
			<Field label="Length" name="length" bind:value={entry.length} />
			<Field label="Width" name="width" bind:value={entry.width} />
			<Field
				label="Working depth"
				name="depth"
				bind:value={entry.depth}
				hint="Empty: the top {system === 'us' ? '6 in' : '15 cm'}"
			/>
			<div>
				<Field
					label="Parts of compost to 1 of char"
					name="parts"
					inputmode="decimal"
					bind:value={entry.parts}
					hint="0: char that was charged alone"
				/>
				<Taps
					label="Usual parts of compost"
					bind:value={entry.parts}
					options={['0', '1', '2'].map((value) => ({ value, label: value }))}
				/>
			</div>
		</div>
		<WorkOut />
		<Caution
			>Damp, with a mask; dig or rake it in, water it, and wait one to two weeks before sowing.</Caution
		>
		<section class="mt-6 max-w-prose border-t-2 border-base-300 pt-4">
			<h2 class="text-lg">{example ? 'If you have a bed like this' : 'Keep this'}</h2>
			<p>
				The bed is measured in as it is typed here; then the program keeps count of what it gets and
				says what it wants.
			</p>
			{#each Object.entries(usual) as [name, value] (name)}<input
					type="hidden"
					{name}
					{value}
				/>{/each}
			<div class="form-grid mt-2">
				<Field label="What you call it" name="name" />
				<Choice
					label="Soil"
					name="texture"
					options={Object.entries(textureWords).map(([value, label]) => ({ value, label }))}
				/>
			</div>
			<ActFoot actId={data.actId} label="Keep this" noted={false} />
		</section>
	</div>
	<aside>
		{#if reckoned}
			<BedCutaway
				depth={reckoned.ground.depth}
				now={0}
				after={reckoned.dose.shareAfter}
				caption="The working depth in section, char at its true share: {sayOfSoil(
					reckoned.dose.shareAfter
				)} after the first dose."
				{system}
			/>
			<div class="mt-3"><ShareGauge share={0} after={reckoned.dose.shareAfter} /></div>
		{/if}
	</aside>
</Form>
