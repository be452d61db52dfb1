<script lang="ts">
	import { depthAtVolume, type Shape } from '$lib/core/vessels';
	import { litres, type System } from '$lib/core/units';
	import { inUnit, plain, say, unitName } from '$lib/format/figure';
	import { round, sectionOf, specks } from './geometry';
	/**
	 * A pail of brew in section, to scale: liquid, bag, air stone, froth, the mark it may be filled to. Its scale
	 * is in litres, since a pail is filled by them.
	 */
	let {
		shape,
		capacity,
		held,
		bag,
		fill,
		state,
		bubbling,
		air = 'pump',
		leaves = false,
		small = false,
		caption,
		system
	}: {
		shape: Shape;
		/** Litres to the rim, of liquid in it, and of what hangs in the bag. */
		capacity: number;
		held: number;
		bag: number;
		/** Of the vessel, up to which it may be filled. */
		fill: number;
		state: 'working' | 'wants-smell' | 'ripe' | 'fading' | 'past' | 'failed';
		/** It works: the pump runs, or it ferments. */
		bubbling: boolean;
		/** How it gets its air: a pump has its stone, a vent its bend, a lid its cloth. */
		air?: 'open-box' | 'breathing' | 'pump' | 'stirred' | 'vented';
		/** Leaves are sunk in it still. */
		leaves?: boolean;
		small?: boolean;
		caption: string;
		system: System | undefined;
	} = $props();
	const uid = $props.id();
	const box = { width: 190, height: 210 };
	const section = $derived(sectionOf(shape, box));
	const heightOf = $derived((volume: number) => {
		const at = depthAtVolume(shape, litres(Math.max(0, volume)));
		return at.status === 'holds' ? at.depth : shape.depth;
	});
	const level = $derived(heightOf(held));
	const mark = $derived(heightOf(capacity * fill));
	const wall = $derived(section.wall.map(({ x, y }) => `${round(x)} ${round(y)}`).join('L'));
	const middle = box.width / 2;
	// A bag of so many litres, drawn as a square in section at the pail's own scale.
	const side = $derived(
		Math.min(Math.cbrt(bag / 1000) * section.scale * 1.15, level * section.scale * 0.8)
	);
	const bagTop = $derived(Math.min(section.yAt(level) + 22, section.yAt(0) - side * 1.05));
	const stone = $derived({ x: middle + 34, y: section.yAt(0) - 9 });
	const bubbles = $derived(
		specks(
			{
				x: stone.x - 26,
				y: section.yAt(level) + 4,
				width: 44,
				height: Math.max(0, level * section.scale - 22)
			},
			0.05,
			5
		)
	);
	const froth = $derived(
		specks(
			{
				x: section.xAt(level)[0] + 3,
				y: section.yAt(level) - 9,
				width: section.xAt(level)[1] - section.xAt(level)[0] - 6,
				height: 9
			},
			0.6,
			8
		)
	);
	const steps = $derived.by(() => {
		const shown = inUnit(capacity, 'L', system);
		const step = [1, 2, 5, 10, 20, 50, 100].find((size) => shown / size <= 6) ?? shown;
		const unit = inUnit(1, 'L', system);
		return Array.from({ length: Math.floor(shown / step) + 1 }, (_, i) => ({
			label: i * step,
			volume: (i * step) / unit
		}));
	});
	const sunk = $derived(
		specks(
			{
				x: section.xAt(0)[0] + 8,
				y: section.yAt(level * 0.85),
				width: Math.max(0, section.xAt(0)[1] - section.xAt(0)[0] - 16),
				height: Math.max(0, level * section.scale * 0.8)
			},
			0.3,
			11
		)
	);
	const rim = $derived({ at: section.yAt(shape.depth), x: section.xAt(shape.depth) });
	const isOff = $derived(state === 'failed' || state === 'past');
</script>

