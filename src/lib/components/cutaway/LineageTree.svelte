<script lang="ts">
	import type { Leaf } from '$lib/core/brews';
	import { treeOf } from './lineage';
	/**
	 * A line of cultures and what was brewed of it: each a mark under what it was started from; worked, failed,
	 * doubtful and open are told apart by shape and word.
	 */
	let {
		leaves,
		here = '',
		say
	}: {
		leaves: readonly Leaf[];
		/** The one whose page this is. */
		here?: string;
		/** Its line in words, after its code. */
		say: (leaf: Leaf) => string;
	} = $props();
	const row = 44;
	const step = 20;
	const tree = $derived(treeOf(leaves));
	const x = (depth: number) => 10 + depth * step;
	const y = (index: number) => index * row + row / 2;
	const deepest = $derived(Math.max(0, ...tree.map(({ depth }) => depth)));
	const words: Readonly<Record<Leaf['outcome'], string>> = {
		worked: 'worked',
		failed: 'failed',
		pending: 'open'
	};
</script>

<div class="relative">
	<svg
		class="absolute top-0 left-0"
		width={x(deepest) + 12}
		height={tree.length * row}
		aria-hidden="true"
	>
		{#each tree as { leaf, depth, index, parent } (leaf.code)}
			{#if parent !== undefined}<path
					d="M{x(depth - 1)} {y(parent)}V{y(index)}H{x(depth)}"
					fill="none"
					stroke="var(--ash)"
					stroke-width="1.5"
				/>{/if}
		{/each}
		{#each tree as { leaf, depth, index } (leaf.code)}
			{#if leaf.outcome === 'failed'}<path
					d="M{x(depth) - 6} {y(index) - 6}l12 12m0 -12l-12 12"
					stroke="var(--ember)"
					stroke-width="3"
				/>{:else if leaf.isMarked}<path
					d="M{x(depth)} {y(index) - 8}l8 14h-16z"
					fill="var(--straw)"
				/>{:else}<circle
					cx={x(depth)}
					cy={y(index)}
					r="6"
					fill={leaf.outcome === 'worked' ? 'var(--moss)' : 'var(--color-base-100)'}
					stroke={leaf.outcome === 'worked' ? 'var(--moss)' : 'var(--ink)'}
					stroke-width="2"
				/>{/if}
		{/each}
	</svg>
	<ul>
		{#each tree as { leaf, depth } (leaf.code)}
			<li
				class="flex h-11 items-center gap-2 overflow-hidden text-sm leading-tight"
				style="padding-left: {x(depth) + 14}px"
			>
				<a
					class="inline-block min-h-11 content-center {leaf.code === here
						? 'font-bold'
						: 'font-semibold'} hover:underline"
					href="/brews/{leaf.code}"
					aria-current={leaf.code === here ? 'page' : undefined}>{leaf.code}</a
				>
				<span class="min-w-0 truncate"
					>{say(leaf)},
					<span class={leaf.outcome === 'failed' ? 'font-semibold text-error' : 'quiet'}
						>{leaf.isMarked ? 'doubtful' : words[leaf.outcome]}</span
					></span
				>
			</li>
		{/each}
	</ul>
</div>
