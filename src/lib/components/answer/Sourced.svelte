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
	class="{hero
		? 'min-h-11'
		: 'min-h-6'} text-left underline decoration-dotted decoration-2 underline-offset-4 hover:decoration-primary"
	aria-label="{slip.label}: {whole}. Where it comes from"
>
	{#if hero}<span class="text-3xl font-bold">{slip.text}</span>
		<span class="text-base">{slip.unit}</span>{:else}{whole}{/if}
</button>
<div
	popover="auto"
	id={uid}
	class="fixed inset-0 m-auto h-fit max-h-[80vh] w-[min(34rem,92vw)] overflow-auto border-2 border-base-content bg-base-200 p-5 text-left text-base font-normal text-base-content"
>
	<p class="text-lg font-bold">{slip.label}: {range}</p>
	<p class="quiet mt-1">{slip.basis}. {slip.formula}.</p>
	{#if slip.range}<p class="quiet text-sm">Eight times in ten it lies in this range.</p>{/if}
	<ul class="mt-3">
		{#each slip.lines as line, i (i)}
			<li class="border-t border-base-300 py-2">
				<div class="flex justify-between gap-4">
					<span>{line.name}</span><strong>{line.amount}</strong>
				</div>
				<div class="quiet text-sm">{line.origin}. {line.source}</div>
			</li>
		{/each}
	</ul>
	<button
		type="button"
		class="btn mt-4 min-h-12 btn-neutral"
		popovertarget={uid}
		popovertargetaction="hide">Close</button
	>
</div>
