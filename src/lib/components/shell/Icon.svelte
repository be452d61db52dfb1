<script lang="ts">
	import { createRawSnippet } from 'svelte';
	import type { IconNode } from 'lucide';
	/**
	 * An icon beside a word that says the same. It is written as text: a page has a score of them, and drawn by
	 * a component of its package, node by node, they made up half of what the frame of a page costs.
	 */
	let { of, size, class: also = '' }: { of: IconNode; size: number; class?: string } = $props();
	const written = (attributes: Readonly<Record<string, unknown>>) =>
		Object.entries(attributes)
			.map(([name, value]) => ` ${name}="${String(value)}"`)
			.join('');
	const pen = {
		viewBox: '0 0 24 24',
		fill: 'none',
		stroke: 'currentColor',
		'stroke-width': 2,
		'stroke-linecap': 'round',
		'stroke-linejoin': 'round',
		'aria-hidden': 'true'
	};
	const drawn = createRawSnippet(() => ({
		render: () => {
			const shapes = of.map(([tag, attributes]) => `<${tag}${written(attributes)}/>`);
			const box = written({ width: size, height: size, ...pen, class: also });
			return `<svg${box}>${shapes.join('')}</svg>`;
		}
	}));
</script>

{@render drawn()}
