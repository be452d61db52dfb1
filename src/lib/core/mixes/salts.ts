import { brings, type Composition, type Measure, type MaterialId } from '../materials';
import {
	earlier,
	grams,
	known,
	over,
	reckon,
	times,
	type Estimate,
	type Grams,
	type Range,
	type Term
} from '../units';

import { sumOf } from './sum-of';

const assumed = (name: string, range: Range, source: string): Term =>
	known(name, range, 'g/kg', 'default', source);

const molar = 'Molar masses of its usual salts';
/** Salts to a gram of the potassium that dissolves: sulphate, carbonate or chloride. */
const perPotassium = assumed('salts to a gram of K', { value: 2.2, low: 1.9, high: 2.4 }, molar);
/** Salts to a gram of mineral nitrogen: of ammonium or nitrate. */
const perMineralN = assumed('salts to a gram of mineral N', { value: 5, low: 3.5, high: 7 }, molar);
const dissolves = assumed(
	'of the K within days',
	{ value: 0.75, low: 0.5, high: 1 },
	'A working assumption'
);

/** Salts that no nutrient tells of, g in a gram. */
const beside: Readonly<Partial<Record<MaterialId, Term>>> = Object.freeze({
	'sea-salt': assumed('salt', { value: 1, low: 0.97, high: 1 }, 'It is salt'),
	'seaweed-meal': assumed(
		'other salts of seaweed',
		{ value: 0.1, low: 0.05, high: 0.2 },
		'Dried seaweed holds sodium and chlorides; a working assumption'
	)
});
/** What rock holds of potassium does not dissolve. */
const rock: ReadonlySet<string> = new Set(['glauconite-sand', 'rock-dust', 'ground-limestone']);

/** So much of one stuff. */
interface Salted {
	readonly composition: Composition;
	readonly measure: Measure;
}

const saltsTerm = (parts: readonly Salted[]): Term =>
	sumOf(
		parts.flatMap(({ composition, measure }) => {
			const { material } = composition;
			const { mass, potassium, mineralNitrogen } = brings(composition, measure);
			const others = beside[material];
			return [
				times(earlier('mineral N', mineralNitrogen), perMineralN),
				...(rock.has(material) ? [] : [times(earlier('K', potassium), dissolves, perPotassium)]),
				...(others ? [times(1000, earlier('weight', mass), others)] : [])
			];
		})
	);

/**
 * Soluble salts of parts together, g.
 * @throws RangeError of no parts
 */
export const saltsOf = (parts: readonly Salted[]): Estimate<Grams> =>
	reckon(grams, saltsTerm(parts), { unit: 'g', basis: 'soluble salts' });

const paste = known(
	'water in a litre of paste',
	{ value: 0.6, low: 0.5, high: 0.7 },
	'L',
	'default',
	'Wet peat and leaf mixes; a working assumption'
);
/** Humus holds the rest of the potassium and ammonium. */
const inWater = known(
	'of them in the water',
	{ value: 0.6, low: 0.4, high: 0.9 },
	'share',
	'default',
	'A working assumption'
);
/** Source: 640 mg/L to 1 dS/m, U.S. Salinity Laboratory Staff 1954, Agriculture Handbook 60. */
const gramsPer_dS_m = 0.64;

/**
 * Conductivity of the wet paste of parts that are mixed and lie in so many litres, dS/m; of no parts nought.
 */
export function pasteOf(parts: readonly Salted[], litres: number): Range {
	if (parts.length === 0 || !(litres > 0)) return { value: 0, low: 0, high: 0 };
	const { value, low, high } = reckon(
		Number,
		over(times(saltsTerm(parts), inWater), times(litres, paste)),
		{
			unit: 'g/L',
			basis: 'of the water in it'
		}
	);
	return { value: value / gramsPer_dS_m, low: low / gramsPer_dS_m, high: high / gramsPer_dS_m };
}

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
