<script lang="ts">
	import type { OwnMeasure, System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { shelfOf } from './shelf';
	/** The grower's own measures side by side on the ground, all to one scale. */
	let { measures, system }: { measures: readonly OwnMeasure[]; system: System | undefined } =
		$props();
	const shelf = $derived(shelfOf(measures));
	const words = $derived(
		measures.map(({ name, litres }) => `${name} ${say(litres, 'L', system)}`).join(', ')
	);
</script>

<figure class="mb-4 max-w-2xl">
	<svg
		viewBox="0 -4 {shelf.width} {shelf.height + 7}"
		class="block w-full"
		role="img"
		aria-label={words}
	>
		{#each shelf.tubs as tub (tub.name)}
			<path
				d={tub.path}
				fill="var(--color-base-200)"
				stroke="var(--ink)"
				stroke-width="1.5"
				stroke-linejoin="round"
			/>
		{/each}
		<path d="M0 {shelf.height}H{shelf.width}" stroke="var(--ink)" stroke-width="1.5" />
	</svg>
	<figcaption class="grid text-center text-sm" style="grid-template-columns: {shelf.columns}">
		{#each shelf.tubs as tub (tub.name)}<span
				>{tub.name}
				<strong class="block">{say(tub.litres, 'L', system)}</strong></span
			>{/each}
	</figcaption>
</figure>
