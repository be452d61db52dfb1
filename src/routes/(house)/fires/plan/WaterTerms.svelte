<script lang="ts">
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import type { BurnForecast } from '$lib/core/fires';
	import type { Estimate, System } from '$lib/core/units';
	import { show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	/** What the quench takes, term by term. */
	let { water, system }: { water: BurnForecast['water']; system: System | undefined } = $props();
	const terms = $derived([
		['boils off the heat', water.boilOff],
		['soaks into the char', water.soak],
		[water.runOff.basis, water.runOff],
		['the larger rules', water.need],
		['on site, half as much again', water.onSite]
	] as const);
	/** In a table the range stands for the figure. */
	const ranged = (term: Estimate) => {
		const { range, text } = show(term, system);
		return { text: range ?? text };
	};
</script>

<h2 class="mt-6 mb-1 text-lg">Water, term by term</h2>
<table class="ledger-table text-sm">
	<tbody>
		{#each terms as [words, term] (words)}
			<tr
				><td>{words}</td><td class="num"
					><Sourced slip={{ ...slip(words, term, system), ...ranged(term) }} /></td
				></tr
			>
		{/each}
	</tbody>
</table>
