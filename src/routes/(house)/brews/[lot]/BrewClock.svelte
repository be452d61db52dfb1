<script lang="ts">
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { bandParts, hours, type Warmth, type Window } from '$lib/core/time';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import type { System } from '$lib/core/units';
	/** The clock of a brew: its temperatures as they were read, and the band they make. */
	let {
		window,
		warmth,
		almanac,
		system
	}: {
		window: Window;
		warmth: readonly Warmth[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const from = $derived(window.start_ms);
	const to = $derived(
		Math.max(
			almanac.now_ms + (almanac.now_ms - from) * 0.15 + hours(4),
			Math.min(window.past_ms ?? 0, from + ((window.best_ms ?? from) - from) * 3 + hours(48))
		)
	);
	const width = 640;
	const at = $derived((ms: number) => ((ms - from) / (to - from)) * width);
	const span = $derived({
		low: Math.min(...warmth.map(({ temperature }) => temperature)),
		high: Math.max(...warmth.map(({ temperature }) => temperature))
	});
	const yAt = $derived(
		(c: number) => 42 - (span.high > span.low ? ((c - span.low) / (span.high - span.low)) * 26 : 13)
	);
	// Each reading holds until the next: that is how the clock reckons.
	const line = $derived(
		warmth
			.map(({ from_ms, temperature }, i) => {
				const end = Math.min(warmth[i + 1]?.from_ms ?? to, to);
				const y = yAt(temperature).toFixed(1);
				return `${i === 0 ? 'M' : 'L'}${at(from_ms).toFixed(1)} ${y}L${at(end).toFixed(1)} ${y}`;
			})
			.join('')
	);
	const told = $derived(
		warmth.map(
			({ from_ms, temperature }) =>
				`${say(temperature, '°C', system)} from ${sayMoment(from_ms, almanac)}`
		)
	);
</script>

<svg
	viewBox="0 -8 {width} 60"
	class="block w-full"
	role="img"
	aria-label="Temperature: {told.join(', ')}"
>
	<path d={line} fill="none" stroke="var(--wood-dark)" stroke-width="2" />
	{#each warmth as { from_ms, temperature } (from_ms)}
		{#if from_ms < to}<text
				x={Math.min(width - 56, at(from_ms) + 2)}
				y={yAt(temperature) - 5}
				font-size="17"
				fill="currentColor">{say(temperature, '°C', system)}</text
			>{/if}
	{/each}
</svg>
<RipeningBand
	parts={bandParts(window, from, to)}
	{from}
	{to}
	now={almanac.now_ms}
	words
	length={width}
/>
<p class="quiet flex justify-between text-xs">
	<span>{sayMoment(from, almanac)}</span><span>{sayMoment(to, almanac)}</span>
</p>
