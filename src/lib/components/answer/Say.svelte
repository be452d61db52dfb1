<script lang="ts">
	import { unbroken } from '$lib/format/figure';
	import { slipId, type Sentence } from '$lib/format/sentence';
	/** A sentence; a tap on one of its figures shows where it comes from. */
	let { sentence }: { sentence: Sentence | string } = $props();
	const parts = $derived(typeof sentence === 'string' ? [sentence] : sentence);
</script>

{#each parts as part, i (i)}{#if typeof part === 'string'}{unbroken(part)}{:else if part.href}<a
			class="sourced"
			href={part.href}>{unbroken(part.text)}</a
		>{:else}<button type="button" class="sourced" popovertarget={slipId(part.slip ?? '')}
			>{unbroken(part.text)}</button
		>{/if}{/each}
