<script lang="ts">
	/** What each arm gave: every pot as a point, the mean with its interval over them, on one scale. */
	let {
		arms,
		ticks,
		label
	}: {
		arms: readonly {
			readonly name: string;
			readonly points: readonly number[];
			readonly mean: number;
			readonly low?: number | undefined;
			readonly high?: number | undefined;
		}[];
		ticks: readonly { readonly at: number; readonly says: string }[];
		/** All of it in words. */
		label: string;
	} = $props();
	const [row, left, width] = [42, 132, 470];
	const values = $derived([
		...arms.flatMap(({ points, low, high, mean }) => [...points, mean, low ?? mean, high ?? mean]),
		...ticks.map(({ at }) => at)
	]);
	const [least, most] = $derived([Math.min(...values), Math.max(...values)]);
	const x = (value: number) =>
		Math.round(
			(left + 10 + ((value - least) / Math.max(1e-9, most - least)) * (width - left - 30)) * 10
		) / 10;
	const bottom = $derived(arms.length * row + 6);
</script>

<svg
	viewBox="0 0 {width} {bottom + 26}"
	class="block w-full max-w-2xl"
	role="img"
	aria-label={label}
>
	{#each ticks as { at, says } (at)}
		<path d="M{x(at)} 4V{bottom}" stroke="var(--ash)" stroke-width="0.7" opacity="0.7" />
		<text x={x(at)} y={bottom + 18} text-anchor="middle" font-size="12" fill="currentColor"
			>{says}</text
		>
	{/each}
	{#each arms as { name, points, mean, low, high }, i (i)}
		{@const y = i * row + 24}
		<text x="0" y={y + 4} font-size="13" fill="currentColor">{name}</text>
		{#each points as point, k (k)}<circle
				cx={x(point)}
				cy={y + ((k % 3) - 1) * 5}
				r="3.6"
				fill="var(--moss)"
				opacity="0.55"
			/>{/each}
		{#if low !== undefined && high !== undefined}<path
				d="M{x(low)} {y}H{x(high)}"
				stroke="currentColor"
				stroke-width="2.4"
			/>{/if}
		<path d="M{x(mean)} {y - 9}V{y + 9}" stroke="currentColor" stroke-width="3" />
	{/each}
</svg>
