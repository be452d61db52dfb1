<script lang="ts">
	import type { Stratum } from '$lib/core/tending';
	import type { Shape, VesselUse } from '$lib/core/vessels';
	import type { System } from '$lib/core/units';
	import { inUnit, plain, unitName } from '$lib/format/figure';
	import VesselParts from './VesselParts.svelte';
	import { round, sectionOf, specks, ticks } from './geometry';
	/**
	 * A fire in section, to scale: its char in the layers that made it, the newest glowing, and flames over them. Of a
	 * vessel that burns from its top down the front, as far as it has likely come.
	 */
	let {
		shape,
		use,
		strata,
		front,
		flames,
		isOut,
		holds,
		caption,
		system
	}: {
		shape: Shape;
		use: VesselUse;
		strata: readonly Stratum[];
		/** Share of the way down, 0…1, where something burns down through what it was filled with. */
		front?: number | undefined;
		/** 0 none, 1 usual, 2 high. */
		flames: 0 | 1 | 2;
		isOut: boolean;
		/** What fills it where it was filled once and chars all through. */
		holds?: 'wood' | 'char' | undefined;
		caption: string;
		system: System | undefined;
	} = $props();
	const uid = $props.id();
	const box = { width: 180, height: 150 };
	const section = $derived(sectionOf(shape, box));
	const wall = $derived(section.wall.map(({ x, y }) => `${round(x)} ${round(y)}`).join('L'));
	const top = $derived(
		front === undefined ? (strata.at(-1)?.to_m ?? 0) : Math.max(0, shape.depth * (1 - front))
	);
	const [left, right] = $derived(section.xAt(Math.max(top, shape.depth / 50)));
	const rim = $derived(section.xAt(shape.depth)[1]);
	/** Each layer by itself; the last three still glow. */
	const bands = $derived(
		strata.map(({ from_m, to_m, layer }, i) => ({
			id: layer.id,
			path: section.fill(from_m, to_m),
			y: section.yAt(from_m),
			x: section.xAt(from_m),
			age: strata.length - 1 - i,
			isThick: layer.pieces === 'thick-pieces'
		}))
	);
	const tongues = $derived.by(() => {
		const width = right - left;
		const count = Math.max(2, Math.min(7, Math.round(width / 18)));
		const tall = (flames === 2 ? 62 : 40) * Math.min(1, width / 90 + 0.4);
		const y = section.yAt(top);
		return Array.from({ length: count }, (_, i) => {
			const x = left + (width * (i + 0.5)) / count;
			const half = (width / count) * 0.62;
			const h = tall * (0.62 + 0.38 * Math.sin(1 + i * 2.1));
			return `M${round(x - half)} ${round(y)}C${round(x - half)} ${round(y - h * 0.5)} ${round(x - half * 0.2)} ${round(y - h * 0.6)} ${round(x)} ${round(y - h)}C${round(x + half * 0.2)} ${round(y - h * 0.6)} ${round(x + half)} ${round(y - h * 0.5)} ${round(x + half)} ${round(y)}Z`;
		}).join('');
	});
	/** A shallow pit has its flames close above it. */
	const sky = $derived(round(Math.max(-58, section.yAt(shape.depth) - 62)));
	const grain = $derived(
		specks(
			{
				x: 0,
				y: section.yAt(shape.depth),
				width: box.width,
				height: section.yAt(0) - section.yAt(shape.depth)
			},
			0.07,
			4
		)
	);
</script>

<svg viewBox="-14 {sky} 244 {162 - sky}" class="block w-full" role="img" aria-label={caption}>
	{#if front !== undefined}
		<path d={section.fill(0, top)} fill="var(--wood-dark)" opacity="0.55" />
		{#if front > 0}<path d={section.fill(top, shape.depth)} fill="var(--char)" />{/if}
		{#if !isOut}<path
				d="M{round(left)} {round(section.yAt(top))}H{round(right)}"
				stroke="var(--ember)"
				stroke-width="5"
			/>{/if}
	{/if}
	{#if holds}<path
			d={section.fill(0, shape.depth)}
			fill={holds === 'wood' ? 'var(--wood-dark)' : 'var(--char)'}
			opacity={holds === 'wood' ? 0.55 : 1}
		/>{/if}
	{#each bands as { id, path, age, x, y, isThick } (id)}
		<path
			d={path}
			fill="var(--char)"
			stroke={isThick ? 'var(--wood-dark)' : 'none'}
			stroke-width="1.5"
		/>
		{#if age < 3 && !isOut}<path
				d={path}
				fill="var(--ember)"
				opacity={[0.95, 0.5, 0.22][age]}
			/>{/if}
		<path
			d="M{round(x[0])} {round(y)}H{round(x[1])}"
			stroke="var(--ash)"
			stroke-width="0.7"
			opacity="0.7"
		/>
	{/each}
	{#if strata.length > 0}
		<clipPath id="{uid}-bed"><path d={section.fill(0, top)} /></clipPath>
		<path
			d={grain}
			class="specks"
			stroke="var(--ash)"
			stroke-width="3"
			clip-path="url(#{uid}-bed)"
			opacity="0.55"
		/>
	{/if}
	{#if flames > 0 && !isOut && !holds}<path d={tongues} fill="var(--ember)" opacity="0.92" /><path
			d={tongues}
			fill="var(--straw)"
			opacity="0.8"
			transform="translate({round(((left + right) / 2) * 0.45)} {round(
				section.yAt(top) * 0.45
			)}) scale(.55)"
		/>{/if}
	<VesselParts {use} {section} depth={shape.depth} small={false} />
	<path
		d="M{wall}"
		fill="none"
		stroke={shape.kind === 'pile' ? 'var(--ash)' : 'var(--ink)'}
		stroke-dasharray={shape.kind === 'pile' ? '10 8' : undefined}
		stroke-width="4"
		stroke-linejoin="round"
	/>
	{#each ticks(shape.depth) as height (height)}
		<path
			d="M{round(rim) + 6} {round(section.yAt(height))}h8"
			stroke="var(--ash)"
			stroke-width="1.5"
		/>
		<text x={round(rim) + 18} y={round(section.yAt(height)) + 5} font-size="14" fill="currentColor"
			>{plain(inUnit(height * 100, 'cm', system), 0)}</text
		>
	{/each}
	<text
		x={round(rim) + 18}
		y={round(section.yAt(shape.depth)) - 12}
		font-size="13"
		fill="currentColor">{unitName('cm', system)}</text
	>
</svg>
