<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { schools, type School } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import { bandParts, days } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { capital, nitrogenWords } from '$lib/format/words';
	import type { ReckonedPlan } from './reckoning';
	/** The schools against each other for this very char: what each takes, feeds, and when it is ready. */
	let {
		plans,
		value = $bindable(''),
		error = '',
		almanac,
		system
	}: {
		/** By school; none while something can't be read. */
		plans: ReadonlyMap<string, ReckonedPlan | undefined>;
		value?: string;
		error?: string | undefined;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const to = $derived(almanac.now_ms + days(90));
	const ready = ({ window }: ReckonedPlan) =>
		window.usable_ms === null
			? 'too cold to cure'
			: `earliest ${sayDay(window.usable_ms, almanac)}`;
	const takes = ({ charge, partner, school }: ReckonedPlan) =>
		said`${slipped(say(charge.partner.value, 'L', system), partnerIn(school))} of ${materialOf(partner).name}${charge.water.value >= 0.5 ? said`, ${slipped(say(charge.water.value, 'L', system), waterIn(school))} of rain water` : ''}`;
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

<fieldset>
	<legend class="mb-2 font-slab text-xl">Which school, for this char</legend>
	<div class="grid gap-3 sm:grid-cols-2">
		{#each schools as school (school.id)}
			{@const plan = plans.get(school.id)}
			<label
				class="block cursor-pointer border-2 border-base-content/60 bg-base-200 p-3 has-checked:border-base-content has-checked:ring-2 has-checked:ring-base-content has-focus-visible:outline-3"
			>
				<span class="flex min-h-8 items-center gap-3 text-lg font-semibold">
					<input type="radio" class="radio" name="school" value={school.id} bind:group={value} />
					{capital(school.name)}
				</span>
				{#if plan}
					<span class="mt-1 block"><Say sentence={takes(plan)} /></span>
					<span class="mt-1 block text-sm"
						><Say
							sentence={[
								slipped(joined(show(plan.charge.nitrogen.perKg, system)), nitrogenIn(school))
							]}
						/> mineral N: {nitrogenWords[plan.charge.nitrogen.verdict]}</span
					>
					<span class="mt-2 block"
						><RipeningBand
							parts={bandParts(plan.window, almanac.now_ms, to)}
							from={almanac.now_ms}
							{to}
							now={almanac.now_ms}
						/></span
					>
					<span class="flex justify-between text-sm"
						><span>{ready(plan)}</span><span class="quiet">{sayDay(to, almanac)}</span></span
					>
				{:else}<span class="quiet mt-1 block text-sm">{school.source}.</span>{/if}
			</label>
		{/each}
	</div>
	{#if error}<p class="mt-1 font-semibold text-error">{error}</p>{/if}
</fieldset>
{#each slips as note (note.label)}<SlipNote slip={note} />{/each}
