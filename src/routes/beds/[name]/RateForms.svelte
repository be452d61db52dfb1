<script lang="ts">
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { rateForms, type RateForm } from '$lib/core/beds';
	import type { Input, System } from '$lib/core/units';
	import { plain, sayInput, type Slip } from '$lib/format/figure';
	import { rateUnits } from '$lib/format/words';
	import type { ReckonedDose } from './reckoning';
	/** One rate in every form it is quoted in, for this bed and lot; each shows how it was turned. */
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
	const byWeight: readonly RateForm[] = ['kg/m2', 'lb/ft2'];
	const inputsOf = (form: RateForm): Input[] => [
		{
			name: 'rate',
			value: dose.rate,
			unit: 'L/m²',
			origin: 'typed',
			source: 'litres of char on a square metre'
		},
		...(byWeight.includes(form)
			? [
					{
						name: 'density of the char, dry',
						...pick(dose.lot.density),
						unit: 'kg/L' as const,
						origin: 'computed' as const,
						source: `kg dry ÷ litres of char in ${dose.lot.code}`
					}
				]
			: []),
		...(form === 'percent'
			? [
					{
						name: 'working depth',
						value: depth,
						unit: 'm' as const,
						origin: 'measured' as const,
						source: 'of this bed'
					}
				]
			: [])
	];
	const pick = ({ value, low, high }: { value: number; low: number; high: number }) => ({
		value,
		low,
		high
	});
	const formulas: Readonly<Record<RateForm, string>> = {
		'L/m2': 'char alone, as it lies in the lot',
		percent: 'L/m² ÷ (depth in m × 10)',
		'kg/m2': 'L/m² × dry density',
		'cup/ft2': 'L/m² × 0.0929 m² ÷ 0.2366 L',
		'lb/ft2': 'L/m² × dry density × 0.0929 m² ÷ 0.4536 kg'
	};
	const slipOf = (form: RateForm): Slip => ({
		label: 'The same rate',
		text: plain(dose.inForms[form], dose.inForms[form] < 1 ? 2 : 1),
		unit: rateUnits[form],
		basis: form === dose.form ? 'As typed' : 'Translated from what was typed',
		formula: formulas[form],
		lines: inputsOf(form).map((input) => sayInput(input, system))
	});
</script>

<ul class="mt-4 grid grid-cols-2 gap-x-6 gap-y-1 whitespace-nowrap">
	{#each rateForms as form (form)}
		<li class={form === dose.form ? 'border-l-4 border-primary pl-2 font-bold' : 'pl-3'}>
			<Sourced slip={slipOf(form)} />
		</li>
	{/each}
</ul>
