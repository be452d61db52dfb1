<script lang="ts">
	import type { OwnMeasure, System } from '$lib/core/units';
	import Say from '$lib/components/answer/Say.svelte';
	import { say } from '$lib/format/figure';
	import { said, slipped, wordsOf } from '$lib/format/sentence';
	import { measuresIn, round, specks } from './geometry';
	/**
	 * Loose litres as fillings of an own measure, side by side and all to one scale: what a lot is in
	 * barrows before anybody carries one.
	 */
	let {
		litres,
		measure,
		of,
		told,
		system
	}: {
		litres: number;
		measure: OwnMeasure;
		/** What it is, in words: the text alternative says so. */
		of: string;
		/** Label of the slip that tells its litres. */
		told: string;
		system: System | undefined;
	} = $props();
	const uid = $props.id();
	const most = 8;
	const tub = { width: 44, height: 46, taper: 6 };
	const fills = $derived(measuresIn(litres, measure.litres, most));
	const over = $derived(litres > most * measure.litres);
	const grain = specks({ x: 0, y: 0, width: tub.width, height: tub.height }, 0.08, 4);
	const outline = (fill: number) => {
		const top = tub.height * (1 - fill);
		const inset = tub.taper * (1 - fill);
		return `M${tub.taper} ${tub.height}L${round(tub.taper - tub.taper + inset)} ${round(top)}H${round(tub.width - inset)}L${tub.width - tub.taper} ${tub.height}Z`;
	};
	const words = $derived(
		said`${slipped(say(litres, 'L', system), told)} ${of}, in ${measure.name}s of ${say(measure.litres, 'L', system)}${over ? `; the first ${most} are drawn` : ''}.`
	);
</script>

<figure class="my-4">
	<svg
		viewBox="-2 -2 {fills.length * (tub.width + 8) + 4} {tub.height + 5}"
		class="block h-16"
		role="img"
		aria-label={wordsOf(words)}
	>
		{#each fills as fill, i (i)}
			<g transform="translate({i * (tub.width + 8)} 0)">
				<clipPath id="{uid}-{i}"><path d={outline(fill)} /></clipPath>
				<path d={outline(fill)} fill="var(--char)" />
				<path
					d={grain}
					class="specks"
					stroke="var(--ash)"
					stroke-width="4"
					clip-path="url(#{uid}-{i})"
				/>
				<path
					d="M0 0L{tub.taper} {tub.height}H{tub.width - tub.taper}L{tub.width} 0"
					fill="none"
					stroke="var(--ink)"
					stroke-width="2.5"
					stroke-linejoin="round"
				/>
			</g>
		{/each}
	</svg>
	<figcaption class="quiet text-sm"><Say sentence={words} /></figcaption>
</figure>
