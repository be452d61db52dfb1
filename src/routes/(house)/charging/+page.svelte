<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { reaches } from '$lib/core/fires';
	import { say } from '$lib/format/figure';
	import ChargeCard from './ChargeCard.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	let { data } = $props();
	const isFree = (lot: (typeof data.raw.rows)[number]) => reaches(lot.proof, 'once');
</script>

<Answer title="Charging" answer={data.answer}>
	{#snippet reason()}
		<p>
			Raw char takes its fill of water and nitrogen from the bed. Filled first, and cured, it gives
			instead.
		</p>
		<p class="mt-3">
			{#if data.raw.n}<a class="btn min-h-12 text-base btn-primary" href="/charging/plan"
					>Plan a charge</a
				>
			{:else}<a class="btn min-h-12 text-base btn-primary" href="/fires/plan">Plan a burn</a>{/if}
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		<ul class="grid content-start gap-x-8 gap-y-6 sm:grid-cols-2">
			{#each data.charges.rows as line (line.charge.code)}<li>
					<ChargeCard {line} almanac={data.almanac} system={data.system} />
				</li>{/each}
		</ul>
		<Pager
			page={data.charges.page}
			pages={data.charges.pages}
			label="More charges"
			href={(page) => `/charging?page=${page}`}
			before="Newer charges"
			after="Older charges"
		/>
	</div>
	<aside>
		<p class="mb-4">
			<a class="inline-block min-h-11 content-center underline" href="/stock"
				>Stock: compost, manure, ash and what else is at hand</a
			>
		</p>
		{#if data.raw.n}
			<h2 class="mb-2 border-b-2 border-base-content text-lg">Raw char</h2>
			<ul>
				{#each data.raw.rows as lot (lot.code)}
					<li class="py-1">
						<a
							class="inline-block min-h-11 content-center font-semibold underline"
							href="/char/{lot.code}">{lot.code}</a
						>
						{say(lot.charLitresLeft, 'L', data.system)}
						<span class="text-sm {isFree(lot) ? 'quiet' : 'text-error'}"
							>{isFree(lot) ? lot.name : 'fire not proven out'}</span
						>
					</li>
				{/each}
			</ul>
			<Pager
				page={data.raw.page}
				pages={data.raw.pages}
				label="More raw char"
				href={(page) => `/charging?raw=${page}`}
				before="Back"
				after="More raw char"
			/>
		{/if}
	</aside>
</div>
