<script lang="ts">
	import { figurePath, type Figured } from '$lib/format/paths';
	import type { Snippet } from 'svelte';
	/**
	 * A figure in a row or a sentence that shows, on one tap, where it comes from. What stands behind
	 * it is fetched then; without script it is a page of its own.
	 */
	let {
		of,
		name,
		figure,
		children
	}: {
		of: Figured;
		/** Code or name of the thing. */
		name: string;
		/** Which of its figures. */
		figure: string;
		children: Snippet;
	} = $props();
</script>

<a class="sourced" href={figurePath(of, name, figure)}>{@render children()}</a>
