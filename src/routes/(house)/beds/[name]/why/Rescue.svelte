<script lang="ts">
	import Fold from '$lib/components/entry/Fold.svelte';
	import type { RescueStep } from '$lib/core/detective';
	import type { System } from '$lib/core/units';
	import { sayRange } from '$lib/format/figure';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { rescueWords } from '$lib/format/rescue-words';
	import type { PageData } from './$types';
	/** A tired, dried bed brought round: step by step, each with its day, its amount for this bed and where it is done. */
	let {
		steps,
		bed,
		run,
		ids,
		form,
		system
	}: {
		steps: readonly RescueStep[];
		bed: string;
		/** The one that was begun: what is done, and on which day each is due. */
		run: PageData['run'];
		ids: { readonly begin: string; readonly step: string };
		form: Sent | null;
		system: System | undefined;
	} = $props();
	const amount = ({ litres, lot }: RescueStep) =>
		litres
			? `${sayRange({ ...litres, value: (litres.low + litres.high) / 2, unit: 'L' }, system)}${lot ? ` of ${lot}` : ''}`
			: '';
	const hrefOf = ({ id, lot }: RescueStep) => {
		const page = `/beds/${encodeURIComponent(bed)}`;
		if (id === 'water') return `${page}#own`;
		if (id === 'minerals') return `${page}/verdict`;
		if (id === 'feed') return lot ? `/brews/${lot}` : '/brews';
		return lot ? `${page}?putLot=${lot}#put` : undefined;
	};
</script>

<Fold
	name="rescue"
	line="text-xl"
	label="It is dried out and tired: bring it round"
	open={run !== undefined}
	class="mt-8"
>
	<ol class="max-w-2xl">
		{#each steps as step (step.id)}
			{@const { does, why } = rescueWords[step.id]}
			{@const href = hrefOf(step)}
			<li class="grid grid-cols-[4.5rem_1fr] gap-x-3 border-b border-base-300 py-2">
				<span class="quiet"
					>{run ? (run.due[step.id] ?? '') : step.day === 0 ? 'today' : `day ${step.day}`}</span
				>
				<span>
					{#if href}<a class="inline-block min-h-11 content-center font-semibold underline" {href}
							>{does}</a
						>{:else}<strong>{does}</strong>{/if}
					{amount(step)}
					<span class="quiet block text-sm">{why}</span>
					{#if run?.done.includes(step.id)}<strong>done</strong>
					{:else if run}<Form name="step" sent={form}>
							<input type="hidden" name="step" value={step.id} />
							<ActFoot
								actId="{ids.step}-{step.id}"
								label="Done: {step.id === 'look' ? 'looked at' : 'this step'}"
								quiet
								noted={false}
							/>
						</Form>{/if}
				</span>
			</li>
		{/each}
	</ol>
	{#if !run}<Form name="begin" sent={form}>
			<ActFoot actId={ids.begin} label="Begin today, and be asked" quiet noted={false} />
		</Form>{/if}
</Fold>
