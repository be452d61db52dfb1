<script lang="ts">
	import { list } from '$lib/format/words';
	import { typingHere } from './typing.svelte';
	/** Without script a page reckons when it is asked to; it says there what it could not read. */
	const typing = typingHere();
	// The fields stand above it and have been read before it is written.
	const unread = [...(typing?.unread.values() ?? [])];
</script>

<noscript>
	{#if unread.length > 0}<p class="mt-4 font-semibold text-error" role="alert">
			{list(unread.map((label) => `“${label}”`))} can’t be read: the figures above are without it.
		</p>{/if}
	<button class="btn mt-4 min-h-12 btn-neutral">Work it out</button>
</noscript>
