<script lang="ts">
	/** One scale on which every way an advice may be meant stands beside schools, own beds and the ceiling; by tens. */
	let {
		rows,
		unit
	}: {
		rows: readonly {
			readonly name: string;
			readonly low: number;
			readonly high: number;
			readonly is: 'heard' | 'school' | 'own' | 'limit';
		}[];
		unit: string;
	} = $props();
	const [left, right, step] = [250, 610, 30];
	const shown = $derived(rows.filter(({ high }) => high > 0));
	const least = $derived(
		Math.log10(Math.min(...shown.map(({ low }) => Math.max(low, 1e-3)))) - 0.1
	);
	const most = $derived(Math.log10(Math.max(...shown.map(({ high }) => high))) + 0.1);
	const x = (value: number) =>
		Math.round(
			(left +
				((Math.log10(Math.max(value, 1e-3)) - least) / Math.max(0.1, most - least)) *
					(right - left)) *
				10
		) / 10;
	const fills = { heard: '--ember', school: '--wood', own: '--char', limit: '--moss' };
	const ticks = $derived(
		[0.1, 1, 10, 100, 1000].filter((at) => Math.log10(at) >= least && Math.log10(at) <= most)
	);
	const height = $derived(shown.length * step + 24);
</script>

<svg
	viewBox="0 0 {right + 20} {height}"
	class="block w-full max-w-3xl"
	role="img"
	aria-label="{unit}: {shown
		.map(({ name, low, high }) => `${name} ${low.toFixed(1)} to ${high.toFixed(1)}`)
		.join('; ')}"
>
	{#each ticks as at (at)}
		<path d="M{x(at)} 0V{height - 20}" stroke="var(--ash)" stroke-width="0.7" />
		<text x={x(at)} y={height - 5} text-anchor="middle" font-size="12" fill="currentColor"
			>{at}</text
		>
	{/each}
	{#each shown as { name, low, high, is }, i (i)}
		{@const y = i * step + 14}
		<text
			x="0"
			y={y + 4}
			font-size="12"
			fill="currentColor"
			font-weight={is === 'heard' ? 700 : 400}>{name}</text
		>
		<rect
			x={x(low) - 3}
			y={y - 5}
			width={Math.max(6, x(high) - x(low) + 6)}
			height="10"
			fill="var({fills[is]})"
		/>
	{/each}
</svg>
<p class="quiet text-sm">{unit}, by tens</p>
