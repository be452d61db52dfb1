import { known, litres, reckon, times, type Estimate, type Litres, type Unit } from '../units';
import { wateringRates, type Watered } from './data/rates';
import type { WateringAsk } from './watering-ask';

/** How much of one kind of target there is: m² of bed or leaves, plants, trees, or litres of pots. */
export interface WaterSize {
	readonly watered: Watered;
	readonly size: number;
}

/** What a bed is watered by: its area, so many crowns, or the litres of its pots. */
export function waterSizeOf(bed: {
	readonly target: 'area' | 'pots' | 'trees' | 'path';
	readonly pieces: number;
	readonly ground: { readonly area: number; readonly depth: number };
}): WaterSize {
	if (bed.target === 'trees') return { watered: 'trees', size: bed.pieces };
	if (bed.target === 'pots')
		return { watered: 'pots', size: bed.ground.area * bed.ground.depth * 1000 };
	return { watered: 'area', size: bed.ground.area };
}

/** A bed as a watering sees it. */
export interface WateredBed {
	readonly name: string;
	readonly pieces: number;
	readonly area_m2: number;
	/** On the ground: by area, crowns or pots. */
	readonly size: WaterSize;
}

/** A bed as it is watered, and when it last had any brew. */
export const waterBed = (
	bed: Parameters<typeof waterSizeOf>[0] & { readonly name: string },
	last_ms: number | null
): WateredBed & { readonly last_ms: number | null } => ({
	name: bed.name,
	pieces: bed.pieces,
	area_m2: bed.ground.area,
	size: waterSizeOf(bed),
	last_ms
});

/** What is watered on a bed: its leaves, so many plants where they were counted, else its ground. */
export function targetOn(
	{ area_m2, size }: Pick<WateredBed, 'area_m2' | 'size'>,
	onto: 'soil' | 'leaves',
	ask?: WateringAsk
): WaterSize {
	if (onto === 'leaves') return { watered: 'leaves', size: area_m2 };
	return ask?.by === 'plants' ? { watered: 'plants', size: ask.n } : size;
}

const units: Readonly<Record<Watered, Unit>> = {
	area: 'L/m²',
	leaves: 'L/m²',
	plants: 'L',
	trees: 'L',
	pots: 'share'
};
const sizeUnits: Readonly<Record<Watered, Unit>> = {
	area: 'm²',
	leaves: 'm²',
	plants: 'times',
	trees: 'times',
	pots: 'L'
};

/** What a target drinks of the diluted liquid. */
export function drinks({ watered, size }: WaterSize): Estimate<Litres> {
	const { low, usual, high, per, source } = wateringRates[watered];
	return reckon(
		litres,
		times(
			known(`to each ${per}`, { value: usual, low, high }, units[watered], 'default', source),
			known(
				watered === 'area' || watered === 'leaves' ? 'area' : watered,
				size,
				sizeUnits[watered],
				'measured',
				'the bed as it was measured'
			)
		),
		{ unit: 'L', basis: 'diluted' }
	);
}

/** As far beyond what is usual as a slip of a factor ten shows. */
const farOff = 3;

/**
 * Whether so much of the diluted liquid is what a target drinks, or so far from it that concentrate may have been
 * told for diluted.
 */
export function oddWatering(
	total: Litres,
	target: WaterSize
): { readonly is: 'usual' } | { readonly is: 'much' | 'little'; readonly usual: Estimate<Litres> } {
	const usual = drinks(target);
	if (total > usual.high * farOff) return { is: 'much', usual };
	return total * farOff < usual.low ? { is: 'little', usual } : { is: 'usual' };
}
