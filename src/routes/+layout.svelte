<script lang="ts">
	import { page } from '$app/state';
	import '../app.css';
	import Path from '$lib/components/shell/Path.svelte';
	let { data, children } = $props();
	// Says that the page answers while one types; until then its forms work by sending.
	$effect(() => {
		document.documentElement.dataset.live = 'yes';
	});
	const units = $derived(
		data.system === 'us' ? 'US customary' : data.system === 'metric' ? 'metric' : 'units not chosen'
	);
</script>

<a
	href="#page"
	class="sr-only bg-base-200 focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-20 focus:p-3"
	>To the page</a
>
<div class="min-h-screen lg:flex">
	<Path
		here={page.url.pathname}
		counts={data.counts}
		place={data.place}
		person={data.person}
		{units}
	/>
	<main
		id="page"
		tabindex="-1"
		class="mx-auto w-full max-w-6xl min-w-0 px-4 pt-5 pb-28 sm:px-7 lg:pb-12"
	>
		{@render children()}
	</main>
</div>
