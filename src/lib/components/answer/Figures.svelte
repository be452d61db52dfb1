<script lang="ts">
	import type { Slip } from '$lib/format/slip';
	import Sourced from './Sourced.svelte';
	/**
	 * The figures behind an answer: the two or three it turns on large, the rest in a line each; a tap on one
	 * shows its inputs and their sources.
	 */
	let {
		slips,
		large = 3
	}: {
		slips: readonly Slip[];
		/** How many of them, from the first, the answer turns on. */
		large?: number;
	} = $props();
	const heroes = $derived(slips.slice(0, large));
	const others = $derived(slips.slice(large));
</script>

<dl class="mb-4 flex flex-wrap gap-x-8 gap-y-3">
	{#each heroes as slip (slip.label)}
		<div>
			<dt class="quiet text-sm">{slip.label}</dt>
			<dd><Sourced {slip} hero /></dd>
		</div>
	{/each}
</dl>
{#if others.length > 0}
	<dl class="mb-6 grid max-w-2xl gap-x-8 sm:grid-cols-2">
		{#each others as slip (slip.label)}
			<div class="flex items-baseline justify-between gap-3 border-b border-base-300 py-1">
				<dt class="quiet text-sm">{slip.label}</dt>
				<dd class="text-right"><Sourced {slip} named /></dd>
			</div>
		{/each}
	</dl>
{/if}
