<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import RangeBars from '$lib/components/year/RangeBars.svelte';
	import YearLinks from '$lib/components/year/YearLinks.svelte';
	import { capital } from '$lib/format/words';
	import { worthAnswer } from './answer';
	import Entries from './Entries.svelte';
	import Judged from './Judged.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const [dearest] = $derived(data.byWay.filter(({ isBad }) => isBad));
	const [worst] = $derived(data.byStuff.filter(({ isBad }) => isBad));
	const longest = $derived(data.bars.toSorted((a, b) => b.value - a.value)[0]);
</script>

<Answer
	title="Hours and worth"
	answer={worthAnswer(data)}
	crumbs={[{ label: 'Season', href: '/season' }]}
>
	{#snippet reason()}
		{#if longest}<p>
				Most of it was {longest.name}: {longest.says} of all heads together.
				{#if worst}<strong>{capital(worst.name)}: not worth the work.</strong>{/if}
				{#if dearest}<strong>{capital(dearest.name)}: not worth the work.</strong>{/if}
				{#if data.told.toldOf.fires < data.told.toldOf.of}Hours are told of {data.told.toldOf.fires} of
					{data.told.toldOf.of} fires; a litre goes by those.{/if}
				{#if data.told.isGuessed}Where a share of a day was guessed, a figure is a range.{/if}
			</p>{:else}<p>
				Tell minutes with any act under “When, how long, or a note”, by a line of the log, or share
				a day out here.
			</p>{/if}
	{/snippet}
</Answer>

<YearLinks years={data.years} year={data.year} path="/worth" />
<div class="sheet">
	<div class="min-w-0">
		{#if data.bars.length > 0}
			<h2 class="mb-2 text-xl">Where the hours went</h2>
			<RangeBars rows={data.bars} label="Hours of all heads by stage" />
			{#each data.each as { what, says } (what)}<p class="mb-1">
					<strong>{says}</strong>
					{what}
				</p>{/each}
		{/if}
		<Judged title="By stuff" rows={data.byStuff} />
		<Judged title="By way" rows={data.byWay} />
		{#if data.spared.length > 0}
			<h2 class="mt-6 mb-2 text-xl">What it stood in for</h2>
			<ul class="mb-4">
				{#each data.spared as { what, each, spared } (what)}<li
						class="border-b border-base-300 py-2"
					>
						{what} at {each}: <strong>{spared}</strong>
					</li>{/each}
			</ul>
		{/if}
		{#if data.overYears.length > 0}
			<h2 class="mt-6 mb-2 text-xl">Over the years</h2>
			<div class="overflow-x-auto">
				<table class="w-full max-w-xl text-left">
					<thead>
						<tr
							><th class="py-2">Year</th><th class="num">Hours</th><th class="num">Cash out</th><th
								class="num">Purchases spared</th
							></tr
						>
					</thead>
					<tbody>
						{#each data.overYears as one (one.year)}<tr class="border-t border-base-300">
								<td class="py-2">{one.year}</td><td class="num">{one.hours}</td><td class="num"
									>{one.cash}</td
								><td class="num">{one.spared}</td>
							</tr>{/each}
					</tbody>
				</table>
			</div>
			<p class="quiet mt-2 text-sm">
				Spared: what was made or put on, at the prices you told. Hours are your own, by the clock or
				as a share of a day; none is guessed for you.{#if data.guess}
					Most of the doubt is {data.guess}: time it once.{/if}
			</p>
		{/if}
	</div>
	<aside class="min-w-0"><Entries {data} {form} /></aside>
</div>
