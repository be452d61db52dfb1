<script lang="ts">
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { spreadFigures } from '$lib/core/beds';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { ownWords } from '$lib/format/words';
	import type { PageData } from './$types';
	/** What this bed has had, newest first. Char does not go away, so neither does the list. */
	let {
		spreads,
		earlier,
		href,
		almanac,
		system
	}: {
		spreads: PageData['spreads'];
		/** How many there are before those. */
		earlier: number;
		/** Where all of them stand. */
		href: string;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
</script>

<h2 class="mb-2 border-b-2 border-base-content text-lg">So far</h2>
{#if spreads.length === 0}<p class="quiet">Nothing has gone on this bed yet.</p>{/if}
<ul class="mb-6">
	{#each spreads as spread (spread.actId)}
		<li class="">
			<span class="quiet">{sayDay(spread.at_ms, almanac)}</span>
			{#if spread.lotCode}<a
					class="inline-block min-h-11 content-center font-semibold underline"
					href="/ledger/lot/{spread.lotCode}">{spread.lotCode}</a
				>{/if}
			{say(spread.mix_l, 'L', system)}{#if spread.char_l > 0}{@const { char, kg } =
					spreadFigures(spread)}: <Sourced
					slip={slip(`Char from ${spread.lotCode}`, char, system)}
				/>
				char, <Sourced slip={slip(`Dry char from ${spread.lotCode}`, kg, system)} />
				dry{:else}&nbsp;of {ownWords[spread.lotName] ?? spread.lotName}{/if}{spread.reason
				? `. ${spread.reason}`
				: ''}
		</li>
	{/each}
	{#if earlier > 0}<li class="">
			<a class="inline-block min-h-11 content-center underline" {href}>and {earlier} before</a>
		</li>{/if}
</ul>
