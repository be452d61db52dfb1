<script lang="ts">
	import { densityRange, weightAsVolume } from '$lib/core/beds';
	import type { Metres, System } from '$lib/core/units';
	import { joined, say, show } from '$lib/format/figure';
	/** A worked comparison: the same weight of char is very different litres, by how dense it is. */
	let {
		code,
		density,
		depth,
		system
	}: {
		code: string;
		/** Of the lot's char, dry, kg/L. */
		density: number;
		depth: Metres;
		system: System | undefined;
	} = $props();
	const kgPerM2 = 2;
	const sorts = $derived([
		{ name: 'Char of canes, light', density: densityRange.low },
		{ name: `${code}, as measured`, density },
		{ name: 'Dense hardwood, crushed', density: densityRange.high }
	]);
	const rows = $derived(
		weightAsVolume(
			kgPerM2,
			sorts.map((sort) => sort.density),
			depth
		).map((row, i) => ({ ...row, name: sorts[i]?.name ?? '' }))
	);
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
	const own = $derived(rows[1]);
	const full = $derived(0.05 * depth * 1000 * density);
</script>

<section class="mt-8">
	<h2 class="text-xl">
		{say(kgPerM2, 'kg/m²', system)} sounds little; of {code} it is {percent(own?.share ?? 0)} of the soil
	</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		A weight says nothing until the char’s density is known. Reaching 5 % here takes {say(
			full,
			'kg/m²',
			system
		)} of {code}, dry.
	</p>
	<table class="text-left">
		<thead class="quiet text-sm">
			<tr
				><th class="pr-6 font-normal">{say(kgPerM2, 'kg/m²', system)} of</th><th
					class="pr-6 font-normal">at</th
				><th class="pr-6 font-normal">is</th><th class="font-normal">of the soil</th></tr
			>
		</thead>
		<tbody>
			{#each rows as row (row.name)}
				<tr class="border-t border-base-300">
					<th class="py-1 pr-6 font-semibold">{row.name}</th>
					<td class="py-1 pr-6">{say(row.density, 'kg/L', system)}</td>
					<td class="py-1 pr-6">{say(row.rate, 'L/m²', system)}</td>
					<td class="py-1">{percent(row.share)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