<figure>
	<svg
		viewBox={small ? `-6 -20 ${box.width + 12} ${box.height + 26}` : '-62 -24 330 246'}
		class="block w-full {small ? '' : 'max-w-sm'}"
		role={small ? 'presentation' : 'img'}
		aria-label={small ? undefined : caption}
	>
		{#if held > 0}
			<path d={section.fill(0, level)} fill={isOff ? 'var(--ash)' : 'var(--wood)'} />
			{#if leaves}<path
					d={sunk}
					class="specks"
					stroke="var(--moss)"
					stroke-width="11"
					style:stroke-linecap="round"
				/>{/if}
			{#if bubbling && air !== 'open-box'}
				<path
					d={bubbles}
					class="specks"
					stroke="var(--color-base-200)"
					stroke-width="4"
					stroke-linecap="round"
					style:stroke-linecap="round"
				/>
				<path
					d={froth}
					class="specks"
					stroke="var(--wood-dark)"
					stroke-width="11"
					style:stroke-linecap="round"
				/>
				<path
					d={froth}
					class="specks"
					stroke="var(--color-base-200)"
					stroke-width="9"
					style:stroke-linecap="round"
				/>
			{/if}
			{#if bag > 0 && bubbling}
				<path d="M{middle - 24} -18V{round(bagTop)}" stroke="var(--ink)" stroke-width="1.5" />
				<path
					d="M{round(middle - 24 - side * 0.4)} {round(bagTop)}h{round(side * 0.8)}l{round(
						side * 0.2
					)} {round(side * 0.9)}q{round(-side * 0.6)} {round(side * 0.2)} {round(-side * 1.2)} 0z"
					fill="var(--wood-dark)"
					stroke="var(--ink)"
					stroke-width="1.5"
				/>
			{/if}
			{#if bubbling && air === 'pump'}
				<path d="M{stone.x} -18V{stone.y}" stroke="var(--liquid)" stroke-width="3" />
				<rect x={stone.x - 22} y={stone.y - 3} width="44" height="10" rx="3" fill="var(--liquid)" />
			{/if}
		{/if}
		{#if air === 'vented'}
			<path
				d="M{round(rim.x[0]) - 3} {round(rim.at)}H{round(rim.x[1]) + 3}M{middle} {round(
					rim.at
				)}v-12q0 -6 8 -6t8 6v5"
				fill="none"
				stroke="var(--ink)"
				stroke-width={small ? 6 : 4}
			/>
		{:else if air !== 'pump'}
			<path
				d="M{round(rim.x[0]) - 3} {round(rim.at)}H{round(rim.x[1]) + 3}"
				fill="none"
				stroke="var(--ash)"
				stroke-dasharray="7 5"
				stroke-width={small ? 6 : 4}
			/>
		{/if}
		<path
			d="M{wall}"
			fill="none"
			stroke="var(--ink)"
			stroke-width={small ? 7 : 4}
			stroke-linejoin="round"
		/>
		{#if !small}
			<path
				d="M{round(section.xAt(mark)[0]) - 16} {round(section.yAt(mark))}H{round(
					section.xAt(mark)[1]
				)}"
				stroke="var(--ember)"
				stroke-dasharray="4 3"
				stroke-width="1.5"
			/>
			{#each steps as { label, volume } (label)}
				{@const y = round(section.yAt(heightOf(volume)))}
				<path
					d="M{round(section.xAt(heightOf(volume))[0]) - 12} {y}h8"
					stroke="var(--ash)"
					stroke-width="1.5"
				/>
				<text
					x={round(section.xAt(heightOf(volume))[0]) - 16}
					y={y + 4}
					font-size="12"
					text-anchor="end"
					fill="currentColor">{plain(label, 0)}</text
				>
			{/each}
			<text
				x={round(section.xAt(shape.depth)[0]) - 14}
				y="-10"
				font-size="11"
				text-anchor="end"
				fill="currentColor">{unitName('L', system)}</text
			>
			<text
				x={round(section.xAt(mark)[1]) + 8}
				y={round(section.yAt(mark)) + 4}
				font-size="12"
				fill="var(--ember)">{plain(fill * 100, 0)} %</text
			>
			{#if held > 0 && bubbling && bag > 0}<text
					x={round(section.xAt(level)[1]) + 8}
					y={round(bagTop + side / 2)}
					font-size="12"
					fill="currentColor">bag {say(bag, 'L', system)}</text
				>{/if}
		{/if}
	</svg>
	{#if !small}<figcaption class="quiet text-sm" id="{uid}-says">{caption}</figcaption>{/if}
</figure>
