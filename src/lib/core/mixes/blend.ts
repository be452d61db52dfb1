import { brings, materialOf, oxide, type Composition, type Measure } from '../materials';
import {
	earlier,
	grams,
	kilograms,
	known,
	litres,
	over,
	reckon,
	share,
	times,
	type Estimate,
	type Grams,
	type Kilograms,
	type Litres,
	type Range,
	type Share
} from '../units';
import { firstSeasonOf, usualFirst } from './data/parts';
import { saltsOf } from './salts';
import { sumOf } from './sum-of';

/** So much of one stuff in a blend. */
export interface BlendPart {
	/** Of its lot, where it has one: else of its material. */
	readonly id: string;
	readonly composition: Composition;
	readonly measure: Measure;
}

/** What a blend is: shares of its mass as it lies, P and K as the elements. */
export interface Blend {
	readonly mass: Estimate<Kilograms>;
	readonly volume: Estimate<Litres>;
	readonly nitrogen: Estimate<Share>;
	readonly phosphorus: Estimate<Share>;
	readonly potassium: Estimate<Share>;
	/** What it neutralises, share of its mass as calcium carbonate. */
	readonly lime: Estimate<Share>;
	/** Dry matter, share of its mass. */
	readonly dry: Estimate<Share>;
	/** Of the nutrients what the first season is likely to find, g of the elements in all of it. */
	readonly first: Readonly<Record<'nitrogen' | 'phosphorus' | 'potassium', Estimate<Grams>>>;
	/** Salty stuff, share of its mass. */
	readonly salty: number;
	/** Soluble salts in a kilogram of it, g. */
	readonly salts: Range;
}

/**
 * What parts come to together. Basis: kg as it lies.
 * @throws RangeError of no parts
 */
export function blendOf(parts: readonly BlendPart[]): Blend {
	const all = parts.map(({ composition, measure }) => ({
		composition,
		brought: brings(composition, measure)
	}));
	const mass = sumOf(all.map(({ brought }) => earlier('weight', brought.mass)));
	const of = (name: 'nitrogen' | 'phosphorus' | 'potassium' | 'lime') =>
		reckon(
			share,
			over(sumOf(all.map(({ brought }) => earlier(name, brought[name]))), times(1000, mass)),
			{ unit: 'share', basis: 'of the mass as it lies' }
		);
	const kg = (one: (typeof all)[number]) => one.brought.mass.value;
	const salty = all.filter((one) => materialOf(one.composition.material).salt === 'much');
	const total = all.reduce((got, one) => got + kg(one), 0);
	return {
		mass: reckon(kilograms, mass, { unit: 'kg', basis: 'as it lies' }),
		volume: reckon(litres, sumOf(all.map(({ brought }) => earlier('litres', brought.volume))), {
			unit: 'L',
			basis: 'as it lies'
		}),
		nitrogen: of('nitrogen'),
		phosphorus: of('phosphorus'),
		potassium: of('potassium'),
		lime: of('lime'),
		dry: reckon(share, over(sumOf(all.map(({ brought }) => earlier('dry', brought.dry))), mass), {
			unit: 'share',
			basis: 'of the mass as it lies'
		}),
		first: {
			nitrogen: firstOf(all, 'nitrogen'),
			phosphorus: firstOf(all, 'phosphorus'),
			potassium: firstOf(all, 'potassium')
		},
		salty: total > 0 ? salty.reduce((got, one) => got + kg(one), 0) / total : 0,
		salts: perKg(saltsOf(parts), total)
	};
}

const perKg = ({ value, low, high }: Range, kg: number): Range =>
	kg > 0 ? { value: value / kg, low: low / kg, high: high / kg } : { value: 0, low: 0, high: 0 };

function firstOf(
	all: readonly { composition: Composition; brought: ReturnType<typeof brings> }[],
	name: 'nitrogen' | 'phosphorus' | 'potassium'
): Estimate<Grams> {
	const terms = all.map(({ composition, brought }) => {
		const said = firstSeasonOf(composition.material)[name];
		if (name === 'nitrogen' && !said) return earlier('mineral N', brought.mineralNitrogen);
		const part = said ?? usualFirst[name as 'phosphorus' | 'potassium'];
		return times(
			earlier(name, brought[name]),
			known('of it in the first season', part, 'share', 'default', 'First-season shares, a range')
		);
	});
	return reckon(grams, sumOf(terms), { unit: 'g', basis: 'likely in the first season' });
}

/** `4.1 – 3.9 – 6.0` as a bag says it: percent of the mass, P and K as oxides or as the elements. */
export function analysisOf(
	{ nitrogen, phosphorus, potassium }: Blend,
	as: 'oxide' | 'element'
): readonly [n: Estimate, p: Estimate, k: Estimate] {
	const by = (one: Estimate<Share>, factor: number): Estimate => ({
		...one,
		value: one.value * factor,
		low: one.low * factor,
		high: one.high * factor
	});
	const { phosphorus: p, potassium: k } = as === 'oxide' ? oxide : { phosphorus: 1, potassium: 1 };
	return [nitrogen, by(phosphorus, p), by(potassium, k)];
}

/** So much of a blend as brings a wanted nitrogen in a first season. */
export interface BlendDose {
	readonly kg: number;
	readonly g_m2: number;
}

/**
 * A dose by need.
 * @param first_g_kg nitrogen of a first season in a kilogram of the blend, g
 * @param wants_g_m2 nitrogen wanted on a square metre in a season, g
 * @returns none of a blend without any
 */
export function blendDose(
	first_g_kg: number,
	wants_g_m2: number,
	area_m2: number
): BlendDose | undefined {
	if (!(first_g_kg > 0)) return undefined;
	const g_m2 = (wants_g_m2 / first_g_kg) * 1000;
	return { kg: (g_m2 * area_m2) / 1000, g_m2 };
}

/** Nitrogen wanted where no crop says: a middling dressing. A judgement. */
export const usualFeed_g = 8;
