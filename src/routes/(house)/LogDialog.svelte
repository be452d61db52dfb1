<script lang="ts">
	import Dialog from '$lib/components/shell/Dialog.svelte';
	import LineEntry from './LineEntry.svelte';
	/** The one-line log over whatever page is open. */
	let { open = $bindable(false), actId }: { open?: boolean; actId: string } = $props();
	const first = $derived({
		actId,
		of: '',
		view: { status: 'empty' as const, head: '', text: '', ways: [] }
	});
</script>

<Dialog bind:open label="One-line log" size="m-0 mx-auto max-w-2xl sm:mt-16">
	<LineEntry {first} focused />
	<p class="mt-4 flex justify-between">
		<a
			class="inline-flex min-h-11 items-center underline"
			href="/log"
			onclick={() => (open = false)}>What a line can say</a
		>
		<button class="btn min-h-11 btn-ghost" onclick={() => (open = false)}>Close</button>
	</p>
</Dialog>
