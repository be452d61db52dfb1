export type Texture = 'sand' | 'sandy-silt' | 'loam' | 'clay-loam' | 'clay';
/** Organic matter as the grower judges it. */
export type Humus = 'poor' | 'usual' | 'rich';

/** How a soil holds out against lime: mol of charge to the kilogram and pH unit, and how heavy it lies. */
export interface Buffer {
	readonly mol_per_kg: number;
	readonly kg_per_m3: number;
}

export const buffers: Readonly<Record<Texture, Buffer>> = Object.freeze({
	sand: { mol_per_kg: 0.012, kg_per_m3: 1500 },
	'sandy-silt': { mol_per_kg: 0.02, kg_per_m3: 1350 },
	loam: { mol_per_kg: 0.03, kg_per_m3: 1300 },
	'clay-loam': { mol_per_kg: 0.04, kg_per_m3: 1250 },
	clay: { mol_per_kg: 0.055, kg_per_m3: 1200 }
});

/** What humus adds to it. */
export const humusAdds: Readonly<Record<Humus, number>> = Object.freeze({
	poor: -0.005,
	usual: 0,
	rich: 0.02
});

/** A starting value is good to this factor either way, four times in five. */
export const bufferWithin = 1.55;
/** Its spread as a logarithm, for the same: ln 1.55 / 1.28. */
export const bufferSpread = 0.34;

export const bufferSource =
	'Starting values by texture and humus, good to a factor of 1.55 either way; a reading before and after is better';

/** Grams of calcium carbonate to a mol of charge. */
export const gramsPerMol = 50;

/** Of the rise that the buffer promises, what a season shows. */
export const response = Object.freeze({ value: 0.8, low: 0.6, high: 1.0 });
export const responseSource =
	'Lime works slowly and unevenly: 0.6 to 1.0 of what the buffer promises shows within a season';
