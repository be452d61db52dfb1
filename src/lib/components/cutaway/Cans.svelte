<script lang="ts">
	import type { Fills } from '$lib/core/brews';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { count } from '$lib/format/words';
	/** Fills as cans: each as high as it is filled, the brew at its foot in its true share. */
	let {
		fills,
		can_l,
		total_l,
		system
	}: { fills: Fills; can_l: number; total_l: number; system: System | undefined } = $props();
	/** As many as an eye counts. */
	const most = 12;
	const width = 46;
	const body = { x: 6, y: 16, width: 26, height: 42 };
	const n = $derived(fills.whole + (fills.last > 0.02 ? 1 : 0));
	const cans = $derived(
		Array.from({ length: Math.min(n, most) }, (_, i) => (i < fills.whole ? 1 : fills.last))
	);
	const share = $derived(can_l > 0 ? fills.brewInEach / can_l : 0);
	const tall = (part: number) => Number((body.height * part).toFixed(1));
	const told = $derived(
		n === 0
			? 'No can'
			: `${count(n, 'can', 'cans')} of ${say(can_l, 'L', system)}, ${say(fills.brewInEach, 'L', system)} of brew in each${fills.last > 0.02 && fills.whole > 0 ? `, ${say(fills.brewInLast, 'L', system)} in the last` : ''}`
	);
</script>

{#if total_l > 0}
	<figure>
		<svg
			viewBox="0 0 {Math.max(cans.length, 1) * width} 62"
			class="block h-14 max-w-full"
			role="img"
			aria-label={told}
		>
			{#each cans as full, i (i)}
				{@const x = i * width + body.x}
				{@const top = body.y + body.height - tall(full)}
				<path
					d="M{x + 3} {body.y}q10 -14 20 0M{x + body.width} {body.y + 14}l8 -8"
					fill="none"
					stroke="var(--ink)"
					stroke-width="2.5"
				/>
				<rect
					{x}
					y={top}
					width={body.width}
					height={tall(full)}
					fill="var(--liquid)"
					opacity="0.45"
				/>
				<rect
					{x}
					y={body.y + body.height - Math.max(1, tall(full * share))}
					width={body.width}
					height={Math.max(1, tall(full * share))}
					fill="var(--wood-dark)"
				/>
				<rect
					{x}
					y={body.y}
					width={body.width}
					height={body.height}
					fill="none"
					stroke="var(--ink)"
					stroke-width="2.5"
				/>
			{/each}
		</svg>
		<figcaption class="quiet text-sm">{told}{n > most ? `; ${most} drawn` : ''}.</figcaption>
	</figure>
{/if}
