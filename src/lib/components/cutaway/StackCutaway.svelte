<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import { wordsOf, type Sentence } from '$lib/format/sentence';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { faceOf, round, specks } from './geometry';
	/**
	 * The face of a stack, to scale, with its solid share of wood as specks and what is left of it.
	 * Stacks filled by own measures are drawn as the cube that would hold them.
	 */
	let {
		outline,
		across,
		height,
		solidShare,
		leftShare = 1,
		small = false,
		caption,
		system
	}: {
		outline: 'box' | 'ridge' | 'dome';
		/** Metres. */
		across: number;
		height: number;
		solidShare: number;
		leftShare?: number;
		/** For a row in a list: no measures and no words of its own, since the row has them. */
		small?: boolean;
		caption: Sentence | string;
		system: System | undefined;
	} = $props();
	const uid = $props.id();
	const box = { width: 260, height: 130 };
	const face = $derived(faceOf(outline, { across, height }, box));
	// Coarser in a list: the same share in fewer specks keeps the page light.
	const side = $derived(small ? 18 : 6);
	const solid = $derived(
		specks(
			{ x: face.left, y: face.top, width: face.right - face.left, height: box.height - face.top },
			solidShare,
			side
		)
	);
	const leftTop = $derived(box.height - (box.height - face.top) * leftShare);
</script>

<figure>
	<svg
		viewBox={small ? '-10 -6 280 144' : '-10 -10 340 165'}
		class="block w-full max-w-md"
		role={small ? 'presentation' : 'img'}
		aria-label={small ? undefined : wordsOf(caption)}
	>
		<clipPath id="{uid}-face"><path d={face.path} /></clipPath>
		<g clip-path="url(#{uid}-face)">
			<rect
				x="0"
				y={round(leftTop)}
				width={box.width}
				height={round(box.height - leftTop)}
				fill="var(--wood)"
			/>
			<clipPath id="{uid}-left"
				><rect
					x="0"
					y={round(leftTop)}
					width={box.width}
					height={round(box.height - leftTop)}
				/></clipPath
			>
			<path
				d={solid}
				class="specks"
				stroke="var(--wood-dark)"
				stroke-width={side}
				clip-path="url(#{uid}-left)"
			/>
		</g>
		<path
			d={face.path}
			fill="none"
			stroke="var(--ink)"
			stroke-width="2.5"
			stroke-dasharray={leftShare < 1 ? '5 4' : undefined}
		/>
		<path d="M-10 {box.height + 2}H270" stroke="var(--ink)" stroke-width="2.5" />
		{#if !small}
			<path
				d="M{face.right + 8} {face.top}v{round(box.height - face.top)}"
				stroke="var(--ash)"
				stroke-width="1.5"
			/>
			<text
				x={face.right + 14}
				y={round((face.top + box.height) / 2) + 4}
				font-size="12"
				fill="currentColor">{say(height, 'm', system)}</text
			>
			<text
				x={box.width / 2}
				y={box.height + 19}
				font-size="12"
				fill="currentColor"
				text-anchor="middle">{say(across, 'm', system)}</text
			>
		{/if}
	</svg>
	{#if !small}
		<figcaption class="quiet text-sm"><Say sentence={caption} /></figcaption>
	{/if}
</figure>
