<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { cureDays } from '$lib/core/charging';
	import { bandParts, days } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { slip } from '$lib/format/slip';
	import { slipped } from '$lib/format/sentence';
	import type { ReckonedPlan } from './reckoning';
	/** When a charge set going now may be used, is best and fades. */
	let {
		plan,
		almanac,
		system
	}: { plan: ReckonedPlan; almanac: Almanac; system: System | undefined } = $props();
	const shownDays = $derived(Math.min(90, plan.school.days.past + 7));
	const to = $derived(almanac.now_ms + days(shownDays));
	const stages = [
		{ stage: 'usable', label: 'Earliest' },
		{ stage: 'best', label: 'At its best from' },
		{ stage: 'fading', label: 'Fading from' }
	] as const;
	const slips = $derived(
		stages.flatMap(({ stage, label }) => {
			const days = cureDays(plan.school.id, plan.temperature, stage);
			return days ? [slip(label, days, system)] : [];
		})
	);
</script>

<h2 class="mt-6 mb-1 text-lg">When it cures</h2>
<RipeningBand
	parts={bandParts(plan.window, almanac.now_ms, to)}
	from={almanac.now_ms}
	{to}
	now={almanac.now_ms}
	words
/>
{#each slips as note (note.label)}<SlipNote slip={note} />{/each}
<dl class="text-sm">
	{#each stages as { stage, label } (stage)}
		{@const at = plan.window[`${stage}_ms`]}
		<dt class="quiet">{label}</dt>
		<dd>
			{#if at === null}not at this warmth{:else}<Say
					sentence={[slipped(sayDay(at, almanac), label)]}
				/>{/if}
		</dd>
	{/each}
</dl>
<p class="quiet mt-2 text-sm">{plan.school.source}.</p>
