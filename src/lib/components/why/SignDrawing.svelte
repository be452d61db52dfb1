<script lang="ts" module>
	import type { SignId } from '$lib/core/detective';

	type Part = 'leaf' | 'soil' | 'root' | 'plant' | 'spade' | 'bed';
	/** Which part of plant or ground shows it, its colour, and what is drawn over it. */
	const drawn: Readonly<Record<SignId, readonly [Part, string, string?]>> = {
		gap: ['soil', '--wood', 'M17 2V22'],
		crust: ['soil', '--straw', 'M3 8L7 6L11 9L15 6L21 8'],
		'runs-off': ['soil', '--wood', 'M4 6L20 12M15 13L20 12L18 8'],
		'wilts-dry': ['plant', '--straw'],
		'wilts-wet': ['plant', '--moss', 'M3 21H21M5 18H9'],
		'sour-smell': ['soil', '--char', 'M8 8C6 5 10 5 8 2M14 8C12 5 16 5 14 2'],
		mottled: ['soil', '--ash', 'M6 14H9M13 17H17M15 12H16'],
		'few-worms': ['soil', '--wood', 'M5 16C8 12 11 20 14 15S19 14 19 14'],
		'pale-old': ['leaf', '--straw'],
		'dark-leaves': ['leaf', '--char'],
		stunted: ['plant', '--moss', 'M3 3H21'],
		'scorched-old': ['leaf', '--moss', 'M5 18C3 10 8 4 19 4'],
		'weak-stems': ['plant', '--moss', 'M12 22C9 15 14 13 10 8'],
		'poor-ripening': ['bed', '--moss', 'M9 9A4 4 0 1 0 15 9'],
		'old-between-veins': ['leaf', '--straw', 'M6 18L18 5M10 14L9 9M13 11L17 12'],
		'young-between-veins': ['leaf', '--straw', 'M6 18L18 5M12 12L12 8M9 15L13 15'],
		'young-first': ['plant', '--straw', 'M12 2V6M9 4H15'],
		purple: ['leaf', '--ember'],
		'tip-burn': ['leaf', '--moss', 'M16 4L20 4L19 8'],
		'white-crust': ['soil', '--paper', 'M4 8H8M10 8H14M16 8H20'],
		'dead-at-edge': ['bed', '--straw', 'M12 3V21'],
		'stubby-roots': ['root', '--wood', 'M9 12L7 15M15 12L17 15'],
		moss: ['soil', '--moss', 'M5 8V5M9 8V4M13 8V5M17 8V4'],
		'pulses-worst': ['bed', '--moss', 'M6 9A3 3 0 1 0 12 9'],
		cupped: ['leaf', '--moss', 'M6 17C12 20 18 12 16 6'],
		'fern-like': ['leaf', '--moss', 'M6 18L18 5M9 15L6 12M12 12L9 8M14 9L12 5'],
		'beans-worst': ['bed', '--moss', 'M7 7L17 17'],
		'grasses-too': ['bed', '--straw', 'M6 20V6M11 20V4M16 20V7'],
		'forked-roots': ['root', '--wood', 'M12 12L6 21M12 12L18 21'],
		'water-stands': ['soil', '--ash', 'M3 8H21M6 5H10'],
		'spade-stops': ['spade', '--wood', 'M4 18H20'],
		bitten: ['leaf', '--moss', 'M9 10A2 2 0 1 0 12 12M14 7A2 2 0 1 0 16 9'],
		ringed: ['leaf', '--moss', 'M10 11A2 2 0 1 0 14 11A2 2 0 1 0 10 11'],
		'one-sided': ['bed', '--moss', 'M4 3V21H9V3Z'],
		bolting: ['plant', '--moss', 'M12 12V1M9 3L12 1L15 3'],
		leafless: ['plant', '--ash', 'M9 5A3 3 0 1 0 15 5A3 3 0 1 0 9 5'],
		'only-some': ['bed', '--moss', 'M6 6H9V9H6ZM14 14H17V17H14Z'],
		'whole-bed': ['bed', '--straw', 'M6 6H18V18H6Z']
	};
	const shapes: Readonly<Record<Part, string>> = {
		leaf: 'M5 19C3 9 9 3 20 4C21 14 15 20 5 19Z',
		soil: 'M2 9H22V22H2Z',
		root: 'M10 2H14V10C14 16 13 19 12 22C11 19 10 16 10 10Z',
		plant: 'M12 22V11M12 12C7 12 5 9 5 6C9 6 12 8 12 12ZM12 14C17 14 19 11 19 8C15 8 12 10 12 14Z',
		spade: 'M11 2H13V10H17V17C17 20 12 22 12 22S7 20 7 17V10H11Z',
		bed: 'M3 3H21V21H3Z'
	};
</script>

<script lang="ts">
	/** A sign as a small drawing: the part that shows it, in its colour, with what is seen on it. */
	let { sign }: { sign: SignId } = $props();
	const [part, colour, over] = $derived(drawn[sign]);
</script>

<svg viewBox="0 0 24 24" class="size-6 shrink-0" aria-hidden="true">
	<path
		d={shapes[part]}
		fill="var({colour})"
		fill-opacity="0.6"
		stroke="currentColor"
		stroke-width="1.3"
	/>
	{#if over}<path d={over} fill="none" stroke="currentColor" stroke-width="1.8" />{/if}
</svg>
