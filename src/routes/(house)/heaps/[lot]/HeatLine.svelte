<script lang="ts">
	import { round } from '$lib/components/cutaway/geometry';
	import { heatRule, type HeatReading } from '$lib/core/heaps';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { plain } from '$lib/format/figure';
	/** The coldest probe of each look over time, with 55 °C and the turnings. */
	let {
		readings,
		turned_ms,
		almanac,
		system
	}: {
		readings: readonly HeatReading[];
		turned_ms: readonly number[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const box = { width: 420, height: 150 };
	const from = $derived(readings[0]?.at_ms ?? 0);
	const to = $derived(Math.max(readings.at(-1)?.at_ms ?? 1, from + 1));
	const top = 80;
	const xOf = (at: number) => ((at - from) / (to - from)) * box.width;
	const yOf = (c: number) => box.height - (Math.max(0, Math.min(top, c)) / top) * box.height;
	const coldest = ({ probes }: HeatReading) => Math.min(...probes);
	const line = $derived(
		readings
			.map((one, i) => `${i ? 'L' : 'M'}${round(xOf(one.at_ms))} ${round(yOf(coldest(one)))}`)
			.join('')
	);
	const turned = $derived(turned_ms.filter((at) => at >= from && at <= to));
	const warm = (c: number) =>
		system === 'us' ? `${plain(c * 1.8 + 32, 0)} °F` : `${plain(c, 0)} °C`;
	const told = $derived(
		`Heat from ${sayDay(from, almanac)} to ${sayDay(to, almanac)}, the coldest probe of each look: ${readings.map((one) => warm(coldest(one))).join(', ')}. Turned ${turned.length} times.`
	);
</script>

<figure class="mb-4">
	<svg viewBox="-8 -16 490 190" class="block w-full max-w-xl" role="img" aria-label={told}>
		<path
			d="M0 {round(yOf(heatRule.hot_c))}H{box.width}"
			stroke="var(--color-error)"
			stroke-dasharray="5 4"
		/>
		<text
			x={box.width + 6}
			y={round(yOf(heatRule.hot_c)) + 4}
			font-size="13"
			fill="var(--color-error)">{warm(heatRule.hot_c)}</text
		>
		{#each turned as at (at)}
			<path d="M{round(xOf(at))} 0V{box.height}" stroke="var(--ink)" stroke-width="1.5" />
			<text x={round(xOf(at))} y="-4" font-size="12" text-anchor="middle" fill="currentColor"
				>turned</text
			>
		{/each}
		<path d={line} fill="none" stroke="var(--wood-dark)" stroke-width="2.5" />
		{#each readings as one (one.at_ms)}<circle
				cx={round(xOf(one.at_ms))}
				cy={round(yOf(coldest(one)))}
				r="3.5"
				fill="var(--wood-dark)"
			/>{/each}
		<path d="M0 {box.height}H{box.width}" stroke="var(--ash)" />
		<text x="0" y={box.height + 16} font-size="12" fill="currentColor">{sayDay(from, almanac)}</text
		>
		<text x={box.width} y={box.height + 16} font-size="12" text-anchor="end" fill="currentColor"
			>{sayDay(to, almanac)}</text
		>
	</svg>
	<figcaption class="quiet text-sm">The coldest probe of each look.</figcaption>
</figure>
