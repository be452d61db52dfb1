<script lang="ts">
	/** The keys of this program; they can be switched off in Settings. */
	let { open = $bindable(false) }: { open?: boolean } = $props();
	let dialog = $state<HTMLDialogElement>();
	const keys = [
		['l', 'log one line'],
		['/', 'search by code or name'],
		['g then t, w, f, c, b', 'go to Today, Woodyard, Fires, Charging, Beds'],
		['?', 'these keys'],
		['Esc', 'leave a dialog']
	] as const;
	$effect(() => {
		if (open) dialog?.showModal();
		else dialog?.close();
	});
</script>

<dialog
	bind:this={dialog}
	onclose={() => (open = false)}
	aria-labelledby="keys-title"
	class="m-auto w-full max-w-md bg-base-100 p-6 text-base-content shadow-2xl backdrop:bg-black/50 sm:rounded-box"
>
	<h2 id="keys-title" class="mb-3 text-xl">Keys</h2>
	<dl>
		{#each keys as [key, does] (key)}<div
				class="flex justify-between gap-6 border-b border-base-300 py-2"
			>
				<dt class="font-semibold">{key}</dt>
				<dd>{does}</dd>
			</div>{/each}
	</dl>
	<p class="mt-4 flex items-center justify-between">
		<a class="underline" href="/settings#keys" onclick={() => (open = false)}>Switch them off</a>
		<button class="btn min-h-11 btn-ghost" onclick={() => (open = false)}>Close</button>
	</p>
</dialog>
