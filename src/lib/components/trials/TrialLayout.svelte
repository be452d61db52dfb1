<script lang="ts">
	/** Where each pot or plot stands: block by block in walking order, each with its number and the letter of its arm. */
	let {
		units,
		perRow,
		lost,
		unit,
		ends
	}: {
		units: readonly { readonly n: number; readonly arm: number }[];
		perRow: number;
		lost: readonly number[];
		unit: 'pot' | 'plot';
		/** What the first and the last row stand by. */
		ends?: readonly [string, string] | undefined;
	} = $props();
	const [width, height] = [54, 40];
	const rows = $derived(Math.ceil(units.length / perRow));
	const fills = ['--char', '--wood', '--moss', '--straw', '--ash', '--ember'];
	const letter = (arm: number) => String.fromCharCode(65 + arm);
	const shape = (x: number, y: number) =>
		unit === 'pot'
			? `M${x + 4} ${y + 4}H${x + width - 6}L${x + width - 13} ${y + height - 5}H${x + 11}Z`
			: `M${x + 2} ${y + 3}H${x + width - 4}V${y + height - 4}H${x + 2}Z`;
</script>

<svg
	viewBox="0 0 {perRow * width + 2} {rows * height + 2}"
	class="block w-full max-w-md"
	role="img"
	aria-label="{units.length} {unit}s in {rows} rows: {units
		.map(({ n, arm }) => `${n} ${lost.includes(n) ? 'lost' : letter(arm)}`)
		.join(', ')}"
>
	{#each units as { n, arm }, i (n)}
		{@const x = (i % perRow) * width}
		{@const y = Math.floor(i / perRow) * height}
		{@const isLost = lost.includes(n)}
		<path
			d={shape(x, y)}
			fill={isLost ? 'none' : `var(${fills[arm % fills.length]})`}
			fill-opacity="0.4"
			stroke="currentColor"
			stroke-width="1.3"
			stroke-dasharray={isLost ? '3 3' : undefined}
		/>
		<text
			x={x + width / 2 - 1}
			y={y + height / 2 + 4}
			text-anchor="middle"
			font-size="12"
			fill="currentColor"
			font-weight="600">{isLost ? 'lost' : `${n} ${letter(arm)}`}</text
		>
	{/each}
</svg>
{#if ends}<p class="quiet text-sm">First row {ends[0]}, last row {ends[1]}.</p>{/if}
