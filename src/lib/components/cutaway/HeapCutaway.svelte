<script lang="ts">
	import type { System } from '$lib/core/units';
	import { inUnit, plain, unitName } from '$lib/format/figure';
	import { round, ticks } from './geometry';
	/** A heap in section, its layers as they were laid, to scale; dashed where it stood at first. */
	let {
		layers,
		laid_m,
		now_m,
		wide_m,
		isRing = false,
		isPath = false,
		hasTimber = false,
		heat_c,
		caption,
		system
	}: {
		/** From the ground up, by their litres. */
		layers: readonly { readonly name: string; readonly litres: number; readonly look: string }[];
		laid_m: number;
		/** As it stands now; none: as laid. */
		now_m?: number | undefined;
		wide_m: number;
		/** In a ring of wire. */
		isRing?: boolean;
		/** Between beds, whose soil stands on both sides. */
		isPath?: boolean;
		/** Boards hold its sides. */
		hasTimber?: boolean;
		/** As it was last read. */
		heat_c?: number | undefined;
		caption: string;
		system: System | undefined;
	} = $props();
	const box = { width: 220, height: 190 };
	const stands = $derived(now_m ?? laid_m);
	const scale = $derived(
		Math.min((box.width - (isPath ? 100 : 0)) / wide_m, box.height / Math.max(laid_m, stands))
	);
	const half = $derived((wide_m * scale) / 2);
	/** Loose heaps lean in as they rise; a ring keeps its width. */
	const lean = $derived(isRing || isPath ? 0 : 0.22);
	const xAt = (share: number) => half * (1 - lean * share);
	const yOf = (height: number) => box.height - height * scale;
	const outline = (from: number, to: number, full: number) => {
		const [a, b] = [xAt(from / full), xAt(to / full)];
		const mid = box.width / 2;
		return `M${round(mid - a)} ${round(yOf(from))}L${round(mid - b)} ${round(yOf(to))}L${round(mid + b)} ${round(yOf(to))}L${round(mid + a)} ${round(yOf(from))}Z`;
	};
	const all = $derived(layers.reduce((sum, { litres }) => sum + litres, 0));
	const drawn = $derived.by(() => {
		let from = 0;
		return layers.map((layer) => {
			const to = from + (all > 0 ? (layer.litres / all) * stands : 0);
			const one = { ...layer, path: outline(from, to, stands || 1), y: (yOf(from) + yOf(to)) / 2 };
			from = to;
			return one;
		});
	});
	const marks = $derived(ticks(Math.max(laid_m, stands)));
	/** Where the drawing begins: a low heap leaves no empty sky. */
	const top = $derived(Math.min(yOf(Math.max(laid_m, stands)), yOf(marks.at(-1) ?? 0)));
</script>

<figure class="mb-4">
	<svg
		viewBox="-44 {round(top - 26)} 434 {round(box.height - top + 36)}"
		class="block w-full max-w-md"
		role="img"
		aria-label={caption}
	>
		{#if isPath}
			{#each [1, -1] as side (side)}
				<path
					d="M{round(box.width / 2 + side * half)} {box.height}v{round(-laid_m * scale)}h{side *
						44}v{round(laid_m * scale)}Z"
					fill="var(--soil)"
				/>
				{#if hasTimber}<path
						d="M{round(box.width / 2 + side * (half + 2))} {box.height}v{round(
							-laid_m * scale - 4
						)}"
						stroke="var(--wood-dark)"
						stroke-width="4"
					/>{/if}
			{/each}
		{/if}
		{#each drawn as layer, i (i)}
			<path d={layer.path} fill="var({layer.look})" stroke="var(--color-base-100)" />
			{#if layer.litres / all > 0.04}<text
					x={box.width + 10}
					y={round(layer.y) + 4}
					font-size="12"
					fill="currentColor">{layer.name}</text
				>{/if}
		{/each}
		{#if laid_m > stands * 1.01}<path
				d={outline(0, laid_m, laid_m)}
				fill="none"
				stroke="var(--ash)"
				stroke-dasharray="5 4"
			/>{/if}
		{#if heat_c !== undefined}
			<path
				d="M{box.width / 2} {round(yOf(stands) - 12)}V{round(yOf(stands / 2))}"
				stroke="var(--color-primary)"
				stroke-width="3"
			/>
			<text
				x={box.width / 2 + 8}
				y={round(yOf(stands)) - 2}
				font-size="14"
				font-weight="700"
				fill="var(--color-primary)"
				>{system === 'us' ? `${plain(heat_c * 1.8 + 32, 0)} °F` : `${plain(heat_c, 0)} °C`}</text
			>
		{/if}
		<path d="M-8 {box.height}H{box.width + 8}" stroke="var(--ink)" stroke-width="2" />
		{#each marks as mark (mark)}
			<path d="M-8 {round(yOf(mark))}h6" stroke="var(--ash)" stroke-width="1.5" />
			<text x="-12" y={round(yOf(mark)) + 4} font-size="12" text-anchor="end" fill="currentColor"
				>{plain(inUnit(mark * 100, 'cm', system), 0)}</text
			>
		{/each}
		<text x="-12" y={round(top - 14)} font-size="11" text-anchor="end" fill="currentColor"
			>{unitName('cm', system)}</text
		>
	</svg>
	<figcaption class="quiet text-sm">{caption}</figcaption>
</figure>
