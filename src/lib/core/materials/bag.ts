import { exactly, type Range } from '../units';
import type { Composition, Measured } from './composition';

/** Mass of the oxide to that of its element. Source: atomic masses. */
export const oxide = Object.freeze({ phosphorus: 2.2914, potassium: 1.2046 });

/** What is printed on a bag, in percent of its weight; P and K as the oxides, as nearly every bag does, or as the elements. */
export interface BagPrint {
	readonly n?: number;
	readonly p?: number;
	readonly k?: number;
	readonly as: 'oxide' | 'element';
}

/** Grams of the element in a kilogram as it lies. */
const grams = (percent: number, factor: number): number => (percent * 10) / factor;

/** Kilograms as it lies to one of what a material’s nutrients are told of. */
function lying({ basis, density, water }: Composition): number {
	if (basis === 'L') return density.value;
	return basis === 'kg' ? 1 : 1 / (1 - water.value);
}

/** What a bag says, as the nutrients of its material are told. */
export function printedOn(composition: Composition, { n, p, k, as }: BagPrint): Measured {
	const by = as === 'oxide' ? oxide : { phosphorus: 1, potassium: 1 };
	const scale = lying(composition);
	const one = (percent: number, factor: number): Range => exactly(grams(percent, factor) * scale);
	return {
		...(n === undefined ? {} : { nitrogen: one(n, 1) }),
		...(p === undefined ? {} : { phosphorus: one(p, by.phosphorus) }),
		...(k === undefined ? {} : { potassium: one(k, by.potassium) })
	};
}

/** Beyond what a material usually holds by so much a figure is no bag’s. A judgement. */
const beyond = 1.3;

/**
 * Which figure of a bag that was told as elements is likely an oxide: as the element it is more than the material
 * ever holds, as the oxide it fits.
 */
export function likelyOxide(
	usual: Composition,
	{ p, k, as }: BagPrint
): 'phosphorus' | 'potassium' | undefined {
	if (as === 'oxide') return undefined;
	const scale = lying(usual);
	const isSuch = (name: 'phosphorus' | 'potassium', percent: number | undefined): boolean => {
		const most = usual[name].high * beyond;
		if (percent === undefined || most <= 0) return false;
		return grams(percent, 1) * scale > most && grams(percent, oxide[name]) * scale <= most;
	};
	if (isSuch('phosphorus', p)) return 'phosphorus';
	return isSuch('potassium', k) ? 'potassium' : undefined;
}
