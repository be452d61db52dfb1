<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import { capital, count } from '$lib/format/counted';
	import type { Outbox } from '../outbox.svelte';
	/** What was written without a connection and waits to be sent, or came back refused. */
	const again_ms = 15_000;
	let outbox = $state.raw<Outbox>();
	let tellOthers = () => {};
	const waiting = $derived(outbox?.waiting ?? []);
	const refused = $derived(waiting.filter((one) => one.refused !== undefined));
	const unsent = $derived(waiting.length - refused.length);

	/** Once the page stands: nothing of it waits for what may wait here. */
	async function begin() {
		try {
			const device = await import('../device-outbox');
			tellOthers = device.tellOthers;
			outbox = device.outbox;
			await flush();
		} catch (failure) {
			// No connection: it comes with the next page.
			if (!(failure instanceof TypeError)) throw failure;
		}
	}

	async function flush() {
		if (((await outbox?.flush()) ?? 0) === 0) return;
		tellOthers();
		await invalidateAll();
	}

	$effect(() => {
		untrack(() => void begin());
		const retry = setInterval(() => {
			if (waiting.length > 0) void flush();
		}, again_ms);
		return () => clearInterval(retry);
	});
</script>

<svelte:window ononline={() => void flush()} />

{#if outbox && waiting.length > 0}
	<aside
		aria-label="Not sent yet"
		aria-live="polite"
		class="mb-4 border-l-4 border-warning bg-base-200 px-4 py-2 print:hidden"
	>
		{#if unsent > 0}
			<p>
				{#if outbox.isLoggedOut}<strong
						>Log in: {count(unsent, 'act waits', 'acts wait')} on this device.</strong
					>
					The session is over; nothing is lost.
					<a
						class="btn ml-2 min-h-11 btn-outline"
						href="/login?to={encodeURIComponent(page.url.pathname)}"
						data-sveltekit-reload>Log in</a
					>{:else}<strong
						>{capital(count(unsent, 'act waits', 'acts wait'))} for a connection.</strong
					>
					Kept on this device, and sent by itself while a page is open.
					<button class="btn ml-2 min-h-11 btn-outline" onclick={() => void flush()}
						>Send now</button
					>{/if}
			</p>
		{/if}
		{#each refused as entry (entry.actId)}
			<p class="mt-1">
				<strong class="text-error">Not written: {entry.says}.</strong>
				{entry.refused?.says}
				{#if entry.mend}<a
						class="ml-2 inline-block min-h-11 content-center underline"
						href={entry.mend}
						onclick={() => void outbox?.drop(entry.actId)}>Put it right</a
					>{/if}
				<button class="btn ml-2 min-h-11 btn-outline" onclick={() => void outbox?.drop(entry.actId)}
					>Throw it away</button
				>
			</p>
		{/each}
	</aside>
{/if}
