<script lang="ts">
	import {
		ammoniaFrom,
		ammoniaShare,
		nutrientLines,
		schoolOf,
		type NutrientLine
	} from '$lib/core/charging';
	import type { Warmth } from '$lib/core/time';
	import { celsius } from '$lib/core/units';
	import { joined, plain, show } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** N, P and K of a charge by where they go: each line closes. */
	let {
		charge,
		warmth,
		tests
	}: {
		charge: PageData['line']['charge'];
		warmth: readonly Warmth[];
		tests: PageData['line']['tests'];
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
			ph,
			temperature,
			hasLid: ph === undefined || !isSoak
		})
	);
	const gas = $derived(ph === undefined ? 0 : ammoniaShare(ph, temperature));
	const g = (value: number) => (value < 0.05 ? '–' : `${plain(value, value < 10 ? 1 : 0)}`);
	const columns = $derived(
		(
			[
				['offered', 'Offered'],
				['sorbed', 'On the char'],
				isSoak ? ['pores', 'In its pores'] : ['solids', 'In what it cures with'],
				['drained', 'Drains'],
				['air', 'To the air']
			] as readonly (readonly [keyof Omit<NutrientLine, 'of'>, string])[]
		).filter(([key]) => key === 'offered' || lines.some((line) => line[key] >= 0.05))
	);
	/** A soak that offered little, and cures with nothing, feeds itself from the bed. */
	const hungry = $derived(!school.curesWithSolids && charge.mineralN.value < 2);
</script>

{#if lines.some(({ offered }) => offered > 0.05)}
	<h2 class="mt-6 mb-1 text-xl">Where its nutrients are</h2>
	<div class="overflow-x-auto">
		<table class="ledger-table">
			<thead
				><tr
					><th>g</th>{#each columns as [key, label] (key)}<th class="num">{label}</th>{/each}</tr
				></thead
			>
			<tbody>
				{#each lines as line (line.of)}<tr
						><td><strong>{line.of}</strong></td>{#each columns as [key] (key)}<td class="num"
								>{g(line[key])}</td
							>{/each}</tr
					>{/each}
			</tbody>
		</table>
	</div>
	<p class="quiet mt-1 max-w-prose text-sm">
		Grams of the element, by the middle of each range; the columns make up what was offered.{isSoak &&
		charge.drainedAt_ms === null
			? ' What drains does so on the day it is drained.'
			: ''}
	</p>
{/if}
{#if ph !== undefined && ph >= ammoniaFrom.ph}<p class="mt-2 max-w-prose font-semibold text-error">
		At pH {plain(ph, 1)}
		{joined(show({ value: gas, unit: 'share' }, 'metric'))} of its loose ammonium is gas: keep the lid
		on, take less ash and more compost, and rain water, not hard water.
	</p>{/if}
{#if hungry}<p class="mt-2 max-w-prose font-semibold">
		It may still draw nitrogen from the bed: little was offered, and nothing cures in it.
	</p>{/if}
