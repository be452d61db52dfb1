<script lang="ts">
	import type { ReadCress } from './answer';
	/** Two dishes side by side: as many seeds as were sown, those that came up with their mean root, to one scale. */
	let { cress }: { cress: ReadCress | undefined } = $props();
	const dish = 150;
	const dishes = $derived([
		{
			x: 90,
			name: 'extract',
			sown: cress?.counted.seeds ?? 25,
			up: cress?.counted.germinated ?? 0,
			root: cress?.counted.meanRoot_mm ?? 0
		},
		{
			x: 290,
			name: 'water',
			sown: cress?.counted.controlSeeds ?? 25,
			up: cress?.counted.controlGerminated ?? 0,
			root: cress?.counted.controlMeanRoot_mm ?? 0
		}
	]);
	const longest = $derived(Math.max(1, ...dishes.map(({ root }) => root)));
	/** Seeds on a spiral, evenly, as one would lay them. */
	const seedsOf = (sown: number, up: number, root: number) =>
		Array.from({ length: Math.min(60, Math.max(0, Math.round(sown))) }, (_, i) => {
			const shown = Math.min(60, sown);
			const r = (dish / 2 - 14) * Math.sqrt((i + 0.5) / shown);
			const turn = i * 2.399963;
			return {
				x: Math.round(10 * r * Math.cos(turn)) / 10,
				y: Math.round(10 * r * Math.sin(turn)) / 10,
				grew: i < (up * shown) / Math.max(1, sown) ? Math.round((22 * root * 10) / longest) / 10 : 0
			};
		});
</script>

<svg
	viewBox="0 0 380 190"
	class="w-full max-w-lg"
	role="img"
	aria-label="Two dishes with seeds and their roots"
>
	{#each dishes as { x, name, sown, up, root } (name)}
		<g transform="translate({x} 82)">
			<circle r={dish / 2} fill="var(--color-base-200)" stroke="currentColor" stroke-width="2" />
			{#each seedsOf(sown, up, root) as seed, i (i)}
				{#if seed.grew > 0}<path
						d="M{seed.x} {seed.y}q3 {seed.grew / 2} 0 {seed.grew}"
						fill="none"
						stroke="var(--moss)"
						stroke-width="1.6"
					/>{/if}
				<ellipse
					cx={seed.x}
					cy={seed.y}
					rx="2.6"
					ry="1.8"
					fill={seed.grew > 0 ? 'var(--char-line)' : 'var(--straw)'}
				/>
			{/each}
			<text y={dish / 2 + 24} text-anchor="middle" font-size="14" fill="currentColor"
				>{name}{up > 0 ? `: ${up} of ${sown}` : ''}</text
			>
		</g>
	{/each}
</svg>
