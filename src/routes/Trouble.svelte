<script lang="ts">
	import { page } from '$app/state';
	const missing = $derived(page.status === 404);
	/** The session of this device is over: a page that is fetched by script can’t lead to the login by itself. */
	const loggedOut = $derived(page.status === 401);
</script>

<svelte:head><title>{missing ? 'Not found' : 'Something failed'} · Ashdrift</title></svelte:head>
<h1 class="text-2xl sm:text-3xl">
	{missing ? 'There is nothing at this address' : 'That did not work'}
</h1>
<p class="mt-3 max-w-prose">
	{missing
		? 'The lot, fire or bed may have been reversed, or the address mistyped.'
		: 'Nothing you had logged before is lost. Go back and try once more; if it fails again, the number below finds it in the log.'}
</p>
{#if page.error?.message && !missing}<p class="mt-2">{page.error.message}</p>{/if}
{#if page.error?.requestId}<p class="quiet mt-2 text-sm">Request {page.error.requestId}</p>{/if}
<p class="mt-5">
	{#if loggedOut}<a
			class="btn min-h-12 btn-primary"
			href="/login?to={encodeURIComponent(page.url.pathname + page.url.search)}"
			data-sveltekit-reload>Log in</a
		>{:else}<a class="btn btn-neutral" href="/">To today</a>{/if}
</p>
