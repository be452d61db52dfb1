<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { reaches } from '$lib/core/fires';
	import { say } from '$lib/format/figure';
	import ChargeCard from './ChargeCard.svelte';
	import { chargingAnswer } from './answer';
	let { data } = $props();
	const isFree = (lot: (typeof data.raw)[number]) => reaches(lot.proof, 'once');
</script>

<Answer title="Charging" answer={chargingAnswer(data.charges, data.raw, data.system)}>
	{#snippet reason()}
		<p>
			Raw char takes its fill of water and nitrogen from the bed. Filled first, and cured, it gives
			instead.
		</p>
		<p class="mt-3">
			{#if data.raw.length}<a class="btn min-h-12 text-base btn-primary" href="/charging/plan"
					>Plan a charge</a
				>
			{:else}<a class="btn min-h-12 text-base btn-primary" href="/fires/plan">Plan a burn</a>{/if}
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<ul class="grid content-start gap-x-8 gap-y-6 sm:grid-cols-2">
		{#each data.charges as line (line.charge.code)}<li>
				<ChargeCard {line} almanac={data.almanac} system={data.system} />
			</li>{/each}
	</ul>
	<aside>
		<p class="mb-4">
			<a class="inline-block min-h-11 content-center underline" href="/stock"
				>Stock: compost, manure, ash and what else is at hand</a
			>
		</p>
		{#if data.raw.length}
			<h2 class="mb-2 border-b-2 border-base-content text-lg">Raw char</h2>
			<ul>
				{#each data.raw as lot (lot.code)}
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
		{/if}
	</aside>
</div>
