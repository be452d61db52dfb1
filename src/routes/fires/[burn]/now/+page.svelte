<script lang="ts">
	import { onMount } from 'svelte';
	import { joinDevice } from '../../../joins-device.svelte';
	import Fire from './Fire.svelte';
	import { figures } from './tapping.svelte';
	let { data, form } = $props();
	const themeKey = 'ashdrift-at-the-fire';
	let chosen = $state('');
	const theme = $derived(chosen || (data.isDark ? 'embers' : ''));
	joinDevice(() => import('./Proof.svelte'), figures);
	onMount(() => {
		chosen = localStorage.getItem(themeKey) ?? '';
	});
	// A phone that goes dark in a glove is picked up with the wrong hand.
	$effect(() => {
		let held: WakeLockSentinel | undefined;
		const hold = () => {
			if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
			navigator.wakeLock.request('screen').then(
				(lock) => (held = lock),
				// The battery is low, or the device does not want to.
				() => {}
			);
		};
		hold();
		document.addEventListener('visibilitychange', hold);
		return () => {
			document.removeEventListener('visibilitychange', hold);
			void held?.release();
		};
	});
	function turn() {
		chosen = theme === 'embers' ? 'daylight' : 'embers';
		localStorage.setItem(themeKey, chosen);
	}
</script>

<svelte:head><title>At the fire {data.fires.map(({ code }) => code).join(', ')}</title></svelte:head
>
<div
	data-theme={theme || undefined}
	class="at-fire min-h-screen bg-base-100 px-4 pt-2 pb-10 text-base-content"
>
	<div class="mx-auto grid gap-8 {data.fires.length > 1 ? 'max-w-5xl md:grid-cols-2' : 'max-w-md'}">
		{#each data.fires as fire, i (fire.code)}
			<Fire
				{fire}
				isFirst={i === 0}
				sent={form}
				person={data.person}
				almanac={data.almanac}
				system={data.system}
				measures={data.measures}
				actId={data.actId}
				undoId={data.undoId}
			/>
		{/each}
	</div>
	<nav
		aria-label="From the fire"
		class="mx-auto mt-8 flex max-w-md flex-wrap gap-x-5 border-t border-base-300 pt-2"
	>
		<button type="button" class="live-only min-h-14 underline" onclick={turn}
			>{theme === 'embers' ? 'For the sun' : 'For the dusk'}</button
		>
		<a class="inline-flex min-h-14 items-center underline" href="/fires/{data.fires[0]?.code}"
			>Its own page</a
		>
		<a class="inline-flex min-h-14 items-center underline" href="/fires">All fires</a>
		{#each data.others as { code, name } (code)}<a
				class="inline-flex min-h-14 items-center underline"
				href="?with={code}">{name} beside it</a
			>{/each}
	</nav>
</div>
