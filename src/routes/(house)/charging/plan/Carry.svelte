<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { ammoniaFrom, ammoniaShare, nitrogenLimits } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import type { OwnMeasure, System } from '$lib/core/units';
	import { bestMeasure, inMeasures, joined, plain, say, show } from '$lib/format/figure';
	import { said, slipped } from '$lib/format/sentence';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { charTold } from './answer';
	import type { ReckonedPlan } from './reckoning';
	/** What is carried together, in the grower's own measures, and what the lot then lacks or leaves. */
	let {
		plan,
		measures,
		system
	}: {
		plan: ReckonedPlan;
		measures: readonly OwnMeasure[];
		system: System | undefined;
	} = $props();
	const soak = $derived(plan.charge.soak);
	/** Alkaline char drives ammonia out of what is rich in it. */
	const gas = $derived(
		plan.char.ph !== undefined &&
			plan.char.ph >= ammoniaFrom.ph &&
			plan.charge.nitrogen.mineral.value > 1
			? ammoniaShare(plan.char.ph, plan.temperature)
			: undefined
	);
	const carried = (litres: number) => {
		const measure = bestMeasure(litres, measures);
		return measure ? ` (${inMeasures(litres, measure)})` : '';
	};
</script>

<div class="mb-5">
	Carry <Say
		sentence={said`${slipped(say(plan.charge.partner.value, 'L', system), capital(materialOf(plan.partner).name))} of ${materialOf(plan.partner).name}${carried(plan.charge.partner.value)} to ${charTold(plan, system)} of char${carried(plan.volume)}.`}
	/>
	{#if plan.charge.partnerShare !== undefined}The liquid is <Sourced
			slip={slip('Share of the liquid', plan.charge.partnerShare, system)}
		/>
		{materialOf(plan.partner).name}{plan.charge.partnerShare.value >
			(nitrogenLimits.usualShare[1] ?? 1) && plan.school.partnerBy === 'nitrogen'
			? ', stronger than usual'
			: ''}.{/if}
	{#if plan.partnerLeft !== undefined}{plan.partnerLeft < -0.05
			? `The lot is short by ${say(-plan.partnerLeft, 'L', system)}.`
			: `${say(Math.max(0, plan.partnerLeft), 'L', system)} of that lot is left.`}{/if}
	{#if gas !== undefined}<strong
			>This char reads pH {plain(plan.char.ph ?? 0, 1)}: at that {joined(
				show({ value: gas, unit: 'share' }, 'metric')
			)} of the ammonium is gas. Rinse it, add no ash, more compost, rain water, and keep it covered.</strong
		>{/if}
	{#if soak && soak.heldWater.value > 0.5}The char already holds about <Sourced
			slip={slip('Water already in the char', soak.heldWater, system)}
		/> of water, which thins it.{/if}
</div>
