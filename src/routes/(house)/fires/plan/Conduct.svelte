<script lang="ts">
	import Fold from '$lib/components/entry/Fold.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import { minutes, momentOf } from '$lib/core/time';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { plain } from '$lib/format/figure';
	import { list } from '$lib/format/words';
	import { roleWords, wayPlans } from '$lib/format/way-words';
	import { woodClasses } from '$lib/core/woodyard';
	import type { System } from '$lib/core/units';
	import { slip } from '$lib/format/slip';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import type { ReckonedPlan } from './reckoning';
	/** How this way goes, how long, who does what, and the latest match before dusk. */
	let {
		plan,
		sunsets,
		plannedFor = '',
		almanac,
		system
	}: {
		plan: ReckonedPlan;
		/** Of the days from today on, in turn. */
		sunsets: readonly number[];
		/** As typed. */
		plannedFor?: string | undefined;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const way = $derived(wayPlans[plan.vessel.way]);
	const says = $derived(woodClasses.find(({ id }) => id === plan.wood)?.says);
	/** Quenched, and looked at once, by sunset. */
	const firstLook = 30;
	const for_ms = $derived(momentOf(plannedFor, almanac.timeZone) ?? almanac.now_ms);
	/** The first sunset after it; beyond the days that are known, the last of them. */
	const sunset_ms = $derived(sunsets.find((at) => at > for_ms) ?? sunsets.at(-1) ?? for_ms);
	const latest_ms = $derived(sunset_ms - minutes(plan.minutes.high + firstLook));
</script>

<section class="mt-6">
	<h2 class="mb-2 text-xl">How it goes</h2>
	<p class="mb-2 max-w-prose">
		{plain(plan.minutes.low, 0)} to {plain(plan.minutes.high, 0)} minutes from the match to the quench;
		with sunset {sayMoment(sunset_ms, almanac)} it is lit by
		<strong>{sayMoment(latest_ms, almanac)}</strong> at the latest. {plan.roles.length === 1
			? 'One person with a bucket can do it.'
			: `It takes ${plan.roles.length} people: ${list(plan.roles.map((role) => roleWords[role]))}. Alone it is too big.`}
	</p>
	{#if plan.layers}<div class="mb-2">
			In thin layers that is <Sourced slip={slip('Layers', plan.layers, system)} /> of them, one every
			{plain(plan.minutes.value / plan.layers.value, 0)} minutes or so; the glow, not the clock, says
			when.
		</div>{/if}
	<Fold name="conduct" label="How it is laid, lit, watched and stopped">
		<dl class="grid max-w-prose grid-cols-[6rem_1fr] gap-y-2">
			<dt class="quiet">Load</dt>
			<dd>{way.load}</dd>
			<dt class="quiet">Foot</dt>
			<dd>{way.foot}</dd>
			<dt class="quiet">Light</dt>
			<dd>{way.light}</dd>
			<dt class="quiet">Watch</dt>
			<dd>
				<ul>
					{#each way.watch as cue (cue)}<li class="mb-1">{cue}</li>{/each}
				</ul>
			</dd>
			<dt class="quiet">Stop</dt>
			<dd>{way.stop}</dd>
			{#if way.schools}<dt class="quiet">Schools</dt>
				<dd>{way.schools}</dd>{/if}
		</dl>
	</Fold>
	<Caution>{way.caution} {says ?? ''}</Caution>
</section>
