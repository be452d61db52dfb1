<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import type { RateForm } from '$lib/core/beds';
	import type { Input, System } from '$lib/core/units';
	import { plain, show } from '$lib/format/figure';
	import { sayInput, type Slip } from '$lib/format/slip';
	import { slipped } from '$lib/format/sentence';
	import { rateUnits } from '$lib/format/rate-words';
	import type { ReckonedDose } from './reckoning';
	/** One rate in every form it is quoted in, metric and US side by side; each shows how it was turned. */
	let {
		dose,
		depth,
		system
	}: {
		dose: ReckonedDose;
		/** Working depth, m. */
		depth: number;
		system: System | undefined;
	} = $props();

	const rows: readonly {
		readonly by: string;
		readonly metric: RateForm[];
		readonly us: RateForm[];
	}[] = [
		{ by: 'By volume', metric: ['L/m2', 'metric-cup/ft2'], us: ['ft3/100ft2', 'cup/ft2'] },
		{ by: 'Of the soil', metric: ['percent'], us: [] },
		{ by: 'By weight, dry', metric: ['kg/m2', 't/ha'], us: ['lb/ft2', 'ton/acre'] },
		{ by: 'As weighed, damp', metric: ['kg-as-sold/m2'], us: ['lb-as-sold/ft2'] }
	];
	const formulas: Readonly<Record<RateForm, string>> = {
		'L/m2': 'char alone, as it lies in the lot',
		percent: 'L/m² ÷ (depth in m × 10)',
		'metric-cup/ft2': 'L/m² × 0.0929 m² ÷ 0.25 L',
		'cup/ft2': 'L/m² × 0.0929 m² ÷ 0.2366 L',
		'ft3/100ft2': 'L/m² × 9.290 m² ÷ 28.32 L',
		'kg/m2': 'L/m² × dry density',
		't/ha': 'L/m² × dry density × 10',
		'lb/ft2': 'L/m² × dry density × 0.0929 m² ÷ 0.4536 kg',
		'ton/acre': 'L/m² × dry density × 4047 m² ÷ 907.2 kg',
		'kg-as-sold/m2': 'L/m² × dry density ÷ (1 − water, wet basis)',
		'lb-as-sold/ft2': 'L/m² × dry density ÷ (1 − water, wet basis), in lb and ft²'
	};
	const rateInput: Input = $derived({
		name: 'rate',
		value: dose.rate,
		unit: 'L/m²',
		origin: dose.form === 'L/m2' ? 'typed' : 'computed',
		source: 'char by volume on the area'
	});
	const densityInput: Input = $derived({
		name: 'density of the char, dry',
		value: dose.lot.density.value,
		low: dose.lot.density.low,
		high: dose.lot.density.high,
		unit: 'kg/L',
		origin: 'computed',
		source: `dry mass ÷ volume of char in ${dose.lot.code}`
	});
	const depthInput: Input = $derived({
		name: 'working depth',
		value: depth,
		unit: 'm',
		origin: 'measured',
		source: 'of this bed'
	});
	const waterInput: readonly Input[] = $derived(
		dose.ask.by === 'rate' && dose.ask.moisture !== undefined
			? [
					{
						name: 'water in it, wet basis',
						value: dose.ask.moisture,
						unit: 'share',
						origin: 'typed',
						source: 'of the weight'
					}
				]
			: []
	);
	const amountIn = (form: RateForm) => {
		const amount = dose.inForms[form] ?? 0;
		return `${plain(amount, amount < 1 ? 2 : 1)} ${rateUnits[form]}`;
	};
	/** One for the whole table: what turns any form into any other. */
	const told: Slip = $derived({
		label: 'The same rate',
		...show({ value: dose.rate, unit: 'L/m²' }, 'metric'),
		basis: 'char by volume on the area, turned into every form',
		formula: rateInput.name,
		lines: [
			...[rateInput, densityInput, depthInput, ...waterInput].map((one) => sayInput(one, system)),
			...rows
				.flatMap((row) => known([...row.metric, ...row.us]))
				.map((form) => ({
					name: form === dose.form ? 'as typed' : 'turned into',
					amount: amountIn(form),
					origin: 'worked out',
					source: formulas[form]
				}))
		]
	});
	const known = (forms: readonly RateForm[]) =>
		forms.filter((form) => dose.inForms[form] !== undefined);
</script>

<SlipNote slip={told} />
<table class="mt-4 w-full text-left text-sm">
	<caption class="sr-only">The same rate in every form</caption>
	<thead class="quiet text-sm">
		<tr
			><th class="font-normal"><span class="sr-only">Rate</span></th><th>metric</th><th
				>US customary</th
			></tr
		>
	</thead>
	<tbody>
		{#each rows as row (row.by)}
			{#if known(row.metric).length > 0}
				<tr class="border-t border-base-300 align-top">
					<th class="quiet py-1 pr-1 font-normal">{row.by}</th>
					{#each [row.metric, row.us] as forms, column (column)}
						<td class="py-1 pr-1" colspan={row.us.length === 0 ? 2 - column : 1}>
							{#each known(forms) as form (form)}
								<span
									class="mr-1 inline-block whitespace-nowrap {form === dose.form
										? 'font-bold'
										: ''}"
									><Say
										sentence={[slipped(amountIn(form), told.label)]}
									/>{#if form === dose.form}<span class="ml-1 text-primary" aria-hidden="true"
											>◂</span
										>{/if}</span
								>
							{/each}
						</td>
					{/each}
				</tr>
			{/if}
		{/each}
	</tbody>
</table>
