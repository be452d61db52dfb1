<script lang="ts">
	import Rule from '$lib/components/answer/Rule.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import {
		carriedBy,
		compareSchools,
		pottingFor,
		type CharSoFar,
		type Ground,
		type SchoolDose
	} from '$lib/core/beds';
	import type { Estimate, OwnMeasure, System } from '$lib/core/units';
	import {
		bestMeasure,
		inMeasures,
		inUnit,
		plain,
		say,
		unitName,
		sayRange
	} from '$lib/format/figure';
	import { groundOfSource } from '$lib/core/evidence';
	import { evidenceWords } from '$lib/format/evidence-words';
	import { toldSlip } from '$lib/format/slip';
	import { capital, limitWords, list } from '$lib/format/words';
	import type { BedLot } from './reckoning';
	/** What each school of dosing would put on this bed from this lot, side by side. */
	let {
		bed,
		lot,
		measures,
		system
	}: {
		bed: CharSoFar & { readonly name: string; readonly ground: Ground };
		lot: BedLot;
		measures: readonly OwnMeasure[];
		system: System | undefined;
	} = $props();
	const schools = $derived(compareSchools(bed.ground, bed, lot));
	const measureOf = (litres: number) => bestMeasure(litres, measures);
	const inOwn = (low: number, high: number) => {
		const measure = measureOf(Math.sqrt(low * high));
		if (!measure) return '';
		const part = (litres: number) => plain(litres / measure.litres, 1);
		const [from, to] = [part(low), part(high)];
		return from === to ? inMeasures(high, measure) : `${from}–${to} ${measure.name}s`;
	};
	/** Both ends to the tenth: a school is quoted exactly, whatever its width. */
	const rateOf = ({ low, high }: { low: number; high: number }) => {
		const [from, to] = [low, high].map((rate) => plain(inUnit(rate, 'L/m²', system), 1));
		return `${from}–${to} ${unitName('L/m²', system)}`;
	};
	/** From the low to the high end of a school: there is no figure between them. */
	const ends = (label: string, figure: Estimate) =>
		toldSlip({ label: capital(label), figure, bounds: true }, system);
	const thenHolds = ({ low, high }: SchoolDose) => ({
		value: low.shareAfter,
		low: low.shareAfter,
		high: high.shareAfter,
		unit: 'share' as const
	});
	const limitsOf = (row: SchoolDose) =>
		row.over.length > 0
			? list(row.over.map((limit) => limitWords[limit]))
			: row.high.over.includes('ceiling')
				? 'its high end is past the ceiling'
				: '';
</script>

<section>
	<p class="quiet mb-2 max-w-prose text-sm">
		Rates differ by school more than by garden. As {lot.code} to carry to this bed they compare; the bed
		then holds its char so far and that of the rate, over its soil, by volume.
	</p>
	<div class="overflow-x-auto">
		<table class="w-full text-left">
			<thead class="quiet text-sm">
				<tr>
					<th class="pr-4 font-normal">School</th>
					<th class="pr-4 font-normal">Its rate</th>
					<th class="pr-4 font-normal">Of {lot.code}</th>
					<th class="pr-4 font-normal">Carried</th>
					<th class="font-normal">Then holds</th>
				</tr>
			</thead>
			<tbody>
				{#each schools as row (row.school.id)}
					<tr class="border-t border-base-300 align-top">
						<th class="max-w-56 py-2 pr-4 font-semibold"
							>{capital(row.school.name)}<span class="quiet block text-sm font-normal"
								>{row.school.how} ({evidenceWords[groundOfSource(row.school.source)]})</span
							></th
						>
						<td class="py-2 pr-4 whitespace-nowrap">{rateOf(row.rate)}</td>
						<td class="py-2 pr-4 whitespace-nowrap"
							><Sourced
								slip={ends(`${row.school.name}: ${lot.code} to carry`, carriedBy(row, bed, lot))}
							/></td
						>
						<td class="py-2 pr-4">{inOwn(row.low.mix_l, row.high.mix_l)}</td>
						<td class="py-2 whitespace-nowrap"
							>{sayRange(thenHolds(row), system)}{#if limitsOf(row)}<span
									class="block text-sm whitespace-normal text-error">{limitsOf(row)}</span
								>{/if}</td
						>
					</tr>
				{/each}
				<tr class="border-t border-base-300 align-top">
					<th class="py-2 pr-4 font-semibold"
						>Pots<span class="quiet block text-sm font-normal"
							><Rule room="dose" figure="pots">5–10 %</Rule> of the mix is char</span
						></th
					>
					<td class="py-2 pr-4">by the mix, not the area</td>
					<td class="py-2" colspan="3"
						><Sourced slip={ends(`${lot.code} in ten litres of mix`, pottingFor(lot))} /> in {say(
							10,
							'L',
							system
						)} of mix</td
					>
				</tr>
			</tbody>
		</table>
	</div>
</section>
