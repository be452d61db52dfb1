import type { Range } from '../units';

/** What is filled: a round pot, a square one, a tray of cells, a pressed block. */
export type Vessel =
	| {
			readonly shape: 'round';
			readonly top: number;
			readonly foot?: number;
			readonly high?: number;
	  }
	| {
			readonly shape: 'square';
			readonly top: number;
			readonly foot?: number;
			readonly high?: number;
	  }
	| { readonly shape: 'tray'; readonly cells: number; readonly cell_l: number }
	| { readonly shape: 'block'; readonly side: number; readonly high?: number };

export const shapes = Object.freeze(['round', 'square', 'tray', 'block'] as const);
export type Shape = (typeof shapes)[number];

/** A pot of which only its top is known. A judgement on common pots: foot and height as shares of the top. */
export const usualPot = Object.freeze({ foot: 0.73, high: 0.87 });
/** Filled short of the rim, for watering. */
export const filled = 0.92;
/** A block is pressed: so much loose mix to the litre of it. A judgement. */
export const pressed = 1.5;

const cone = (a: number, b: number, high: number) => (high / 3) * (a * a + a * b + b * b);

/**
 * Litres of settled mix that one holds; of a block, of loose mix pressed into it.
 * Source: round pots as frusta, filled short of the rim.
 * @param vessel lengths in metres
 * @example litresIn({ shape: 'round', top: 0.11 }) // 0.59
 */
export function litresIn(vessel: Vessel): number {
	if (vessel.shape === 'tray') return vessel.cells * vessel.cell_l;
	if (vessel.shape === 'block') {
		const { side, high = side } = vessel;
		return side * side * high * 1000 * pressed;
	}
	const { top, foot = top * usualPot.foot, high = top * usualPot.high } = vessel;
	const prism = cone(top, foot, high) * 1000 * filled;
	return vessel.shape === 'round' ? (prism * Math.PI) / 4 : prism;
}

/** Mixed, the fine fills the pores of the coarse. Source: potting practice. */
export const shrink = 0.85;

/** Litres to measure out loose, so that so many are filled. */
export const looseFor = (pots: number, vessel: Vessel): number =>
	(pots * litresIn(vessel)) / (vessel.shape === 'block' ? 1 : shrink);

/** How many a lot of so many litres as mixed fills. */
export const potsFrom = (litres: number, vessel: Vessel): number =>
	Math.floor(litres / litresIn(vessel) + 1e-9);

/** Part of a mix by volume. */
export interface PotPart {
	readonly share: number;
	readonly air?: Range | undefined;
	readonly ph?: Range | undefined;
}

/** Unknown stuff holds as much air as loam, if that. */
const unknownAir: Range = { value: 0.08, low: 0.03, high: 0.2 };
/** An estimate by parts is no better than this. Source: potting practice, ± a third. */
const loosely = 1 / 3;

/** Pores open after an hour of draining, share of the mix. Source: volume-weighted, × 0.85 as fines fill gaps. */
export function airOf(parts: readonly PotPart[]): Range {
	const total = parts.reduce((sum, { share }) => sum + share, 0);
	if (!(total > 0)) return { value: 0, low: 0, high: 0 };
	const value =
		parts.reduce((sum, { share, air = unknownAir }) => sum + share * air.value, 0) *
		(shrink / total);
	return { value, low: value * (1 - loosely), high: Math.min(0.6, value * (1 + loosely)) };
}

/** Measured: filled, soaked, drained an hour into a tray; the water caught over the volume. */
export const airMeasured = (caught_l: number, filled_l: number): Range => {
	const value = caught_l / filled_l;
	return { value, low: value * 0.9, high: value * 1.1 };
};

/** Wanted. Source: potting practice. */
export const airWanted = Object.freeze({ pots: [0.1, 0.2], seed: [0.15, 0.25] } as const);

/** On which side of neutral a mix lies, by its parts; the range says how far it may be off. */
export function phOfMix(parts: readonly PotPart[]): Range | undefined {
	const known = parts.flatMap(({ share, ph }) => (ph && share > 0 ? [{ share, ph }] : []));
	const total = known.reduce((sum, { share }) => sum + share, 0);
	if (!(total > 0)) return undefined;
	const mean = (of: (ph: Range) => number) =>
		known.reduce((sum, { share, ph }) => sum + share * of(ph), 0) / total;
	return {
		value: mean(({ value }) => value),
		low: mean(({ low }) => low),
		high: mean(({ high }) => high)
	};
}
