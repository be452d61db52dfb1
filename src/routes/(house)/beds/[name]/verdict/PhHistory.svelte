<script lang="ts">
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import type { System } from '$lib/core/units';
	import type { PageData } from './$types';
	/** What was read of its pH over the years, each with its error, and what lime went on between. */
	let {
		readings,
		limes,
		almanac,
		system
	}: {
		readings: PageData['readings'];
		limes: PageData['limes'];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const [left, width, top, height] = [36, 530, 14, 120];
	const times = $derived([...readings, ...limes].map(({ at_ms }) => at_ms));
	const first = $derived(Math.min(...times));
	const last = $derived(Math.max(...times, almanac.now_ms));
	const x = (at_ms: number) => left + ((at_ms - first) / Math.max(1, last - first)) * width;
	const low = $derived(
		Math.floor(Math.min(...readings.map(({ ph, error }) => ph - error)) * 2) / 2
	);
	const high = $derived(
		Math.ceil(Math.max(...readings.map(({ ph, error }) => ph + error)) * 2) / 2
	);
	const y = (ph: number) => top + ((high - ph) / Math.max(0.5, high - low)) * height;
	const ticks = $derived(
		Array.from({ length: Math.round((high - low) * 2) + 1 }, (_, i) => low + i / 2)
	);
	const most = $derived(Math.max(1, ...limes.map(({ lime }) => lime)));
	const ground = top + height + 34;
	const said = $derived(
		[
			...readings.map(({ ph, at_ms }) => `pH ${plain(ph, 1)} on ${sayDay(at_ms, almanac)}`),
			...limes.map(
				({ lime, at_ms }) =>
					`${say(Number(lime.toPrecision(2)), 'g/m²', system)} of lime on ${sayDay(at_ms, almanac)}`
			)
		].join('; ')
	);
</script>

<svg
	viewBox="0 0 600 190"
	class="mb-6 block w-full max-w-2xl"
	role="img"
	aria-label="pH over time: {said}."
>
	{#each ticks as tick (tick)}
		<path d="M{left} {y(tick)}h{width}" stroke="currentColor" stroke-width="0.5" opacity="0.4" />
		<text
			x={left - 6}
			y={y(tick) + 4}
			text-anchor="end"
			class="text-[16px] sm:text-[12px]"
			fill="currentColor">{plain(tick, 1)}</text
		>
	{/each}
	{#each readings as one, i (i)}
		<path
			d="M{x(one.at_ms)} {y(one.ph - one.error)}V{y(one.ph + one.error)}"
			stroke="var(--ember)"
			stroke-width="2"
		/>
		<circle
			cx={x(one.at_ms)}
			cy={y(one.ph)}
			r="5"
			fill={one.isSoon ? 'none' : 'var(--ember)'}
			stroke="var(--ember)"
			stroke-width="2"
		/>
	{/each}
	<path d="M{left} {ground}h{width}" stroke="currentColor" />
	{#each limes as one, i (i)}
		<rect
			x={x(one.at_ms) - 4}
			y={ground - 4 - (24 * one.lime) / most}
			width="8"
			height={4 + (24 * one.lime) / most}
			fill="var(--ash)"
			stroke="currentColor"
		/>
	{/each}
	<text x={left} y={ground + 18} class="text-[16px] sm:text-[12px]" fill="currentColor"
		>{sayDay(first, almanac)}</text
	>
	<text
		x={left + width / 2}
		y={ground + 18}
		text-anchor="middle"
		class="text-[16px] sm:text-[12px]"
		fill="currentColor">lime that went on</text
	>
	<text
		x={left + width}
		y={ground + 18}
		text-anchor="end"
		class="text-[16px] sm:text-[12px]"
		fill="currentColor">{sayDay(last, almanac)}</text
	>
</svg>
