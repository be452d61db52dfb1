<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { schools, type School } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import { bandParts, days } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { bestMeasure, inMeasures, joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { groundOfSource } from '$lib/core/evidence';
	import { evidenceWords } from '$lib/format/evidence-words';
	import { schoolWords } from '$lib/format/charge-words';
	import { capital, nitrogenWords } from '$lib/format/words';
	import type { ReckonedPlan } from './reckoning';
	/** The schools against each other for this very char: what each takes, feeds, and when it is ready. */
	let {
		plans,
		isStale = false,
		value = $bindable(''),
		error = '',
		needed_ms,
		measures,
		almanac,
		system
	}: {
		/** By school; none while something can't be read. */
		plans: ReadonlyMap<string, ReckonedPlan | undefined>;
		/** Those that are not chosen are of what was typed before. */
		isStale?: boolean;
		value?: string;
		error?: string | undefined;
		/** The day by which it is wanted. */
		needed_ms?: number | undefined;
		measures: readonly { readonly name: string; readonly litres: number }[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const to = $derived(almanac.now_ms + days(90));
	const ready = ({ window, school }: ReckonedPlan) =>
		window.usable_ms === null
			? 'too cold to cure'
			: school.kind === 'bed'
				? 'after a season'
				: `earliest ${sayDay(window.usable_ms, almanac)}`;
	const inTime = ({ window }: ReckonedPlan) =>
		needed_ms === undefined || (window.usable_ms !== null && window.usable_ms <= needed_ms);
	const takes = ({ charge, partner, school }: ReckonedPlan) =>
		said`${slipped(say(charge.partner.value, 'L', system), partnerIn(school))} of ${materialOf(partner).name}${carried(charge.partner.value)}${charge.extras.map(({ composition, litres }) => `, ${say(litres, 'L', system)} of ${materialOf(composition.material).name}`).join('')}${charge.water.value >= 0.5 ? said`, ${slipped(say(charge.water.value, 'L', system), waterIn(school))} of rain water` : ''}`;
	/** What of it is in stock, and what is not. */
	const lacks = ({ partnerLeft }: ReckonedPlan) =>
		partnerLeft !== undefined && partnerLeft < -0.05
			? `short by ${say(-partnerLeft, 'L', system)}`
			: '';
	/** Those that are ready by the day it is wanted first, then as they stand. */
	const inOrder = $derived(
		needed_ms === undefined
			? schools
			: [...schools].sort((a, b) => Number(isLate(a.id)) - Number(isLate(b.id)))
	);
	const isLate = (id: string) => {
		const plan = plans.get(id);
		return plan !== undefined && !inTime(plan);
	};
	/** N, P and K that it offers. */
	const offers = ({ nutrients }: ReckonedPlan) =>
		nutrients
			.filter(({ offered }) => offered >= 0.05)
			.map(({ of, offered, drained, air }) => {
				const weight = (amount: number) => say(amount, 'g', system);
				const kept = offered - drained - air;
				return `${weight(offered)} ${of}${kept < offered - 0.05 ? `, of which ${weight(kept)} stay` : ''}`;
			})
			.join('; ');
	const carried = (litres: number) => {
		const measure = bestMeasure(litres, measures);
		return measure ? ` (${inMeasures(litres, measure)})` : '';
	};
	const partnerIn = ({ name }: School) => `Partner, ${name}`;
	const waterIn = ({ name }: School) => `Rain water, ${name}`;
	const nitrogenIn = ({ name }: School) => `Mineral N, ${name}`;
	/** Outside the cards: a tap on what a slip says must not choose a school. */
	const slips = $derived(
		[...plans.values()].flatMap((plan) =>
			plan
				? [
						slip(partnerIn(plan.school), plan.charge.partner, system),
						slip(waterIn(plan.school), plan.charge.water, system),
						slip(nitrogenIn(plan.school), plan.charge.nitrogen.perKg, system)
					]
				: []
		)
	);
</script>

<fieldset aria-busy={isStale}>
	<legend class="mb-2 font-slab text-xl">Which school, for this char</legend>
	<div class="grid gap-2">
		{#each inOrder as school (school.id)}
			{@const plan = plans.get(school.id)}
			<label class="choice-card">
				<span>
					<span class="flex min-h-8 items-center gap-3 font-semibold">
						<input type="radio" class="radio" name="school" value={school.id} bind:group={value} />
						{capital(school.name)}
					</span>
					<span class="block text-sm"
						>{#if school.id === value}{schoolWords[school.id].how}{/if}
						{#if plan && school.kind !== 'bed'}<Say sentence={takes(plan)} />{#if lacks(plan)}, <strong
									class="text-error">{lacks(plan)}</strong
								>{/if}; <Say
								sentence={[
									slipped(joined(show(plan.charge.nitrogen.perKg, system)), nitrogenIn(school))
								]}
							/> mineral N: {nitrogenWords[plan.charge.nitrogen.verdict]}{offers(plan)
								? `; all of it brings ${offers(plan)}`
								: ''}.{/if}
						<span class="quiet {school.id === value ? '' : 'max-sm:hidden'}"
							>Work: {schoolWords[school.id].work}. Its ground: {evidenceWords[
								groundOfSource(school.source)
							]}.</span
						></span
					>
				</span>
				{#if plan}<span class="mt-1 block sm:mt-0">
						<RipeningBand
							parts={bandParts(plan.window, almanac.now_ms, to)}
							from={almanac.now_ms}
							{to}
							now={almanac.now_ms}
						/>
						<span class="flex justify-between text-sm"
							><span class={inTime(plan) ? 'font-semibold' : 'quiet line-through'}
								>{ready(plan)}</span
							><span class="quiet">{sayDay(to, almanac)}</span></span
						>
					</span>{/if}
			</label>
		{/each}
	</div>
	{#if error}<p class="mt-1 font-semibold text-error">{error}</p>{/if}
</fieldset>
{#each slips as note (note.label)}<SlipNote slip={note} />{/each}
