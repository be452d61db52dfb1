<script lang="ts">
	import type { Snippet } from 'svelte';
	/** Something over the page for a moment; Escape and its own buttons leave it. */
	let {
		open = $bindable(false),
		label,
		size,
		children
	}: {
		open?: boolean;
		/** What it is, for who cannot see it. */
		label: string;
		/** Where it stands and how wide it may be. */
		size: string;
		/** Drawn while it is open only. */
		children: Snippet;
	} = $props();
	let dialog = $state<HTMLDialogElement>();
	$effect(() => {
		if (open) dialog?.showModal();
		else dialog?.close();
	});
</script>

<dialog
	bind:this={dialog}
	onclose={() => (open = false)}
	aria-label={label}
	class="{size} w-full bg-base-100 p-5 text-base-content shadow-2xl backdrop:bg-black/50 sm:rounded-box"
>
	{#if open}{@render children()}{/if}
</dialog>
