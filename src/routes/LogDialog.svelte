<script lang="ts">
	import LineEntry from './log/LineEntry.svelte';
	/** The one-line log over whatever page is open; Escape leaves it. */
	let { open = $bindable(false), actId }: { open?: boolean; actId: string } = $props();
	let dialog = $state<HTMLDialogElement>();
	const first = $derived({
		actId,
		view: { status: 'empty' as const, head: '', text: '', ways: [] }
	});
	$effect(() => {
		if (open) dialog?.showModal();
		else dialog?.close();
	});
</script>

<dialog
	bind:this={dialog}
	onclose={() => (open = false)}
	aria-label="One-line log"
	class="m-0 mx-auto w-full max-w-2xl bg-base-100 p-5 text-base-content shadow-2xl backdrop:bg-black/50 sm:mt-16 sm:rounded-box"
>
	{#if open}
		<LineEntry {first} focused />
		<p class="mt-4 flex justify-between">
			<a
				class="inline-flex min-h-11 items-center underline"
				href="/log"
				onclick={() => (open = false)}>What a line can say</a
			>
			<button class="btn min-h-11 btn-ghost" onclick={() => (open = false)}>Close</button>
		</p>
	{/if}
</dialog>
