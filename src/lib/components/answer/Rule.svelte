<script lang="ts">
	import FigureLink from './FigureLink.svelte';
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

<FigureLink of="rule" name={room} {figure}>{@render children()}</FigureLink>
