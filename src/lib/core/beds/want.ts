import type { Share } from '../units';
import { charShareLimits } from './room';

export type Texture = 'sand' | 'sandy-silt' | 'loam' | 'clay-loam' | 'clay';
export type Drainage = 'dries-out' | 'even' | 'stays-wet';

/** What decides whether char helps here. */
export interface BedTraits {
	readonly texture: Texture;
	readonly drainage: Drainage;
	readonly ph?: number;
	readonly acidLover: boolean;
	readonly share: Share;
}

export type WantReason =
	| 'sandy'
	| 'dries-out'
	| 'heavy'
	| 'stays-wet'
	| 'sour'
	| 'rich-loam'
	| 'alkaline'
	| 'acid-lover'
	| 'at-target'
	| 'full';
export type Want = 'much' | 'some' | 'little' | 'careful' | 'none';

/** How much a bed wants char, with its reasons, heaviest first. Source: texture, pH and crop rules of practice. */
export function wantOf(bed: BedTraits): {
	readonly want: Want;
	readonly reasons: readonly WantReason[];
} {
	if (bed.share >= charShareLimits.ceiling - 1e-9) return { want: 'none', reasons: ['full'] };
	if (bed.acidLover) return { want: 'careful', reasons: ['acid-lover'] };
	if (bed.ph !== undefined && bed.ph >= 7.2) return { want: 'careful', reasons: ['alkaline'] };
	if (bed.share >= charShareLimits.target) return { want: 'little', reasons: ['at-target'] };
	const reasons: WantReason[] = [];
	if (bed.texture === 'sand' || bed.texture === 'sandy-silt') reasons.push('sandy');
	if (bed.drainage === 'dries-out') reasons.push('dries-out');
	if (bed.texture === 'clay' || bed.texture === 'clay-loam') reasons.push('heavy');
	if (bed.drainage === 'stays-wet') reasons.push('stays-wet');
	if (bed.ph !== undefined && bed.ph < 6.5) reasons.push('sour');
	if (reasons.length === 0) return { want: 'little', reasons: ['rich-loam'] };
	return { want: reasons.length > 1 ? 'much' : 'some', reasons };
}

const rank: Readonly<Record<Want, number>> = { much: 0, some: 1, careful: 2, little: 3, none: 4 };

/** Beds in the order in which they should be served: who wants most, then who has least. */
export function inOrderOfWant<T extends BedTraits>(beds: readonly T[]): readonly T[] {
	return [...beds].sort(
		(a, b) =>
			rank[wantOf(a).want] - rank[wantOf(b).want] ||
			wantOf(b).reasons.length - wantOf(a).reasons.length ||
			a.share - b.share
	);
}
