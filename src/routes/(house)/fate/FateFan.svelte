<script lang="ts">
	import type { Fate } from '$lib/core/fate';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { fateWords } from '$lib/format/fate-words';
	import { say } from '$lib/format/figure';
	import { round } from '$lib/components/cutaway/geometry';
	import type { PilePart } from '$lib/input/fate';
	/**
	 * What becomes of a pile as a fan over the months ahead: each part a line as thick as it is much, to where it is
	 * ready; of a pile that is not parted the ways it might go.
	 */
	let {
		parts,
		almanac,
		system
	}: {
		parts: readonly PilePart[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	interface Rib {
		readonly key: string;
		readonly label: string;
		readonly fate: Fate;
		readonly wanted_ms: number | undefined;
		readonly thick: number;
	}
	const most = $derived(Math.max(1, ...parts.map(({ litres }) => litres)));
	const ribs = $derived.by((): readonly Rib[] => {
		const [only, ...more] = parts;
		if (only && more.length === 0)
			return only.fates
				.filter(({ no }) => no === undefined)
				.slice(0, 6)
				.map((fate) => ({
					...{ key: fate.way.id, label: fateWords[fate.way.id] ?? '', fate },
					...{ wanted_ms: only.wanted_ms, thick: 1.5 }
				}));
		return parts.flatMap(({ row, fate, litres, wanted_ms }) =>
			fate
				? [
						{
							...{ key: `${row}`, fate, wanted_ms },
							label: `${say(litres, 'L', system)} ${fateWords[fate.way.id]}`,
							thick: 1.5 + 5 * (litres / most)
						}
					]
				: []
		);
	});
	const end = $derived(
		Math.max(
			almanac.now_ms + 1,
			...ribs.map(({ fate, wanted_ms }) => Math.max(wanted_ms ?? 0, fate.ready_ms[1]))
		)
	);
	const width = 328;
	const xAt = (at_ms: number) =>
		20 + (Math.max(0, at_ms - almanac.now_ms) / (end - almanac.now_ms)) * (width - 20);
	const rib = 40;
	const height = $derived(ribs.length * rib + 6);
	const caption = $derived(
		`From today: ${ribs.map(({ label, fate }) => `${label} ${sayDay(fate.ready_ms[0], almanac)} to ${sayDay(fate.ready_ms[1], almanac)}`).join('; ')}.`
	);
</script>

{#if ribs.length > 0}
	<figure class="mb-4">
		<svg
			viewBox="0 0 340 {height + 22}"
			class="block w-full max-w-md"
			role="img"
			aria-label={caption}
		>
			{#each ribs as { key, label, fate, wanted_ms, thick }, i (key)}
				{@const y = i * rib + 28}
				<path
					d="M8 {round(height / 2)}L{round(xAt(fate.ready_ms[0]))} {y}"
					stroke="var(--ash)"
					stroke-width={round(thick)}
				/>
				<path
					d="M{round(xAt(fate.ready_ms[0]))} {y}H{round(
						Math.max(xAt(fate.ready_ms[0]) + 4, xAt(fate.ready_ms[1]))
					)}"
					stroke="var(--moss)"
					stroke-width="7"
				/>
				<text
					x="26"
					y={y - 9}
					font-size="15"
					fill="currentColor"
					paint-order="stroke"
					stroke="var(--side)"
					stroke-width="4">{label}</text
				>
				{#if wanted_ms !== undefined}<path
						d="M{round(xAt(wanted_ms))} {y - 8}V{y + 8}"
						stroke="var(--color-primary)"
						stroke-width="3"
					/>{/if}
			{/each}
			<circle cx="8" cy={round(height / 2)} r="5" fill="currentColor" />
			<text x="2" y={height + 16} font-size="14" fill="currentColor">today</text>
			<text x="338" y={height + 16} font-size="14" text-anchor="end" fill="currentColor"
				>{sayDay(end, almanac)}</text
			>
		</svg>
		<figcaption class="quiet text-sm">
			{caption} Green: when it is ready; the stroke across: when it is wanted.
		</figcaption>
	</figure>
{/if}
