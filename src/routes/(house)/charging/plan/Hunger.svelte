<script lang="ts">
	import Rule from '$lib/components/answer/Rule.svelte';
	import { nitrogenLimits } from '$lib/core/charging';
	import type { Range, System } from '$lib/core/units';
	import { joined, show } from '$lib/format/figure';
	/** Will it be fed: the nitrogen offered, with its doubt, on the scale of what char can hold. */
	let {
		offered,
		cures,
		system
	}: {
		offered: Range;
		/** Life in the partner feeds it on while it cures. */
		cures: boolean;
		system: System | undefined;
	} = $props();
	const top = 15;
	const across = 300;
	const at = (value: number) => Math.round((Math.min(top, value) / top) * across);
	const { drawsFromBed, full, most } = nitrogenLimits;
	const words = $derived(joined(show({ ...offered, unit: 'g/kg' }, system)));
	const range = $derived(show({ ...offered, unit: 'g/kg' }, system).range);
</script>

<figure>
	<svg
		viewBox="-9 -12 320 48"
		class="block w-full"
		role="img"
		aria-label="{words} offered{range
			? `, ${range}`
			: ''}: below {drawsFromBed} it draws from the bed, {full} to {most} is a full soak, above is lost"
	>
		<rect
			width={at(drawsFromBed)}
			height="14"
			fill="none"
			stroke="var(--ash)"
			stroke-dasharray="4 3"
		/>
		<rect
			x={at(full)}
			width={at(most) - at(full)}
			height="14"
			fill="var(--moss-light)"
			stroke="var(--moss)"
		/>
		<path d="M{at(most)} 0L{across} 14M{at(most)} 14L{across} 0" stroke="var(--ash)" />
		<rect
			x={at(offered.low)}
			y="4.5"
			width={Math.max(2, at(offered.high) - at(offered.low))}
			height="5"
			fill="var(--ink)"
		/>
		<path
			d="M{at(offered.value) - 5} -11h10l-5 8v17"
			fill="var(--ink)"
			stroke="var(--ink)"
			stroke-width="1.5"
		/>
		{#each [0, drawsFromBed, full, most, top] as mark (mark)}
			<path d="M{at(mark)} 14v4" stroke="var(--ink)" />
			<text x={at(mark)} y="31" text-anchor="middle" font-size="12" fill="var(--ink)">{mark}</text>
		{/each}
	</svg>
	<figcaption class="quiet text-sm">
		g mineral N per kg of dry char. {cures
			? 'The rest comes slowly, out of the life in the partner while it cures.'
			: `Under ${drawsFromBed} it draws from the bed; more than a full soak is lost.`}
		<Rule room="nitrogen" figure="full">A full soak: {full}–{most} g/kg</Rule>
	</figcaption>
</figure>
