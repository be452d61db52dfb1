<script lang="ts">
	import { charShareLimits } from '$lib/core/beds';
	import { round } from './geometry';
	/**
	 * How full of char a bed's working depth is, on a scale that ends at the ceiling for life, with
	 * a mark at the target. For a row in a list: the row carries the words.
	 */
	let {
		share,
		after
	}: {
		/** Share of the working depth that is char, 0–1. */
		share: number;
		/** The share a dose would reach. */
		after?: number | undefined;
	} = $props();
	const width = 200;
	const at = (value: number) => round(Math.min(1, value / charShareLimits.ceiling) * width);
</script>

<svg viewBox="-2 -6 204 22" class="block w-full" role="presentation">
	<rect {width} height="12" fill="var(--soil)" />
	{#if after !== undefined}<rect width={at(after)} height="12" fill="var(--ember)" />{/if}
	<rect width={at(share)} height="12" fill="var(--char)" />
	<path
		d="M{at(charShareLimits.target)} -5v22"
		stroke="var(--ink)"
		stroke-width="2"
		stroke-dasharray="3 2"
	/>
	<rect {width} height="12" fill="none" stroke="var(--ink)" stroke-width="1.5" />
</svg>
