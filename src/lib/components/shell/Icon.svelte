<script lang="ts">
	import type { IconNode } from 'lucide';
	/**
	 * An icon beside a word that says the same. It is written as text: a page has a score of them, and drawn by
	 * a component of its package, node by node, they made up half of what the frame of a page costs.
	 */
	let { of, size, class: also }: { of: IconNode; size: number; class?: string } = $props();
	const shapes = $derived(
		of
			.map(([tag, attributes]) => {
				const written = Object.entries(attributes).map(([name, value]) => `${name}="${value}"`);
				return `<${tag} ${written.join(' ')}/>`;
			})
			.join('')
	);
</script>

<!-- eslint-disable svelte/no-at-html-tags -- the shapes are constants of the icon package -->
<svg
	width={size}
	height={size}
	viewBox="0 0 24 24"
	fill="none"
	stroke="currentColor"
	stroke-width="2"
	stroke-linecap="round"
	stroke-linejoin="round"
	aria-hidden="true"
	class={also}>{@html shapes}</svg
>
