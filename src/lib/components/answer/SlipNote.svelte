<script lang="ts">
	import { openingHere } from '$lib/components/entry/folds';
	import { sayWhole } from '$lib/format/figure';
	import { type Slip } from '$lib/format/slip';
	import { slipId } from '$lib/format/sentence';
	import SlipBody from './SlipBody.svelte';
	/**
	 * What a tap on a figure shows over the page; sentences point to it by its label. It is made once it is looked
	 * at; without script a link in it asks for the page with it laid open.
	 */
	let {
		slip,
		id = slipId(slip.label)
	}: {
		slip: Slip;
		/** Default: by its label, which is then its own on the page. */
		id?: string;
	} = $props();
	const { opened, hrefOf, isSentBack } = openingHere();
	const isAsked = $derived(opened() === id);
	let isLive = $state(false);
	let open = $state(false);
	/** It may have been opened before the script was there. */
	function begin(note: HTMLElement) {
		isLive = true;
		open = note.matches(':popover-open');
	}
</script>

<div
	popover={isAsked ? undefined : 'auto'}
	{id}
	class="slip"
	onbeforetoggle={({ newState }) => (open = newState === 'open')}
	{@attach begin}
>
	{#if isAsked || open || (!isLive && isSentBack())}
		<p><b>{slip.label}: {sayWhole(slip)}</b></p>
		<SlipBody {slip} />
		{#if !isAsked}
			<button type="button" class="btn btn-neutral" popovertarget={id} popovertargetaction="hide"
				>Close</button
			>
		{/if}
	{:else if !isLive}<a href={hrefOf(id)}>Show where it comes from</a>{/if}
</div>
