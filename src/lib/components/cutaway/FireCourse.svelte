<script lang="ts">
	import { beganAt, unsaidSmoke_ms, type Course, type Timing } from '$lib/core/tending';
	import { inMinutes, minutes } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { round } from './geometry';
	/** A fire over its minutes: each layer until its edges were white and until the next, smoke, gusts, heat, water. */
	let {
		course,
		timings,
		end_ms,
		caption,
		system
	}: {
		course: Course;
		timings: readonly (Timing | undefined)[];
		end_ms: number;
		caption: string;
		system: System | undefined;
	} = $props();
	const width = 640;
	const rows = { layers: 30, smoke: 78, heat: 104, water: 168 };
	const from_ms = $derived(beganAt(course) ?? end_ms);
	const span = $derived(Math.max(minutes(10), end_ms - from_ms));
	const x = (at_ms: number) =>
		round(Math.max(0, Math.min(width, ((at_ms - from_ms) / span) * width)));
	/** Every quarter, half or whole hour. */
	const step = $derived([5, 15, 30, 60, 120, 240].find((one) => inMinutes(span) / one <= 8) ?? 480);
	const hours = $derived(
		Array.from({ length: Math.floor(inMinutes(span) / step) + 1 }, (_, i) => i * step)
	);
	const smokes = $derived(
		course.smokes.map(({ from_ms, to_ms, is }) => ({
			from: from_ms,
			to: to_ms ?? from_ms + unsaidSmoke_ms,
			is
		}))
	);
	const runs = $derived(
		course.runs.map(({ from_ms, to_ms }) => ({ from: from_ms, to: to_ms ?? end_ms }))
	);
	const hottest = $derived(Math.max(300, ...course.heats.map(({ c }) => c)));
	const y = (c: number) => round(rows.heat + 48 - (c / hottest) * 44);
	const colours: Readonly<Record<Timing, string>> = {
		early: 'var(--ember)',
		right: 'var(--moss)',
		late: 'var(--ash)'
	};
</script>

<figure class="mb-6">
	<svg viewBox="-4 0 {width + 60} 200" class="block w-full" role="img" aria-label={caption}>
		{#each hours as min (min)}
			<path
				d="M{x(from_ms + minutes(min))} 14V184"
				stroke="var(--color-base-300)"
				stroke-width="1"
			/>
			<text x={x(from_ms + minutes(min)) + 2} y="11" font-size="12" fill="currentColor"
				>{min} min</text
			>
		{/each}
		{#each course.layers as { id, n, at_ms, white_ms, next_ms, isHigh }, i (id)}
			{@const end = next_ms ?? Math.min(end_ms, at_ms + minutes(12))}
			{@const turn = white_ms ?? end}
			<rect
				x={x(at_ms)}
				y={rows.layers}
				width={Math.max(1, x(turn) - x(at_ms) - 1)}
				height="26"
				fill="var(--wood)"
			/>
			{#if white_ms !== undefined}<rect
					x={x(white_ms)}
					y={rows.layers}
					width={Math.max(1, x(end) - x(white_ms) - 1)}
					height="26"
					fill="var(--ash)"
					opacity="0.6"
				/>{/if}
			<path
				d="M{x(at_ms)} {rows.layers - 4}v34"
				stroke={colours[timings[i] ?? 'right']}
				stroke-width="3"
			/>
			{#if isHigh}<path d="M{x(at_ms) + 6} {rows.layers + 34}l4 -9l4 9z" fill="var(--ember)" />{/if}
			{#if course.layers.length <= 24 || n % 5 === 0}<text
					x={x(at_ms) + 4}
					y={rows.layers + 18}
					font-size="12"
					fill="var(--color-base-100)">{n}</text
				>{/if}
		{/each}
		{#each smokes as { from, to, is }, i (i)}<rect
				x={x(from)}
				y={rows.smoke}
				width={Math.max(2, x(to) - x(from))}
				height={is === 'thick' ? 14 : 7}
				fill="var(--ash)"
			/>{/each}
		{#each course.gusts as at_ms (at_ms)}<path
				d="M{x(at_ms)} {rows.smoke}q6 -8 12 0q6 8 12 0"
				fill="none"
				stroke="var(--liquid)"
				stroke-width="2"
			/>{/each}
		{#each course.heats as { at_ms, c, by }, i (i)}
			<circle
				cx={x(at_ms)}
				cy={y(c)}
				r="4"
				fill={by === 'probe' ? 'var(--ink)' : 'none'}
				stroke="var(--ink)"
				stroke-width="2"
			/>
			{#if c === hottest}<text x={x(at_ms) + 8} y={y(c) + 4} font-size="12" fill="currentColor"
					>{say(c, '°C', system)}</text
				>{/if}
		{/each}
		{#each runs as { from, to }, i (i)}<rect
				x={x(from)}
				y={rows.water}
				width={Math.max(2, x(to) - x(from))}
				height="10"
				fill="var(--liquid)"
			/>{/each}
		{#each course.pours as { at_ms, litres }, i (i)}<rect
				x={x(at_ms)}
				y={rows.water + 10 - Math.min(24, 4 + litres / 10)}
				width="6"
				height={Math.min(24, 4 + litres / 10)}
				fill="var(--liquid)"
			/>{/each}
		{#if course.quenched_ms !== undefined}<path
				d="M{x(course.quenched_ms)} 20V184"
				stroke="var(--liquid)"
				stroke-width="3"
			/>{/if}
		{#each [['layers', rows.layers + 17], ['smoke', rows.smoke + 10], ['heat', rows.heat + 30], ['water', rows.water + 9]] as [word, at] (word)}<text
				x={width + 6}
				y={at}
				font-size="12"
				fill="currentColor">{word}</text
			>{/each}
	</svg>
	<figcaption class="quiet text-sm">{caption}</figcaption>
</figure>
