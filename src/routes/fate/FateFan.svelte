<script lang="ts">
	import type { Fate } from '$lib/core/fate';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { fateWords } from '$lib/format/fate-words';
	import { round } from '$lib/components/cutaway/geometry';
	/** What may become of a pile as a fan of lines over the months ahead: each ends where it is ready. */
	let {
		fates,
		wanted_ms,
		almanac
	}: { fates: readonly Fate[]; wanted_ms: number | undefined; almanac: Almanac } = $props();
	const shown = $derived(fates.filter(({ no }) => no === undefined).slice(0, 6));
	const end = $derived(
		Math.max(almanac.now_ms + 1, wanted_ms ?? 0, ...shown.map(({ ready_ms }) => ready_ms[1]))
	);
	/** Names stand left of where the fan begins. */
	const from = 112;
	const width = 210;
	const xAt = (at_ms: number) =>
		from + 14 + (Math.max(0, at_ms - almanac.now_ms) / (end - almanac.now_ms)) * (width - 14);
	const height = $derived(shown.length * 34 + 10);
	const caption = $derived(
		`From today: ${shown.map(({ way, ready_ms }) => `${fateWords[way.id]} ${sayDay(ready_ms[0], almanac)} to ${sayDay(ready_ms[1], almanac)}`).join('; ')}.`
	);
</script>

{#if shown.length > 0}
	<figure class="mb-4">
		<svg
			viewBox="0 0 340 {height + 22}"
			class="block w-full max-w-md"
			role="img"
			aria-label={caption}
		>
			{#each shown as fate, i (fate.way.id)}
				{@const y = i * 34 + 22}
				<text x="0" y={y + 4} font-size="12" fill="currentColor">{fateWords[fate.way.id]}</text>
				<path
					d="M{from} {round(height / 2)}L{round(xAt(fate.ready_ms[0]))} {y}"
					stroke="var(--ash)"
					stroke-width="1.5"
				/>
				<path
					d="M{round(xAt(fate.ready_ms[0]))} {y}H{round(
						Math.max(xAt(fate.ready_ms[0]) + 4, xAt(fate.ready_ms[1]))
					)}"
					stroke="var(--moss)"
					stroke-width="7"
				/>
			{/each}
			{#if wanted_ms !== undefined}<path
					d="M{round(xAt(wanted_ms))} 4V{height}"
					stroke="var(--color-primary)"
					stroke-dasharray="4 3"
					stroke-width="1.5"
				/>{/if}
			<circle cx={from} cy={round(height / 2)} r="5" fill="currentColor" />
			<text x={from} y={height + 16} font-size="11" text-anchor="middle" fill="currentColor"
				>today</text
			>
			<text x="326" y={height + 16} font-size="11" text-anchor="end" fill="currentColor"
				>{sayDay(end, almanac)}</text
			>
		</svg>
		<figcaption class="quiet text-sm">{caption}</figcaption>
	</figure>
{/if}
