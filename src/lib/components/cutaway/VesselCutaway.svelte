<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import { wordsOf, type Sentence } from '$lib/format/sentence';
	import type { Shape, VesselUse } from '$lib/core/vessels';
	import VesselParts from './VesselParts.svelte';
	import type { System } from '$lib/core/units';
	import { plain, say, inUnit, unitName } from '$lib/format/figure';
	import { round, sectionOf, specks, ticks } from './geometry';
	/**
	 * A kiln, trench or tub in section, to scale. `depth` is the char's, m; `liquidDepth` the
	 * liquid line's, m; `range` the low and high char depth of a forecast, m.
	 */
	let {
		shape,
		use,
		depth = 0,
		liquidDepth = 0,
		range,
		hot = false,
		small = false,
		caption,
		system
	}: {
		shape: Shape;
		/** What it is used for: draws what makes its kind known. */
		use?: VesselUse | undefined;
		depth?: number | undefined;
		liquidDepth?: number | undefined;
		range?: readonly [low: number, high: number] | undefined;
		/** Not proven out: its specks glow. */
		hot?: boolean;
		/** For a row in a list: no scale and no words of its own, since the row has them. */
		small?: boolean;
		/** What it holds, in words: the text alternative. */
		caption: Sentence | string;
		system: System | undefined;
	} = $props();
	const uid = $props.id();
	const deep = $derived(say(shape.depth * 100, 'cm', system));
	const box = { width: 260, height: 170 };
	const section = $derived(sectionOf(shape, box));
	const charTop = $derived(Math.min(depth, shape.depth));
	const liquidTop = $derived(Math.min(liquidDepth, shape.depth));
	const wall = $derived(section.wall.map(({ x, y }) => `${round(x)} ${round(y)}`).join('L'));
	const side = $derived(small ? 14 : 4);
	const grain = $derived(
		specks(
			{
				x: 0,
				y: section.yAt(charTop),
				width: box.width,
				height: section.yAt(0) - section.yAt(charTop)
			},
			0.08,
			side
		)
	);
	const right = $derived(section.xAt(shape.depth)[1]);
</script>

<figure>
	<svg
		viewBox={small ? `-4 -4 ${box.width + 8} ${box.height + 8}` : '-12 -14 340 200'}
		class="block w-full max-w-md"
		role={small ? 'presentation' : 'img'}
		aria-label={small ? undefined : wordsOf(caption)}
	>
		{#if liquidTop > charTop}<path
				d={section.fill(charTop, liquidTop)}
				fill="var(--liquid)"
				opacity="0.75"
			/>{/if}
		{#if charTop > 0}
			<clipPath id="{uid}-char"><path d={section.fill(0, charTop)} /></clipPath>
			<path d={section.fill(0, charTop)} fill="var(--char)" />
			<path
				d={grain}
				class="specks"
				stroke={hot ? 'var(--ember)' : 'var(--ash)'}
				stroke-width={side}
				clip-path="url(#{uid}-char)"
			/>
		{/if}
		{#if range}
			{#each range as height, i (i)}
				{#if height <= shape.depth}
					<path
						d="M{round(section.xAt(height)[0])} {round(section.yAt(height))}H{round(
							section.xAt(height)[1]
						)}"
						stroke="var(--ember)"
						stroke-width="2"
						stroke-dasharray="6 4"
					/>
				{/if}
			{/each}
		{/if}
		{#if liquidTop > 0}
			<path
				d="M{round(section.xAt(liquidTop)[0])} {round(section.yAt(liquidTop))}H{round(
					section.xAt(liquidTop)[1]
				)}"
				stroke="var(--liquid)"
				stroke-width="3"
			/>
		{/if}
		{#if use}<VesselParts {use} {section} depth={shape.depth} {small} />{/if}
		<path
			d="M{wall}"
			fill="none"
			stroke={shape.kind === 'pile' ? 'var(--ash)' : 'var(--ink)'}
			stroke-dasharray={shape.kind === 'pile' ? '10 8' : undefined}
			stroke-width={small ? 8 : 4}
			stroke-linejoin="round"
		/>
		{#each small ? [] : ticks(shape.depth) as height (height)}
			<path
				d="M{round(right) + 6} {round(section.yAt(height))}h8"
				stroke="var(--ash)"
				stroke-width="1.5"
			/>
			<text
				x={round(right) + 18}
				y={round(section.yAt(height)) + 4}
				font-size="12"
				fill="currentColor">{plain(inUnit(height * 100, 'cm', system), 0)}</text
			>
		{/each}
		{#if !small}
			<text
				x={round(right) + 18}
				y={round(section.yAt(shape.depth)) - 8}
				font-size="11"
				fill="currentColor">{unitName('cm', system)}</text
			>
		{/if}
	</svg>
	{#if !small}
		<figcaption class="quiet text-sm">
			<Say sentence={caption} />
			{shape.kind === 'square' ? 'Square, depth' : 'Depth'}
			{deep}, drawn to scale.
		</figcaption>
	{/if}
</figure>
