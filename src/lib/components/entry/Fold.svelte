<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { openedHere } from './folds';
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
	const openedBy = openedHere();
	const isAsked = $derived(openedBy() === name);
	let fold = $state<HTMLDetailsElement>();
	let wasOpened = $state(false);
	const isMade = $derived(open || isAsked || wasOpened);
	const opened = () => {
		if (fold?.open) wasOpened = true;
	};
	// Opened before the script was there.
	onMount(opened);
</script>

<details id={name} class={kind} open={open || isAsked} bind:this={fold} ontoggle={opened}>
	<summary class="min-h-11 cursor-pointer content-center underline {line}">{label}</summary>
	{#if isMade}
		{@render children()}
	{:else}
		<a class="inline-block min-h-11 content-center underline" href="?open={name}#{name}"
			>Show the form</a
		>
	{/if}
</details>
