<script lang="ts">
	import { joined } from '$lib/format/figure';
	import { type Slip } from '$lib/format/slip';
	import { slipId } from '$lib/format/sentence';
	import SlipNote from './SlipNote.svelte';
	/** A figure that shows, on one tap, its inputs and where each comes from. Works without script. */
	let {
		slip,
		hero = false,
		named = false
	}: {
		slip: Slip;
		/** Large, with its unit small: under an answer. Default: as the text around it. */
		hero?: boolean;
		/** One of its name on the page, though not large: sentences point to it. */
		named?: boolean;
	} = $props();
	const own = $props.id();
	/** A figure of an answer is one of its name on a page: sentences point to it. */
	const uid = $derived(hero || named ? slipId(slip.label) : own);
	const whole = $derived(joined(slip));
	const range = $derived(
		(hero || named) && slip.range ? joined({ text: slip.range, unit: slip.unit }) : ''
	);
</script>

<!-- First the slip, so that a comma may follow the figure closely. -->
<SlipNote {slip} id={uid} />
<button
	type="button"
	popovertarget={uid}
	class="sourced"
	class:big={hero}
	data-figure={slip.of ?? slip.label}
	aria-label="{slip.label}: {whole} {range}. Where it comes from"
>
	{#if hero}<b>{slip.text}</b>
		{slip.unit}
		{#if range}<span class="quiet block text-sm">{range}</span
			>{/if}{:else}{`${whole}${range ? ' ' : ''}`}{#if range}<span class="quiet text-sm"
				>{range}</span
			>{/if}{/if}
</button>
