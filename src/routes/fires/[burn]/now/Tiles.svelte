<script lang="ts">
	import { presses, type Asked, type PressName } from '$lib/core/tending';
	import type { System } from '$lib/core/units';
	import type { TapWords } from '$lib/format/tap-words';
	import AskedTap from './AskedTap.svelte';
	import type { Taps } from './tapping.svelte';
	/** What may be tapped beside the one act of the moment, each a form of its own. */
	let {
		names,
		words,
		code,
		actId,
		system,
		taps
	}: {
		names: readonly (PressName | Asked)[];
		words: (name: PressName | Asked) => TapWords;
		code: string;
		actId: string;
		system: System | undefined;
		taps: Taps;
	} = $props();
	const isAsked = (name: PressName | Asked): name is Asked => !(name in presses);
</script>

{#each names as name (name)}
	{#if isAsked(name)}
		<AskedTap
			is={name}
			label={words(name).label}
			{code}
			{actId}
			{system}
			says={taps.wrong?.is === name ? taps.wrong.says : ''}
			onsubmit={(event) => taps.send(event)}
		/>
	{:else}
		<form
			method="post"
			action="/fires/{code}/now?/tap"
			class="contents"
			onsubmit={(event) => taps.send(event)}
		>
			<input type="hidden" name="actId" value={actId} />
			<button class="tile" name="tap" value={name}
				>{words(name).label}{#if words(name).under}<span class="quiet block text-sm"
						>{words(name).under}</span
					>{/if}</button
			>
		</form>
	{/if}
{/each}
