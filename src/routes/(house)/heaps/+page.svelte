<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import { sayDay } from '$lib/format/dates';
	import { say, sayRange } from '$lib/format/figure';
	import { heapStateWords, wayWords } from '$lib/format/heap-words';
	let { data } = $props();
	const isPressing = (state: string) => ['wants', 'forgotten', 'look'].includes(state);
</script>

<Answer title="Heaps" answer={data.answer}>
	{#snippet reason()}
		<p>
			Slow batches want little, at the right time; most are forgotten, and all of them come to about
			half of what went in.
		</p>
		<p class="mt-3 flex flex-wrap gap-3">
			{#if data.n > 0}<a class="btn min-h-12 text-base btn-primary" href="/heaps/round"
					>Walk the corners</a
				>{/if}
			<a
				class="btn min-h-12 text-base {data.n > 0 ? 'btn-outline' : 'btn-primary'}"
				href="/heaps/plan">What would this come to?</a
			>
		</p>
	{/snippet}
</Answer>

<ul>
	{#each data.lines as line (line.code)}
		<li
			class="thing-row grid min-h-16 grid-cols-[1fr_auto] items-center gap-x-6 gap-y-1 py-2 sm:grid-cols-[1fr_12rem_8rem]"
		>
			<span>
				<a class="row-link font-semibold" href="/heaps/{line.code}">{line.name}</a>
				{line.code}, {wayWords[line.way]}
				<span class="block text-sm">{line.says}</span>
			</span>
			<span class="order-3 col-span-2 text-sm sm:order-none sm:col-span-1"
				>{say(line.laid_l, 'L', data.system)} laid<span class="quiet block"
					>gives {sayRange({ ...line.gives_l, unit: 'L' }, data.system)}</span
				></span
			>
			<span class="text-right">
				<strong class="block {isPressing(line.state) ? 'text-error' : ''}"
					>{heapStateWords[line.state]}</strong
				>
				<span class="quiet text-sm">seen {sayDay(line.seen_ms, data.almanac)}</span>
			</span>
		</li>
	{/each}
</ul>
<Pager
	page={data.page}
	pages={data.pages}
	label="More heaps"
	href={(page) => `/heaps?page=${page}`}
/>
