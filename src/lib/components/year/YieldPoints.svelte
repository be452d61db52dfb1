<script lang="ts">
	/**
	 * Yields as points with their doubt, in the order of time or over what was measured of each; behind them where the
	 * next was expected by those before. The table beside it says the same.
	 */
	let {
		points,
		label,
		axis
	}: {
		points: readonly {
			readonly code: string;
			readonly x: number;
			readonly value: number;
			readonly low: number;
			readonly high: number;
			readonly limits?: { readonly low: number; readonly high: number } | undefined;
			readonly isOut: boolean;
		}[];
		label: string;
		/** What lies along, with its ends in words. */
		axis: { readonly name: string; readonly first: string; readonly last: string };
	} = $props();
	const [left, width, top, height] = [58, 530, 14, 220];
	const xs = $derived(points.map(({ x }) => x));
	const [least, most] = $derived([Math.min(...xs), Math.max(...xs)]);
	const high = $derived(
		Math.max(0.1, Math.ceil(Math.max(...points.map((one) => Math.min(1, one.high))) * 10) / 10)
	);
	const x = (value: number) =>
		round(left + 12 + ((value - least) / (most - least || 1)) * (width - 24));
	const y = (value: number) =>
		round(top + (1 - Math.min(high, Math.max(0, value)) / high) * height);
	const round = (value: number) => Math.round(value * 10) / 10;
	/** Many points are one line each of a kind: a page of them stays light. */
	const bands = $derived(
		points
			.flatMap(({ x: at, limits }) =>
				limits ? [`M${x(at)} ${y(limits.low)}V${y(limits.high)}`] : []
			)
			.join('')
	);
	const doubts = $derived(
		points.map((one) => `M${x(one.x)} ${y(one.low)}V${y(one.high)}`).join('')
	);
	const usual = $derived(
		points.flatMap((one) => (one.isOut ? [] : [`M${x(one.x)} ${y(one.value)}h0`])).join('')
	);
	const out = $derived(
		points
			.flatMap((one) => (one.isOut ? [`M${x(one.x)} ${y(one.value) - 7}l7 7l-7 7l-7 -7Z`] : []))
			.join('')
	);
	const ticks = $derived(
		Array.from({ length: Math.round(high * 10) + 1 }, (_, i) => i / 10).filter(
			(_, i, all) => all.length < 7 || i % 2 === 0
		)
	);
</script>

<svg viewBox="0 0 600 268" class="mb-2 block w-full max-w-3xl" role="img" aria-label={label}>
	{#each ticks as tick (tick)}
		<path
			d="M{left} {y(tick)}H{left + width}"
			stroke="currentColor"
			stroke-width="0.5"
			opacity="0.4"
		/>
		<text
			x={left - 6}
			y={y(tick) + 5}
			text-anchor="end"
			class="text-[17px] sm:text-[13px]"
			fill="currentColor">{Math.round(tick * 100)} %</text
		>
	{/each}
	<path d={bands} stroke="var(--straw)" stroke-width="9" opacity="0.35" />
	<path d={doubts} stroke="currentColor" stroke-width="1.5" />
	<path d={usual} stroke="var(--moss)" stroke-width="9" stroke-linecap="round" />
	<path d={out} fill="var(--ember)" stroke="currentColor" />
	<path d="M{left} {top + height}h{width}" stroke="currentColor" />
	<text x={left} y={top + height + 20} class="text-[17px] sm:text-[13px]" fill="currentColor"
		>{axis.first}</text
	>
	<text
		x={left + width / 2}
		y={top + height + 20}
		text-anchor="middle"
		class="text-[17px] sm:text-[13px]"
		fill="currentColor">{axis.name}</text
	>
	<text
		x={left + width}
		y={top + height + 20}
		text-anchor="end"
		class="text-[17px] sm:text-[13px]"
		fill="currentColor">{axis.last}</text
	>
</svg>
