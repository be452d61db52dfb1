<script lang="ts">
	import type { Snippet } from 'svelte';
	import { openingHere, whenOpened } from './folds';
	/**
	 * A line that opens. What lies behind it is only made once it is opened; without script a link beneath the line
	 * asks for the page with it open.
	 */
	let {
		name,
		label,
		open = false,
		class: kind = '',
		line = '',
		children
	}: {
		/** Its own on its page. */
		name: string;
		label: string;
		/** Something in it was sent and refused, or asked for. */
		open?: boolean;
		class?: string;
		/** Of the line itself. */
		line?: string;
		children: Snippet;
	} = $props();
	const { opened, hrefOf } = openingHere();
	const isAsked = $derived(opened() === name);
	let wasOpened = $state(false);
	const isMade = $derived(open || isAsked || wasOpened);
</script>

<details
	id={name}
	class={kind}
	open={open || isAsked}
	{@attach whenOpened(() => (wasOpened = true))}
>
	<summary class="min-h-11 cursor-pointer content-center underline {line}">{label}</summary>
	{#if isMade}
		{@render children()}
	{:else}
		<a class="inline-block min-h-11 content-center underline" href={hrefOf(name)}>Open it</a>
	{/if}
</details>
