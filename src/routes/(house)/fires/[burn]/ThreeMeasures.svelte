<script lang="ts">
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import type { CrossCheck, MeasureName } from '$lib/core/fires';
	import { known, over, reckon, type Estimate, type System, type Unit } from '$lib/core/units';
	import { joined, plain, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { slipped } from '$lib/format/sentence';

	/** Mass yield, volume yield and density of one burn against each other: which one looks odd. */
	let {
		check,
		volumeYield,
		system
	}: {
		check: CrossCheck;
		/** Litres of char to litres of wood as it was stacked. */
		volumeYield: Estimate;
		system: System | undefined;
	} = $props();
	const names: Readonly<Record<MeasureName, string>> = {
		'mass-yield': 'Mass yield, dry char of dry wood',
		'volume-yield': 'Volume yield, char of wood as stacked',
		density: 'Density of the char, dry and loose'
	};
	const short: Readonly<Record<MeasureName, string>> = {
		'mass-yield': 'the weights',
		'volume-yield': 'the volume',
		density: 'the density'
	};
	const unitOf = (name: MeasureName): Unit => (name === 'density' ? 'kg/L' : 'share');
	/** Said as its range: that is what is expected. */
	const expectedSlip = (row: CrossCheck['readings'][number]) => {
		const told = slip(`Expected: ${names[row.name].toLowerCase()}`, row.expected, system);
		return { ...told, text: told.range ?? told.text };
	};
	/** The weights and the density are told above; litres on litres only here. */
	const here = (row: CrossCheck['readings'][number]) =>
		slipped(
			joined(show({ value: row.value, unit: unitOf(row.name) }, system)),
			row.name === 'density' ? 'Density' : row.name === 'mass-yield' ? 'Yield' : 'Volume yield'
		);
	/** Nobody counts a twentieth more or less. */
	const isAsExpected = ({ times }: CrossCheck['readings'][number]) =>
		Math.abs(Math.log(times)) < 0.05;
	/** How far from the middle of what is expected, above or below. */
	const timesSlip = (row: CrossCheck['readings'][number]) => {
		const here = known('here', row.value, unitOf(row.name), 'measured', 'of this burn');
		const { value: middle, formula } = row.expected;
		const expected = known('expected', middle, unitOf(row.name), 'computed', formula);
		const value = row.times >= 1 ? row.times : 1 / row.times;
		const figure = reckon<number>(
			(v) => v,
			row.times >= 1 ? over(here, expected) : over(expected, here),
			{ unit: 'times', basis: names[row.name] }
		);
		return { ...slip('Against its middle', figure, system), text: plain(value, 1) };
	};
	const measured = $derived(check.readings.filter(({ derived }) => !derived).length);
	const verdict = $derived(
		check.odd
			? `Something is off, and ${short[check.odd]} look oddest`
			: measured === 3
				? 'Three measures that agree'
				: 'Nothing odd in what was measured'
	);
</script>

<SlipNote slip={slip('Volume yield', volumeYield, system)} />
<section class="mb-8">
	<h2 class="text-xl {check.odd ? 'text-error' : ''}">{verdict}</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		Two of the three give the third; with all three measured they must close within <Rule
			room="fires"
			figure="closure">1.5 ×</Rule
		>.
		{check.closure === undefined
			? 'Weigh a dried sample and all of the char to have all three.'
			: `Here weight is ${plain(check.closure, 2)} × volume × density.`}
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
						><Say sentence={[here(row)]} /><span class="quiet block text-sm font-normal"
							>{row.derived ? 'worked out' : 'measured'}</span
						></td
					>
					<td class="py-1 pl-3 whitespace-nowrap"><Sourced slip={expectedSlip(row)} /></td>
					<td class="hidden py-1 pl-3 whitespace-nowrap sm:table-cell"
						>{#if isAsExpected(row)}as expected{:else}<Sourced slip={timesSlip(row)} />{row.times >=
							1
								? ' as much'
								: ' less'}{/if}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
