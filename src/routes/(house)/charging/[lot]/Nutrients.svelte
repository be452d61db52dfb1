<script lang="ts">
	import { ammoniaFrom, ammoniaShare, nutrientLines, schoolOf } from '$lib/core/charging';
	import type { Warmth } from '$lib/core/time';
	import { celsius, type System } from '$lib/core/units';
	import { joined, plain, show } from '$lib/format/figure';
	import NutrientTable from '../NutrientTable.svelte';
	import type { PageData } from './$types';
	/** N, P and K of a charge by where they go: each line closes. */
	let {
		charge,
		warmth,
		tests,
		system
	}: {
		charge: PageData['line']['charge'];
		warmth: readonly Warmth[];
		tests: PageData['line']['tests'];
		system: System | undefined;
	} = $props();
	const school = $derived(schoolOf(charge.school));
	const isSoak = $derived(school.kind === 'soak');
	const temperature = $derived(warmth.at(-1)?.temperature ?? celsius(charge.temperature_c));
	const ph = $derived([...tests].reverse().find(({ found }) => found.ph !== undefined)?.found.ph);
	const lines = $derived(
		nutrientLines({
			contents: charge.offered,
			char_l: charge.mix_l * charge.charShare.value,
			char_kg: charge.mix_l * charge.charShare.value * charge.density.value,
			liquid_l: isSoak ? charge.liquid_l : 0,
			isSoak,
			withSolids: school.partnerBy === 'ratio',
			ph,
			temperature,
			hasLid: ph === undefined || !isSoak
		})
	);
	const gas = $derived(ph === undefined ? 0 : ammoniaShare(ph, temperature));
	/** A soak that offered little, and cures with nothing, feeds itself from the bed. */
	const hungry = $derived(!school.curesWithSolids && charge.mineralN.value < 2);
</script>

{#if lines.some(({ offered }) => offered > 0.05)}
	<h2 class="mt-6 mb-1 text-xl">Where its nutrients are</h2>
	<NutrientTable {lines} {isSoak} {system} />
{/if}
{#if ph !== undefined && ph >= ammoniaFrom.ph}<p class="mt-2 max-w-prose font-semibold text-error">
		At pH {plain(ph, 1)}
		{joined(show({ value: gas, unit: 'share' }, 'metric'))} of its loose ammonium is gas: keep the lid
		on, take less ash and more compost, and rain water, not hard water.
	</p>{/if}
{#if hungry}<p class="mt-2 max-w-prose font-semibold">
		It may still draw nitrogen from the bed: little was offered, and nothing cures in it.
	</p>{/if}
