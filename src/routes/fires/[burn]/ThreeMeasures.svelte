<script lang="ts">
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import type { CrossCheck, MeasureName } from '$lib/core/fires';
	import type { System, Unit } from '$lib/core/units';
	import { joined, plain, show, slip } from '$lib/format/figure';
	/** Mass yield, volume yield and density of one burn against each other: which one looks odd. */
	let { check, system }: { check: CrossCheck; system: System | undefined } = $props();
	const names: Readonly<Record<MeasureName, string>> = {
		'mass-yield': 'Mass yield, dry char of dry wood',
		'volume-yield': 'Volume yield, litres of char of stacked litres',
		density: 'Density of the char, dry and loose'
	};
	const short: Readonly<Record<MeasureName, string>> = {
		'mass-yield': 'the weights',
		'volume-yield': 'the litres',
		density: 'the density'
	};
	const unitOf = (name: MeasureName): Unit => (name === 'density' ? 'kg/L' : 'share');
	/** Said as its range: that is what is expected. */
	const expectedSlip = (row: CrossCheck['readings'][number]) => {
		const told = slip(`Expected: ${names[row.name].toLowerCase()}`, row.expected, system);
		return { ...told, text: told.range ?? told.text };
	};
	const times = (value: number) =>
		value >= 1 ? `${plain(value, 1)} × as much` : `${plain(1 / value, 1)} × less`;
	const measured = $derived(check.readings.filter(({ derived }) => !derived).length);
	const verdict = $derived(
		check.odd
			? `Something is off, and ${short[check.odd]} look oddest`
			: measured === 3
				? 'Three measures that agree'
				: 'Nothing odd in what was measured'
	);
</script>

<section class="mb-8">
	<h2 class="text-xl {check.odd ? 'text-error' : ''}">{verdict}</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		Two of the three give the third; with all three measured they must close within 1.5 ×.
		{check.closure === undefined
			? 'Weigh a dried sample and all of the char to have all three.'
			: `Here weight is ${plain(check.closure, 2)} × litres × density.`}
	</p>
	<table class="w-full text-left">
		<thead class="quiet text-sm">
			<tr
				><th class="font-normal">Measure</th><th class="pl-3 font-normal">Here</th><th
					class="pl-3 font-normal">Expected</th
				><th class="hidden pl-3 font-normal sm:table-cell">Against its middle</th></tr
			>
		</thead>
		<tbody>
			{#each check.readings as row (row.name)}
				<tr class="border-t border-base-300 align-top {row.name === check.odd ? 'font-bold' : ''}">
					<th class="py-1 font-normal">{names[row.name]}</th>
					<td class="py-1 pl-3 whitespace-nowrap"
						>{joined(show({ value: row.value, unit: unitOf(row.name) }, system))}<span
							class="quiet block text-sm font-normal"
							>{row.derived ? 'worked out' : 'measured'}</span
						></td
					>
					<td class="py-1 pl-3 whitespace-nowrap"><Sourced slip={expectedSlip(row)} /></td>
					<td class="hidden py-1 pl-3 whitespace-nowrap sm:table-cell">{times(row.times)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
