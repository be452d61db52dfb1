<script lang="ts">
	import { goto, preloadData } from '$app/navigation';
	import Dialog from '$lib/components/shell/Dialog.svelte';
	import type { System } from '$lib/core/units';
	import type { FigureOf } from '$lib/format/slip';
	/** One tap on a limit, a date or a lot's amount: what stands behind it, here instead of on its own page. */
	let { system }: { system: System | undefined } = $props();
	let shown = $state.raw<FigureOf>();
	const inside = () => import('./ToldFigure.svelte');
	let href = $state('');
	let open = $state(false);

	function onclickcapture(event: MouseEvent) {
		if (event.button !== 0 || event.ctrlKey || event.metaKey || event.shiftKey) return;
		const link = event.target instanceof Element ? event.target.closest('a') : null;
		if (!link?.pathname.startsWith('/figure/') || link.origin !== location.origin) return;
		event.preventDefault();
		void tell(link.pathname);
	}

	async function tell(path: string) {
		const found = await preloadData(path).catch(() => undefined);
		if (found?.type !== 'loaded' || found.status !== 200) return goto(path);
		const { told } = found.data as { told: FigureOf };
		await inside();
		shown = told;
		href = told.href;
		open = true;
	}
</script>

<svelte:window {onclickcapture} />

<Dialog bind:open label="Where this figure comes from" size="m-auto max-w-xl">
	{#if shown}
		{#await inside() then { default: ToldFigure }}<ToldFigure told={shown} {system} />{/await}
		<p class="flex items-center justify-between">
			<a class="underline" {href} onclick={() => (open = false)}>To its page</a>
			<button class="btn min-h-12 btn-neutral" onclick={() => (open = false)}>Close</button>
		</p>
	{/if}
</Dialog>
