<script lang="ts">
	import Dialog from '$lib/components/shell/Dialog.svelte';
	import { path } from '$lib/components/shell/path';
	/** The keys of this program; they can be switched off in Settings. */
	let { open = $bindable(false) }: { open?: boolean } = $props();
	const keys = [
		['l', 'log one line'],
		['/', 'search by code or name'],
		[
			`g then ${path.map(({ key }) => key).join(', ')}`,
			`go to ${path.map(({ name }) => name).join(', ')}`
		],
		['?', 'these keys'],
		['Esc', 'leave a dialog']
	] as const;
</script>

<Dialog bind:open label="Keys" size="m-auto max-w-md">
	<h2 class="mb-3 text-xl">Keys</h2>
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
</Dialog>
