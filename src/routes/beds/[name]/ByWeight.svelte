<script lang="ts">
	import FigureLink from '$lib/components/answer/FigureLink.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import type { Metres, System } from '$lib/core/units';
	import { joined, say, show } from '$lib/format/figure';
	import { comparedKg, fullByWeight, weighedSorts, type SortId } from './weighed';
	/** A worked comparison: the same weight of char is very different litres, by how dense it is. */
	let {
		bed,
		code,
		density,
		depth,
		system
	}: {
		/** Name of the bed. */
		bed: string;
		/** Of the lot. */
		code: string;
		/** Of the lot's char, dry, kg/L. */
		density: number;
		depth: Metres;
		system: System | undefined;
	} = $props();
	const rows = $derived(weighedSorts(code, density, depth));
	const own = $derived(rows.find(({ id }) => id === 'own'));
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
</script>

{#snippet told(id: SortId, text: string)}<FigureLink of="bed" name={bed} figure="weight:{id}:{code}"
		>{text}</FigureLink
	>{/snippet}

<section class="mt-8">
	<h2 class="text-xl">
		{say(comparedKg, 'kg/m²', system)} sounds little; of {code} it is {@render told(
			'own',
			percent(own?.share.value ?? 0)
		)} of the soil
	</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		A weight says nothing until the char’s density is known. Reaching <Rule
			room="soil"
			figure="target">5 %</Rule
		> here takes <FigureLink of="bed" name={bed} figure="full:{code}"
			>{say(fullByWeight(code, density, depth).value, 'kg/m²', system)}</FigureLink
		> of {code}, dry.
	</p>
	<table class="text-left">
		<thead class="quiet text-sm">
			<tr
				><th class="pr-6 font-normal">{say(comparedKg, 'kg/m²', system)} of</th><th
					class="pr-6 font-normal">at</th
				><th class="pr-6 font-normal">is</th><th class="font-normal">of the soil</th></tr
			>
		</thead>
		<tbody>
			{#each rows as row (row.id)}
				<tr class="border-t border-base-300">
					<th class="py-1 pr-6 font-semibold">{row.name}</th>
					<td class="py-1 pr-6">{@render told(row.id, say(row.density, 'kg/L', system))}</td>
					<td class="py-1 pr-6">{@render told(row.id, say(row.rate, 'L/m²', system))}</td>
					<td class="py-1">{@render told(row.id, percent(row.share.value))}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
