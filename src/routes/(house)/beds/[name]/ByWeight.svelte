<script lang="ts">
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import type { Metres, System } from '$lib/core/units';
	import { joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { comparedKg, fullByWeight, weighedSorts } from '$lib/core/beds';
	/** A worked comparison: the same weight of char is very different litres, by how dense it is. */
	let {
		code,
		density,
		depth,
		system
	}: {
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

<section>
	<h2 class="text-lg">
		{say(comparedKg, 'kg/m²', system)} sounds little; of {code} it is {percent(
			own?.share.value ?? 0
		)} of the soil
	</h2>
	<div class="quiet mb-2 max-w-prose text-sm">
		A weight says nothing until the char’s density is known. Reaching <Rule
			room="soil"
			figure="target">5 %</Rule
		> here takes <Sourced
			slip={slip('To the target, by weight', fullByWeight(code, density, depth), system)}
		/> of {code}, dry.
	</div>
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
					<td class="py-1 pr-6">{say(row.density, 'kg/L', system)}</td>
					<td class="py-1 pr-6">{say(row.rate, 'L/m²', system)}</td>
					<td class="py-1"><Sourced slip={slip(`By weight: ${row.name}`, row.share, system)} /></td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
