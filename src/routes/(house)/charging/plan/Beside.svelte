<script lang="ts">
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import type { System } from '$lib/core/units';
	import type { Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped, type Sentence } from '$lib/format/sentence';
	import CureDates from './CureDates.svelte';
	import Hunger from './Hunger.svelte';
	import NutrientTable from '../NutrientTable.svelte';
	import type { ReckonedPlan } from './reckoning';
	import { levelsOf } from './tub';
	/** Beside the plan: how it stands in the tub, whether it is fed, and its dates. */
	let {
		plan,
		almanac,
		system
	}: { plan: ReckonedPlan; almanac: Almanac; system: System | undefined } = $props();
	const soak = $derived(plan.charge.soak);
	const levels = $derived(levelsOf(plan));
	/** Slips that sentences and drawings point to, beside those of the large figures. */
	const notes = $derived([
		...(levels.char ? [slip('Char stands to', levels.char, system)] : []),
		...(levels.liquid ? [slip('Liquid line', levels.liquid, system)] : []),
		...(soak ? [slip('The mix', plan.charge.mix, system)] : [])
	]);
	const caption = $derived.by((): Sentence => {
		const at = (depth: number, label: string) => slipped(say(depth * 100, 'cm', system), label);
		const char =
			soak?.charDepth === undefined
				? 'over the rim'
				: said`to ${at(soak.charDepth, 'Char stands to')}`;
		const liquid =
			soak?.liquidDepth === undefined
				? `; no room for ${say(5, 'cm', system)} of liquid above it`
				: said`, liquid line at ${at(soak.liquidDepth, 'Liquid line')}`;
		return said`${plan.tub?.name ?? ''}: char ${char}${liquid}.`;
	});
</script>

{#if soak && plan.tub}
	<VesselCutaway
		shape={plan.tub.shape}
		depth={soak.charDepth ?? plan.tub.shape.depth}
		liquidDepth={soak.liquidDepth ?? 0}
		{caption}
		{system}
	/>
	<p class="quiet mt-2 text-sm">Dry char floats: hold it under with a mesh and a weight.</p>
{/if}
{#each notes as note (note.label)}<SlipNote slip={note} />{/each}
<h2 class="mt-6 mb-2 text-lg">Will it be fed?</h2>
<Hunger offered={plan.charge.nitrogen.perKg} cures={plan.school.curesWithSolids} {system} />
{#if plan.nutrients.some(({ offered }) => offered > 0.05)}<h2 class="mt-6 mb-1 text-lg">
		Where they go
	</h2>
	<NutrientTable lines={plan.nutrients} isSoak={plan.school.kind === 'soak'} {system} />{/if}
<CureDates {plan} {almanac} {system} />
