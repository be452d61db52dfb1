import type { Shape } from './shape';

/** What a vessel is used for. All but the tub are burnt in, each in its own way. */
export const vesselUses = [
	'open-kiln',
	'trench',
	'barrel',
	'retort',
	'open-pile',
	'stove',
	'tub'
] as const;
export type VesselUse = (typeof vesselUses)[number];

/** The shapes each may have; the first is taken until another is chosen. */
export const shapesOf: Readonly<Record<VesselUse, readonly [Shape['kind'], ...Shape['kind'][]]>> = {
	'open-kiln': ['round', 'square', 'lying', 'bowl'],
	trench: ['trench', 'round', 'bowl'],
	barrel: ['round'],
	retort: ['round', 'square'],
	'open-pile': ['pile'],
	// What is measured of a stove is the lidded pail its embers go into.
	stove: ['round'],
	tub: ['round', 'square']
};

/** What may become of a vessel. */
export const kitEvents = ['built', 'changed', 'failed', 'mended', 'wear'] as const;
export type KitEvent = (typeof kitEvents)[number];

/** What became of it last, of failing and being mended; undefined where it did not fail, or was mended. */
export const failedLast = <E extends { readonly what: KitEvent }>(
	newestFirst: readonly E[]
): E | undefined => {
	const last = newestFirst.find(({ what }) => what === 'failed' || what === 'mended');
	return last?.what === 'failed' ? last : undefined;
};

/** What one burns or charges in. */
export const vesselKind = { id: 'vessel', of: 'vessel', word: 'vessel', path: 'vessels' } as const;
