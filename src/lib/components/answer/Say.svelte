<script lang="ts">
	import { unbroken } from '$lib/format/figure';
	import { slipId, withStops, type Sentence, type Stopped } from '$lib/format/sentence';
	/** A sentence; a tap on one of its figures shows where it comes from. */
	let { sentence }: { sentence: Sentence | string } = $props();
	const parts = $derived(typeof sentence === 'string' ? [sentence] : withStops(sentence));
</script>

{#snippet tap(part: Stopped)}{#if part.href}<a class="sourced" href={part.href}
			>{unbroken(part.text)}</a
		>{:else}<button type="button" class="sourced" popovertarget={slipId(part.slip ?? '')}
			>{unbroken(part.text)}</button
		>{/if}{/snippet}

{#each parts as part, i (i)}{#if typeof part === 'string'}{unbroken(
			part
		)}{:else if part.stops === ''}{@render tap(part)}{:else}<span class="whitespace-nowrap"
			>{@render tap(part)}{part.stops}</span
		>{/if}{/each}
