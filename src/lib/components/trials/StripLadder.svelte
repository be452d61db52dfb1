<script lang="ts">
	/** Pairs over beds and years as a ladder: how much more or less the treated part gave, one rung each. */
	let {
		rungs,
		label
	}: {
		rungs: readonly { readonly name: string; readonly percent: number }[];
		label: string;
	} = $props();
	const [row, left, width] = [24, 150, 420];
	const most = $derived(Math.max(10, ...rungs.map(({ percent }) => Math.abs(percent))));
	const middle = left + (width - left) / 2;
	const x = (percent: number) =>
		Math.round((middle + (percent / most) * ((width - left) / 2 - 24)) * 10) / 10;
</script>

<svg
	viewBox="0 0 {width} {rungs.length * row + 8}"
	class="block w-full max-w-xl"
	role="img"
	aria-label={label}
>
	<path d="M{middle} 0V{rungs.length * row + 8}" stroke="currentColor" stroke-width="1.5" />
	{#each rungs as { name, percent }, i (i)}
		{@const y = i * row + 6}
		<text x="0" y={y + 12} font-size="12" fill="currentColor">{name}</text>
		<path
			d="M{middle} {y}H{x(percent)}V{y + 14}H{middle}Z"
			fill={percent < 0 ? 'var(--ember)' : 'var(--moss)'}
		/>
	{/each}
</svg>
