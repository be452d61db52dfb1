<script lang="ts">
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { bandParts } from '$lib/core/time';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import type { ReckonedPlan } from './reckoning';
	/** When a charge set going now may be used, is best and fades. */
	let { plan, almanac }: { plan: ReckonedPlan; almanac: Almanac } = $props();
	const shownDays = $derived(Math.min(90, plan.school.days.past + 7));
	const to = $derived(almanac.now_ms + shownDays * 86_400_000);
</script>

<h2 class="mt-6 mb-1 text-lg">When it cures</h2>
<RipeningBand
	parts={bandParts(plan.window, almanac.now_ms, to)}
	from={almanac.now_ms}
	{to}
	now={almanac.now_ms}
	words
/>
<dl class="text-sm">
	<dt class="quiet">Earliest</dt>
	<dd>
		{plan.window.usable_ms === null ? 'not at this warmth' : sayDay(plan.window.usable_ms, almanac)}
	</dd>
	<dt class="quiet">At its best from</dt>
	<dd>
		{plan.window.best_ms === null ? 'not at this warmth' : sayDay(plan.window.best_ms, almanac)}
	</dd>
	<dt class="quiet">Fading from</dt>
	<dd>
		{plan.window.fading_ms === null ? '–' : sayDay(plan.window.fading_ms, almanac)}
	</dd>
</dl>
<p class="quiet mt-2 text-sm">{plan.school.source}.</p>
