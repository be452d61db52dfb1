<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import { wordsOf, type Sentence } from '$lib/format/sentence';
	import type { System } from '$lib/core/units';
	import { inUnit, plain, sayOfSoil, unitName } from '$lib/format/figure';
	import { round, specks } from './geometry';
	/** A bed in section: char specks in its working depth at their true share, now and after. */
	let {
		depth,
		now,
		after,
		caption,
		system
	}: {
		/** Working depth, m. */
		depth: number;
		/** Share of the working depth that is char, 0–1. */
		now: number;
		after?: number | undefined;
		caption: Sentence | string;
		system: System | undefined;
	} = $props();
	const shown_m = $derived(depth * 2);
	const scale = $derived(190 / shown_m);
	const worked = $derived(depth * scale);
	const halves = $derived(
		after === undefined
			? [{ x: 0, width: 300, share: now, name: 'now' }]
			: [
					{ x: 0, width: 150, share: now, name: 'now' },
					{ x: 150, width: 150, share: after, name: 'after' }
				]
	);
	const tickStep = 0.05;
	const marks = $derived(
		Array.from({ length: Math.floor(shown_m / tickStep + 1e-9) + 1 }, (_, i) => i * tickStep)
	);
</script>

<figure>
	<svg
		viewBox="-44 -26 352 222"
		class="block w-full max-w-md"
		role="img"
		aria-label={wordsOf(caption)}
	>
		<rect width="300" height={round(worked)} fill="var(--soil)" />
		<rect y={round(worked)} width="300" height={round(190 - worked)} fill="var(--subsoil)" />
		{#each halves as half (half.name)}
			<path
				d={specks({ x: half.x, y: 0, width: half.width, height: worked }, half.share, 3)}
				class="specks"
				stroke="var(--char)"
				stroke-width="3"
			/>
			<text
				x={half.x + half.width / 2}
				y="-9"
				font-size="14"
				font-weight="700"
				text-anchor="middle"
				fill="currentColor">{half.name} {sayOfSoil(half.share)}</text
			>
		{/each}
		{#if after !== undefined}<path d="M150 0V190" stroke="var(--ink)" stroke-dasharray="5 4" />{/if}
		<path d="M0 {round(worked)}H300" stroke="var(--ink)" stroke-width="1.5" />
		{#each marks as mark (mark)}
			<path d="M-8 {round(mark * scale)}h8" stroke="var(--ash)" stroke-width="1.5" />
			<text x="-12" y={round(mark * scale) + 4} font-size="12" text-anchor="end" fill="currentColor"
				>{plain(inUnit(mark * 100, 'cm', system), 0)}</text
			>
		{/each}
		<text x="-12" y="-12" font-size="11" text-anchor="end" fill="currentColor"
			>{unitName('cm', system)}</text
		>
	</svg>
	<figcaption class="quiet text-sm"><Say sentence={caption} /></figcaption>
</figure>
