<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import TrialGround from '$lib/components/trials/TrialGround.svelte';
	import TrialLayout from '$lib/components/trials/TrialLayout.svelte';
	import { trialLimits } from '$lib/input/limits-of-trials';
	import Power from './Power.svelte';
	import { planAnswer } from './answer';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const plan = $derived(data.plan);
	const none = { value: '', label: 'no such arm' };
	const limits = Object.fromEntries([
		['blocks', trialLimits.blocks],
		...[1, 2, 3, 4, 5, 6].map((n) => [`share${n}`, trialLimits.share])
	]);
</script>

<Answer
	title="Plan a trial"
	answer={planAnswer(plan)}
	crumbs={[{ label: 'Trials', href: '/trials' }]}
>
	{#snippet reason()}<p>
			One of each arm stands in each row. A row holds what is alike but for the arms: the same
			light, the same slope, the same day. Where in its row each stands chance has drawn.
		</p>{/snippet}
</Answer>

<div class="sheet">
	<Form name="plan" method="get" sent={form} known={data.known} {limits}>
		<Field label="What is asked" name="question" />
		<div class="mt-3 grid grid-cols-[1fr_9rem] gap-x-4 gap-y-2">
			{#each data.armNumbers as n (n)}
				<Choice
					label="Arm {String.fromCharCode(64 + n)}"
					name="arm{n}"
					options={n > 2 ? [none, ...data.kinds] : data.kinds}
				/>
				<Field
					label="{String.fromCharCode(64 + n)}, % of soil"
					name="share{n}"
					inputmode="decimal"
				/>
			{/each}
		</div>
		<div class="form-grid mt-3">
			<Field label="Of each" name="blocks" inputmode="decimal" />
			<Choice
				label="They are"
				name="unit"
				options={[
					{ value: 'pot', label: 'pots' },
					{ value: 'plot', label: 'plots' }
				]}
			/>
			<Field
				label="Rows differ by"
				name="differs"
				hint="Sun to shade, up the slope. Empty: nothing is blocked"
			/>
			<Choice
				label="Their order"
				name="order"
				options={[
					{ value: 'drawn', label: 'drawn by chance' },
					{ value: 'walked', label: 'as one walked, already standing' }
				]}
			/>
			<Choice label="What is read" name="measure" options={data.measures} />
			<Choice
				label="And"
				name="measure2"
				options={[{ value: '', label: 'nothing else' }, ...data.measures]}
			/>
			<Choice
				label="Where"
				name="bed"
				options={[
					{ value: '', label: 'elsewhere' },
					...data.beds.map((name) => ({ value: name, label: name }))
				]}
			/>
		</div>
		<Tick label="Read blind: who reads does not know which is which" name="blind" />
		<input type="hidden" name="seed" value={data.known.seed} />
		<button class="btn mt-3 min-h-12 btn-outline" data-sveltekit-noscroll>Draw it</button>
		<ActFoot actId={data.actId} label="Set it up so" />
	</Form>
	<aside class="min-w-0">
		{#if plan}
			<h2 class="text-xl">Where each stands</h2>
			{#if plan.ground}
				<TrialGround ground={plan.ground} units={plan.units} perRow={plan.arms.length} lost={[]} />
				<p class="quiet">To scale, in {plan.ground.name}.</p>
			{:else}
				<TrialLayout
					units={plan.units}
					perRow={plan.arms.length}
					lost={[]}
					unit={plan.unit}
					ends={undefined}
				/>
			{/if}
			<ul class="mt-2">
				{#each plan.arms as name, i (i)}<li>
						<strong>{String.fromCharCode(65 + i)}</strong>
						{name}
					</li>{/each}
			</ul>
			<p class="quiet mt-2">
				Seed {data.known.seed}: the same seed draws the same order.
			</p>
			<Power arms={plan.arms.length} isBlocked={plan.isBlocked} blocks={plan.blocks} />
		{/if}
	</aside>
</div>
