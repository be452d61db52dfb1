<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import { oxide } from '$lib/core/mixes';
	import { sayDay } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { useWords } from '$lib/format/mix-words';
	import { money } from '$lib/format/money';
	import { mixesAnswer } from './answer';
	let { data } = $props();
	const oxides = ([n = 0, p = 0, k = 0]: readonly number[]) =>
		[n, p * oxide.phosphorus, k * oxide.potassium].map((one) => plain(one * 100, 1)).join('–');
</script>

<Answer title="Mixes" answer={mixesAnswer(data.n, data.low)}>
	{#snippet reason()}
		<p>
			A mix is a lot: what went into it is in it, and goes with every measure of it onto beds and
			into pots.
		</p>
		<p class="mt-3 flex flex-wrap gap-3">
			<a class="btn min-h-12 text-base btn-primary" href="/mixes/plan">How much of each?</a>
			<a class="btn min-h-12 btn-outline text-base" href="/mixes/pots">For so many pots</a>
			<a class="btn min-h-12 btn-outline text-base" href="/fate">What becomes of this?</a>
		</p>
	{/snippet}
</Answer>

<ul class="max-w-3xl">
	{#each data.lines as line (line.code)}
		<li class="thing-row grid min-h-16 grid-cols-[1fr_auto] items-center gap-x-6 gap-y-1 py-2">
			<span>
				<a class="row-link font-semibold" href="/mixes/{line.code}">{line.name}</a>
				{line.code}, {useWords[line.use]}
				<span class="quiet block text-sm"
					>{line.use === 'feed'
						? `${oxides(line.analysis)} N–P₂O₅–K₂O`
						: `mixed ${sayDay(line.broughtAt_ms, data.almanac)}`}</span
				>
			</span>
			<span class="text-right">
				<strong class="block">{say(line.left_l, 'L', data.system)} left</strong>
				<span class="quiet text-sm">of {say(line.made_l, 'L', data.system)}</span>
			</span>
		</li>
	{/each}
</ul>
<Pager
	page={data.page}
	pages={data.pages}
	label="More mixes"
	href={(page) => `/mixes?page=${page}`}
/>

{#if data.seasons.length > 0}
	<h2 class="mt-8 mb-1 text-xl">What was bought</h2>
	<table class="ledger-table max-w-xl">
		<thead
			><tr
				><th>Season</th><th class="num">Bags</th><th class="num">Spent</th><th class="num"
					>Own stuff instead</th
				></tr
			></thead
		>
		<tbody>
			{#each data.seasons as one (one.year)}<tr>
					<td>{one.year}</td>
					<td class="num">{one.bags}</td>
					<td class="num whitespace-nowrap">{money(one.spent, data.currency)}</td>
					<td class="num whitespace-nowrap"
						>{one.spared > 0 ? money(one.spared, data.currency) : 'no price known'}</td
					>
				</tr>{/each}
		</tbody>
	</table>
	<p class="quiet max-w-prose text-sm">
		Own stuff that went into mixes, at what a bag of the same last cost; what no bag ever had a
		price for is not counted.
	</p>
{/if}
