<script lang="ts">
	import { figurePath } from '$lib/format/paths';
	import type { Snippet } from 'svelte';
	/** A limit or a starting value in a sentence: a tap tells its source. */
	let {
		room,
		figure,
		children
	}: {
		/** As `rules` groups them. */
		room: string;
		figure: string;
		children: Snippet;
	} = $props();
</script>

<a class="sourced" href={figurePath('rule', room, figure)}>{@render children()}</a>
