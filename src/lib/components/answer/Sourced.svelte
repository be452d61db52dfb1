<script lang="ts">
	import { joined, type Slip } from '$lib/format/figure';
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
	const range = $derived(slip.range === undefined ? whole : joined({ ...slip, text: slip.range }));
</script>

<button
	type="button"
	popovertarget={uid}
	class="sourced"
	class:big={hero}
	aria-label="{slip.label}: {whole}. Where it comes from"
>
	{#if hero}<b>{slip.text}</b> {slip.unit}{:else}{whole}{/if}
</button>
<div popover="auto" id={uid} class="slip">
	<p><b>{slip.label}: {range}</b></p>
	<p>{slip.basis}. {slip.formula}.</p>
	{#if slip.range}<p>Eight times in ten it lies in this range.</p>{/if}
	<ul>
		{#each slip.lines as line, i (i)}
			<li>
				{line.name}<b>{line.amount}</b>
				<p>{line.origin}. {line.source}</p>
			</li>
		{/each}
	</ul>
	<button type="button" class="btn btn-neutral" popovertarget={uid} popovertargetaction="hide"
		>Close</button
	>
</div>
