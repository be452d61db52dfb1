import { brings, type Composition, type Measure, type MaterialId } from '../materials';
import type { Range } from '../units';

/**
 * Salts that come with a gram of what dissolves of it, g: potassium as its sulphate, carbonate or chloride (1.9 to 2.4),
 * mineral nitrogen as ammonium or nitrate salts (3.5 to 7). Source: molar masses of those salts.
 */
const perPotassium: Range = Object.freeze({ value: 2.2, low: 1.9, high: 2.4 });
const perMineralN: Range = Object.freeze({ value: 5, low: 3.5, high: 7 });
/** Of the potassium what dissolves within days. A working assumption. */
const dissolves: Range = Object.freeze({ value: 0.75, low: 0.5, high: 1 });

/** Salts that no nutrient tells of, share of the mass. Source: sea salt; dried seaweed holds sodium and chlorides. */
const beside: Readonly<Partial<Record<MaterialId, Range>>> = Object.freeze({
	'sea-salt': { value: 1, low: 0.97, high: 1 },
	'seaweed-meal': { value: 0.1, low: 0.05, high: 0.2 }
});
/** What rock holds of potassium does not dissolve. */
const rock: ReadonlySet<string> = new Set(['glauconite-sand', 'rock-dust', 'ground-limestone']);

const nothing: Range = Object.freeze({ value: 0, low: 0, high: 0 });
const ends = (of: (end: 'value' | 'low' | 'high') => number): Range => ({
	value: of('value'),
	low: of('low'),
	high: of('high')
});

/** Soluble salts in so much of a stuff, g. */
export function saltsIn(composition: Composition, measure: Measure): Range {
	const { material } = composition;
	const { mass, potassium, mineralNitrogen } = brings(composition, measure);
	const others = beside[material] ?? nothing;
	const ofPotassium = rock.has(material) ? nothing : perPotassium;
	return ends(
		(end) =>
			potassium[end] * dissolves[end] * ofPotassium[end] +
			mineralNitrogen[end] * perMineralN[end] +
			mass[end] * 1000 * others[end]
	);
}

/** So much of one stuff. */
interface Salted {
	readonly composition: Composition;
	readonly measure: Measure;
}

/** Soluble salts of parts together, g. */
export const saltsOf = (parts: readonly Salted[]): Range => {
	const all = parts.map(({ composition, measure }) => saltsIn(composition, measure));
	return ends((end) => all.reduce((sum, one) => sum + one[end], 0));
};

/** Water in a litre of a mix that is wetted to a paste, L; and grams of salt in a litre that conduct 1 dS/m. */
const paste: Range = Object.freeze({ value: 0.6, low: 0.5, high: 0.7 });
/** Source: 640 mg/L to 1 dS/m, U.S. Salinity Laboratory Staff 1954, Agriculture Handbook 60. */
const gramsPer_dS_m = 0.64;

/** Conductivity of the wet paste of a mix, dS/m, by its salts in a litre of it, g. */
export const pasteOf = (salts_g_L: Range): Range => ({
	value: salts_g_L.value / paste.value / gramsPer_dS_m,
	low: salts_g_L.low / paste.high / gramsPer_dS_m,
	high: salts_g_L.high / paste.low / gramsPer_dS_m
});

/** A meter’s reading of the paste. A judgement on hand meters. */
export const pasteRead = (dS_m: number): Range => ({
	value: dS_m,
	low: dS_m * 0.9,
	high: dS_m * 1.1
});

/**
 * What roots bear in the wet paste, dS/m: seedlings up to 2, potted plants up to 3.5.
 * Source: Warncke & Krauskopf 1983, Michigan State University E-1736 (saturated media extract).
 */
export const pasteBorne = Object.freeze({ seed: 2, pots: 3.5 } as const);
