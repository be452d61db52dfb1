<script lang="ts">
	import type { GroundDrawn } from '$lib/core/trials';
	/** Where each pot or plot stands in its bed, to scale and from above: plots as slices across it, pots as they are round. */
	let {
		ground,
		units,
		perRow,
		lost
	}: {
		ground: GroundDrawn;
		units: readonly { readonly n: number; readonly arm: number }[];
		perRow: number;
		lost: readonly number[];
	} = $props();
	const fills = ['--char', '--wood', '--moss', '--straw', '--ash', '--ember'];
	const letter = (arm: number) => String.fromCharCode(65 + arm);
	const full = 460;
	/** Room between pots, m: so that one can pass a can between them. */
	const gap = 0.08;
	const round = $derived(ground.isRound);
	const pitch = $derived(ground.each.width_m + gap);
	const scale = $derived(
		round ? Math.min(70 / pitch, full / (perRow * pitch)) : full / ground.length_m
	);
	const rows = $derived(Math.ceil(units.length / perRow));
	const width = $derived(round ? perRow * pitch * scale : full);
	const height = $derived(round ? rows * pitch * scale : Math.max(54, ground.width_m * scale));
	const placed = $derived(
		units.map(({ n, arm }, i) => {
			const each = ground.each.length_m * scale;
			const x = round ? ((i % perRow) + 0.5) * pitch * scale : (i + 0.5) * each;
			const y = round ? (Math.floor(i / perRow) + 0.5) * pitch * scale : height / 2;
			return { n, arm, x, y, isLost: lost.includes(n), ends: !round && (i + 1) % perRow === 0 };
		})
	);
	const half = $derived((ground.each.length_m * scale) / 2);
	const radius = $derived((ground.each.width_m * scale) / 2);
</script>

<svg
	viewBox="-1 -1 {width + 2} {height + 2}"
	class="block w-full {round ? 'max-w-xs' : 'max-w-xl'}"
	role="img"
	aria-label="{units.length} {round ? 'pots' : 'plots'} in {ground.name}, to scale: {units
		.map(({ n, arm }) => `${n} ${lost.includes(n) ? 'lost' : letter(arm)}`)
		.join(', ')}"
>
	{#each placed as { n, arm, x, y, isLost, ends } (n)}
		{#if round}
			<circle
				cx={x}
				cy={y}
				r={radius}
				fill={isLost ? 'none' : `var(${fills[arm % fills.length]})`}
				fill-opacity="0.4"
				stroke="currentColor"
				stroke-width="1.3"
				stroke-dasharray={isLost ? '3 3' : undefined}
			/>
		{:else}
			<rect
				x={x - half}
				y="0"
				width={half * 2}
				{height}
				fill={isLost ? 'none' : `var(${fills[arm % fills.length]})`}
				fill-opacity="0.4"
				stroke="currentColor"
				stroke-width="0.6"
				stroke-dasharray={isLost ? '3 3' : undefined}
			/>
			{#if ends}<path d="M{x + half} 0V{height}" stroke="currentColor" stroke-width="2.5" />{/if}
		{/if}
		<text {x} y={y - 1} text-anchor="middle" font-size="13" font-weight="600" fill="currentColor"
			>{isLost ? '–' : letter(arm)}</text
		>
		<text {x} y={y + 13} text-anchor="middle" font-size="11" fill="currentColor">{n}</text>
	{/each}
	{#if !round}<rect
			x="0"
			y="0"
			{width}
			{height}
			fill="none"
			stroke="currentColor"
			stroke-width="2"
		/>{/if}
</svg>
