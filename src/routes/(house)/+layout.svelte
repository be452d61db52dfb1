<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { beginFolds } from '$lib/components/entry/folds';
	import Bench from '$lib/components/shell/Bench.svelte';
	import Path from '$lib/components/shell/Path.svelte';
	import DoneNote from '$lib/components/shell/DoneNote.svelte';
	import FigureDialog from './FigureDialog.svelte';
	import { keyReader } from './keys';
	import LogDialog from './LogDialog.svelte';
	import OutboxNote from './OutboxNote.svelte';
	let { data, children } = $props();
	beginFolds(
		() => page.url,
		() => page.form != null
	);
	let logging = $state(false);
	let listing = $state(false);
	let search = $state<HTMLInputElement>();
	const readKey = keyReader();
	const keysDialog = () => import('./KeysDialog.svelte');
	// Whoever can't see the page goes on from what came of the sending: what was refused, or what was done. Once:
	// a page that asks its books anew while somebody types leaves the focus where it is.
	let shownFor: unknown;
	$effect(() => {
		const came = page.form ?? (data.did && `${data.did.actId} ${data.did.stands}`);
		if (came === undefined || came === shownFor) return;
		shownFor = came;
		const wanted = page.form ? ['[aria-invalid="true"]', '[role="alert"]'] : ['#did'];
		for (const one of wanted) {
			const found = [...document.querySelectorAll<HTMLElement>(`main ${one}`)];
			const seen = found.find((element) => element.checkVisibility());
			if (seen?.tabIndex === -1) seen.tabIndex = -1;
			if (seen) return seen.focus();
		}
	});
	const units = $derived(
		data.system === 'us' ? 'US customary' : data.system === 'metric' ? 'metric' : 'units not chosen'
	);

	function onkeydown(event: KeyboardEvent) {
		const wish = data.keys ? readKey(event) : undefined;
		if (!wish) return;
		event.preventDefault();
		if (wish.kind === 'log') logging = true;
		else if (wish.kind === 'keys') listing = true;
		else if (wish.kind === 'go') void goto(wish.href);
		else if (search?.checkVisibility()) search.focus();
		else void goto('/find');
	}
</script>

<svelte:window {onkeydown} />

<nav aria-label="Skip to">
	{#each [['page', 'To the page'], ['form', 'To the form']] as [id, words] (id)}<a
			href="#{id}"
			class="skip-to-{id} sr-only bg-base-200 focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-20 focus:p-3"
			>{words}</a
		>{/each}
</nav>
<div class="min-h-screen lg:flex">
	<Path
		here={page.url.pathname}
		counts={data.counts}
		place={data.place}
		person={data.person}
		{units}
		keys={data.keys}
		onlog={() => (logging = true)}
		bind:search
	/>
	<main
		id="page"
		tabindex="-1"
		class="mx-auto w-full max-w-6xl min-w-0 px-4 pt-3 pb-28 sm:px-7 lg:pt-5 lg:pb-12"
	>
		{#if data.did}<DoneNote did={data.did} />{/if}
		<Bench items={data.bench} almanac={data.almanac} here={page.url.pathname} />
		<OutboxNote />
		{@render children()}
	</main>
</div>
<LogDialog bind:open={logging} actId={data.lineId} />
{#if listing}{#await keysDialog() then { default: KeysDialog }}<KeysDialog
			bind:open={listing}
		/>{/await}{/if}
<FigureDialog system={data.system} />
