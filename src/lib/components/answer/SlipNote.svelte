<script lang="ts">
	import { onMount } from 'svelte';
	import { sayWhole } from '$lib/format/figure';
	import { type Slip } from '$lib/format/slip';
	import { slipId } from '$lib/format/sentence';
	import SlipBody from './SlipBody.svelte';
	/**
	 * What a tap on a figure shows over the page; sentences point to it by its label. It comes whole with the
	 * page; once the page answers, what is not looked at is not kept up with each key.
	 */
	let {
		slip,
		id = slipId(slip.label)
	}: {
		slip: Slip;
		/** Default: by its label, which is then its own on the page. */
		id?: string;
	} = $props();
	let live = $state(false);
	let open = $state(false);
	onMount(() => {
		live = true;
	});
</script>

<div
	popover="auto"
	{id}
	class="slip"
	onbeforetoggle={({ newState }) => (open = newState === 'open')}
>
	{#if open || !live}
		<p><b>{slip.label}: {sayWhole(slip)}</b></p>
		<SlipBody {slip} />
		<button type="button" class="btn btn-neutral" popovertarget={id} popovertargetaction="hide"
			>Close</button
		>
	{/if}
</div>
