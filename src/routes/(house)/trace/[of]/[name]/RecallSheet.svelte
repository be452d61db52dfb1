<script lang="ts">
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { pathOf } from '$lib/format/paths';
	import { recallAnswer } from './answer';
	import type { PageData } from './$types';
	/** If a lot turns out to be bad: every bed and date it reached, and what still lies in the yard. */
	let {
		name,
		recall,
		almanac,
		system
	}: {
		name: string;
		recall: NonNullable<PageData['recall']>;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
</script>

<section class="mt-8">
	<h2 class="text-xl">
		If {name} turns out to be bad: {recallAnswer(recall.spreads, recall.inStock)}
	</h2>
	<p class="quiet mb-2 print:hidden">
		Print this page for a recall sheet. Quarantining {name} holds everything below that is still in stock.
	</p>
	{#if recall.spreads.length > 0}
		<div class="overflow-x-auto">
			<table class="ledger-table">
				<thead
					><tr
						><th>Bed</th><th>Date</th><th>Lot</th><th class="num">Spread</th><th class="num"
							>Char, dry</th
						><th>By</th></tr
					></thead
				>
				<tbody>
					{#each recall.spreads as spread, i (i)}
						<tr>
							<td
								><a
									class="inline-block min-h-11 content-center underline"
									href={pathOf('bed', spread.bed)}>{spread.bed}</a
								></td
							>
							<td class="whitespace-nowrap">{sayDay(spread.at_ms, almanac)}</td>
							<td>{spread.lot}</td>
							<td class="num">{say(spread.litres, 'L', system)}</td>
							<td class="num">{say(spread.kgChar, 'kg', system)}</td>
							<td>{spread.person}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
	{#if recall.inStock.length > 0}
		<h3 class="mt-4 mb-1 text-lg">Still in the yard</h3>
		<ul>
			{#each recall.inStock as lot (lot.code)}
				<li class="flex max-w-md justify-between gap-4 border-b border-base-300 py-2">
					<span
						><a
							class="inline-block min-h-11 content-center underline"
							href={pathOf(lot.kind, lot.code)}>{lot.code}</a
						>
						{lot.name}</span
					><strong>{say(lot.litres, 'L', system)}</strong>
				</li>
			{/each}
		</ul>
	{/if}
</section>
