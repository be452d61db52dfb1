import type { Humus, Texture } from '../liming';
import type { Share } from '../units';
import { charShareLimits } from './room';
import { slow_mm_h } from './seep';

export type Drainage = 'dries-out' | 'even' | 'stays-wet';
export type CropKind = 'mixed' | 'leaf-and-fruit' | 'fine-seed' | 'grass-and-grain';

/** What decides whether char helps here. */
export interface BedTraits {
	readonly texture: Texture;
	readonly drainage: Drainage;
	/** How fast it drinks, mm/h, where a ring was read: it goes before what was told of its drainage. */
	readonly seep_mm_h?: number;
	readonly ph?: number;
	/** Organic matter as the grower judges it. */
	readonly humus: Humus;
	readonly cropKind: CropKind;
	readonly acidLover: boolean;
	readonly share: Share;
}

export type WantReason =
	| 'sandy'
	| 'dries-out'
	| 'heavy'
	| 'stays-wet'
	| 'seeps-not'
	| 'seeps-slowly'
	| 'sour'
	| 'poor'
	| 'leaf-and-fruit'
	| 'holds-its-own'
	| 'rich'
	| 'grass-and-grain'
	| 'alkaline'
	| 'acid-lover'
	| 'fine-seed'
	| 'at-target'
	| 'full';
export type Want = 'much' | 'some' | 'little' | 'careful' | 'none';

/** What one thing about the bed says: for char, against it, or to go with care. */
export interface WantVoice {
	readonly about: 'soil' | 'water' | 'humus' | 'pH' | 'crop' | 'so-far';
	readonly says: 'for' | 'against' | 'care' | 'nothing';
	readonly reason?: WantReason;
}

/** Where char and its ash begin to do harm, and where they sweeten. */
export const phLimits = Object.freeze({
	sour: 6.5,
	alkaline: 7.2,
	source: 'Practice: sour below 6.5 gains; from 7.2 char and ash lift it too far'
});

/** Every trait of the bed with what it says on whether char helps. Source: texture, pH, drainage and crop rules of practice. */
export function weighWant(bed: BedTraits): readonly WantVoice[] {
	return [
		{ about: 'soil', ...soilVoice(bed.texture) },
		{ about: 'water', ...waterVoice(bed) },
		{ about: 'humus', ...humusVoice(bed.humus) },
		{ about: 'pH', ...phVoice(bed.ph) },
		{ about: 'crop', ...cropVoice(bed) },
		{ about: 'so-far', ...soFarVoice(bed.share) }
	];
}

type Voice = Omit<WantVoice, 'about'>;
const silent: Voice = { says: 'nothing' };

function soilVoice(texture: Texture): Voice {
	if (texture === 'sand' || texture === 'sandy-silt') return { says: 'for', reason: 'sandy' };
	if (texture === 'clay' || texture === 'clay-loam') return { says: 'for', reason: 'heavy' };
	return silent;
}

function waterVoice({ drainage, seep_mm_h }: BedTraits): Voice {
	if (seep_mm_h !== undefined && seep_mm_h < slow_mm_h.waterlogged)
		return { says: 'for', reason: 'seeps-not' };
	if (seep_mm_h !== undefined && seep_mm_h < slow_mm_h.compacted)
		return { says: 'for', reason: 'seeps-slowly' };
	// Ground that drinks well does not stay wet, whatever was told of it; it may dry out all the same.
	if (seep_mm_h !== undefined && drainage === 'stays-wet') return silent;
	return drainage === 'even' ? silent : { says: 'for', reason: drainage };
}

function humusVoice(humus: Humus): Voice {
	if (humus === 'usual') return silent;
	return humus === 'poor' ? { says: 'for', reason: 'poor' } : { says: 'against', reason: 'rich' };
}

function phVoice(ph: number | undefined): Voice {
	if (ph === undefined) return silent;
	if (ph >= phLimits.alkaline) return { says: 'care', reason: 'alkaline' };
	return ph < phLimits.sour ? { says: 'for', reason: 'sour' } : silent;
}

function cropVoice({ acidLover, cropKind }: BedTraits): Voice {
	if (acidLover) return { says: 'care', reason: 'acid-lover' };
	switch (cropKind) {
		case 'leaf-and-fruit':
			return { says: 'for', reason: 'leaf-and-fruit' };
		case 'grass-and-grain':
			return { says: 'against', reason: 'grass-and-grain' };
		case 'fine-seed':
			return { says: 'care', reason: 'fine-seed' };
		case 'mixed':
			return silent;
	}
}

function soFarVoice(share: Share): Voice {
	if (share >= charShareLimits.ceiling - 1e-9) return { says: 'against', reason: 'full' };
	return share >= charShareLimits.target ? { says: 'against', reason: 'at-target' } : silent;
}

/**
 * How much a bed wants char, with its reasons, heaviest first. A full bed wants none; what calls for
 * care comes before what speaks for it; past the target there is little to gain. Otherwise each voice
 * against takes one for away: more than one left is much.
 */
export function wantOf(bed: BedTraits): {
	readonly want: Want;
	readonly reasons: readonly WantReason[];
} {
	const voices = weighWant(bed);
	const saying = (says: WantVoice['says']) =>
		voices.flatMap((voice) => (voice.says === says && voice.reason ? [voice.reason] : []));
	const against = saying('against');
	if (against.includes('full')) return { want: 'none', reasons: ['full'] };
	const care = saying('care');
	if (care.length > 0) return { want: 'careful', reasons: care };
	if (against.includes('at-target')) return { want: 'little', reasons: ['at-target'] };
	const reasons = saying('for');
	const left = reasons.length - against.length;
	if (left <= 0) return { want: 'little', reasons: against.length ? against : ['holds-its-own'] };
	return { want: left > 1 ? 'much' : 'some', reasons };
}

const rank: Readonly<Record<Want, number>> = { much: 0, some: 1, careful: 2, little: 3, none: 4 };

/** Beds in the order in which they should be served: who wants most, then who has least. */
export function inOrderOfWant<T extends BedTraits>(beds: readonly T[]): readonly T[] {
	const keyed = beds.map((bed) => ({ bed, ...wantOf(bed) }));
	return keyed
		.sort(
			(a, b) =>
				rank[a.want] - rank[b.want] ||
				b.reasons.length - a.reasons.length ||
				a.bed.share - b.bed.share
		)
		.map(({ bed }) => bed);
}
