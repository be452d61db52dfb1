<script lang="ts">
	/** What arms and rows leave over of each pot or plot, in walking order: above its mean or below it. */
	let {
		left,
		label
	}: {
		left: readonly {
			readonly n: number;
			readonly arm: number;
			readonly off: number;
			readonly says: string;
		}[];
		label: string;
	} = $props();
	const [width, height, step] = [470, 120, 60];
	const most = $derived(Math.max(1e-9, ...left.map(({ off }) => Math.abs(off))));
	const last = $derived(Math.max(1, ...left.map(({ n }) => n)));
	const x = (n: number) =>
		Math.round((14 + ((n - 1) / Math.max(1, last - 1)) * (width - 28)) * 10) / 10;
	const y = (off: number) => Math.round((step - (off / most) * (step - 14)) * 10) / 10;
</script>

<svg viewBox="0 0 {width} {height}" class="block w-full max-w-2xl" role="img" aria-label={label}>
	<path d="M0 {step}H{width}" stroke="currentColor" stroke-width="1" opacity="0.6" />
	{#each left as { n, off, arm } (n)}
		<path d="M{x(n)} {step}V{y(off)}" stroke="var(--ash)" stroke-width="1.5" />
		<text
			x={x(n)}
			y={y(off) + (off < 0 ? 12 : -4)}
			text-anchor="middle"
			font-size="11"
			fill="currentColor">{String.fromCharCode(65 + arm)}</text
		>
	{/each}
</svg>
