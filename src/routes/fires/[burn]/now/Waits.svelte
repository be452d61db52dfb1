<script lang="ts">
	import { page } from '$app/state';
	import { capital, count } from '$lib/format/counted';
	import { outbox, tellOthers } from '../../../device-outbox';
	import type { LiveFire } from './live-fire.svelte';
	import type { Taps } from './tapping.svelte';
	/** What of this fire is not at home yet, and what came back. */
	let { live, taps }: { live: LiveFire; taps: Taps } = $props();
	const refused = $derived(live.waiting.filter((one) => one.refused !== undefined));
	const unsent = $derived(live.waiting.length - refused.length);
	let reason = $state('');
	async function drop(actId: string) {
		await outbox.drop(actId);
		tellOthers();
	}
	async function answer(actId: string) {
		await outbox.answer(actId, reason);
		reason = '';
		await taps.ask();
	}
</script>

<div aria-live="polite">
	{#if outbox.isLoggedOut}
		<p class="border-l-4 border-warning pl-3">
			<strong>Log in</strong>: the session is over, and everything tapped here is kept.
			<a
				class="btn ml-2 min-h-14 btn-outline"
				href="/login?to={encodeURIComponent(page.url.pathname)}"
				data-sveltekit-reload>Log in</a
			>
		</p>
	{:else if unsent > 0 && taps.asking.isCutOff}
		<p class="font-semibold" data-unsent={unsent}>
			{capital(count(unsent, 'tap waits', 'taps wait'))} for a signal, kept on this phone
		</p>
	{:else if taps.asking.isCutOff}
		<p class="quiet">No signal; taps are kept on this phone.</p>
	{/if}
	{#each refused as entry (entry.actId)}
		<div class="mt-1 border-l-4 border-error pl-3">
			<p><strong class="text-error">Not written: {entry.says}.</strong> {entry.refused?.says}</p>
			{#if entry.refused && entry.refused.asks.length > 0}
				<label class="mt-1 block"
					>Why it is right all the same
					<input
						class="input min-h-14 w-full border-base-content/60 bg-base-200"
						bind:value={reason}
					/>
				</label>
				<button
					type="button"
					class="btn min-h-14 btn-outline"
					disabled={reason.trim() === ''}
					onclick={() => void answer(entry.actId)}>Write it down so</button
				>
			{/if}
			<button type="button" class="btn min-h-14 btn-outline" onclick={() => void drop(entry.actId)}
				>Throw it away</button
			>
		</div>
	{/each}
</div>
