/** How something is put on a bed. */
export type WayOfPutting =
	| 'dug-in'
	| 'scratched-in'
	| 'top-dressed'
	| 'watered-in'
	| 'sprayed'
	| 'in-the-hole'
	| 'banded'
	| 'in-furrows'
	| 'under-mulch'
	| 'ringed'
	| 'dusted';

export const waysOfPutting: readonly {
	readonly id: WayOfPutting;
	readonly name: string;
	/** It goes below the surface, so that a depth means something. */
	readonly goesDown: boolean;
}[] = Object.freeze([
	{ id: 'dug-in', name: 'dug in', goesDown: true },
	{ id: 'scratched-in', name: 'scratched in', goesDown: true },
	{ id: 'top-dressed', name: 'laid on top', goesDown: false },
	{ id: 'watered-in', name: 'watered in', goesDown: false },
	{ id: 'sprayed', name: 'sprayed on leaves', goesDown: false },
	{ id: 'in-the-hole', name: 'in the planting hole', goesDown: true },
	{ id: 'banded', name: 'in a band while the mound is filled', goesDown: true },
	{ id: 'in-furrows', name: 'in furrows between rows', goesDown: true },
	{ id: 'under-mulch', name: 'under a mulch', goesDown: false },
	{ id: 'ringed', name: 'in a ring round plants', goesDown: false },
	{ id: 'dusted', name: 'dusted over plants', goesDown: false }
]);

/** Dry on the surface, against slugs and flies: the next rain washes it in, and it is laid anew. */
export const washesOff = (way: WayOfPutting): boolean => way === 'ringed' || way === 'dusted';
