<script lang="ts">
	import { plain } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** The same of cures, heaps and brews: how long, how much, and what worked. */
	let { data }: { data: PageData } = $props();
	const span = (
		{ mean, low, high, n }: { mean: number; low?: number; high?: number; n: number },
		by: number,
		places: number
	) =>
		low === undefined || high === undefined
			? `${plain(mean * by, places)}, one alone`
			: `${plain(mean * by, places)} (${plain(Math.max(0, low) * by, places)} to ${plain(high * by, places)}, ${n})`;
</script>

{#if data.cures.of > 0}
	<h2 class="mb-2 text-xl">Cures: days until a test passed</h2>
	<ul class="mb-2">
		{#each data.cures.days as one (one.name)}<li class="border-b border-base-300 py-1">
				{one.name}: <strong>{span(one, 1, 0)}</strong>
			</li>{/each}
	</ul>
	<p class="quiet mb-6 text-sm">
		Of {data.cures.of} charges {data.cures.failed} failed a test and {data.cures.untested} had none.
	</p>
{/if}
{#if data.heaps.share.length > 0}
	<h2 class="mb-2 text-xl">Heaps: litres lifted of a hundred laid</h2>
	<ul class="mb-6">
		{#each data.heaps.share as one (one.name)}
			{@const after = data.heaps.days.find(({ name }) => name === one.name)}
			<li class="border-b border-base-300 py-1">
				{one.name}: <strong>{span(one, 100, 0)}</strong>{#if after}<span
						>, after {plain(after.mean, 0)} days</span
					>{/if}
			</li>{/each}
	</ul>
{/if}
{#if data.brews.length > 0}
	<h2 class="mb-2 text-xl">Brews: what became of them</h2>
	<ul class="mb-6">
		{#each data.brews as one (one.name)}<li class="border-b border-base-300 py-1">
				{one.name}: <strong>{one.used} of {one.n} put to use</strong>{#if one.thrown > 0}<span
						>, {one.thrown} thrown away</span
					>{/if}{#if one.doubted > 0}<span>, {one.doubted} doubted</span>{/if}
			</li>{/each}
	</ul>
{/if}
