<script lang="ts">
	import { joined, sayWhole, type Slip } from '$lib/format/figure';
	import SlipBody from './SlipBody.svelte';
	/** A figure that shows, on one tap, its inputs and where each comes from. Works without script. */
	let {
		slip,
		hero = false
	}: {
		slip: Slip;
		/** Large, with its unit small: under an answer. Default: as the text around it. */
		hero?: boolean;
	} = $props();
	const uid = $props.id();
	const whole = $derived(joined(slip));
</script>

<!-- First the slip, so that a comma may follow the figure closely. -->
<div popover="auto" id={uid} class="slip">
	<p><b>{slip.label}: {sayWhole(slip)}</b></p>
	<SlipBody {slip} />
	<button type="button" class="btn btn-neutral" popovertarget={uid} popovertargetaction="hide"
		>Close</button
	>
</div>
<button
	type="button"
	popovertarget={uid}
	class="sourced"
	class:big={hero}
	aria-label="{slip.label}: {whole}. Where it comes from"
>
	{#if hero}<b>{slip.text}</b> {slip.unit}{:else}{whole}{/if}
</button>
