import type { Range } from '../units';
import {
	carbonOfAshless,
	carbonShares,
	co2OfCarbon,
	elsewise,
	methaneAsCo2,
	methanes,
	permanences,
	type CarbonClass,
	type Elsewise,
	type Factor,
	type Heat,
	type Methane,
	type MethaneId
} from './data/factors';
import { drawn, ends, grouped, hashOf, lognormal } from './sampled';

/** Char of one burn: how much, what it is and what its fire gave off. */
export interface CarbonPart {
	/** Dry char, kg; its ends hold 80 % of the doubt. */
	readonly char_kg: Range;
	readonly class: CarbonClass;
	readonly heat: Heat;
	readonly methane: MethaneId;
	/** Ash of a sample of it, share of its dry weight: it overrides the class. */
	readonly ash?: number;
	/** Dry wood, kg, and what it would else have become, where that is counted. */
	readonly wood?: { readonly kg: number; readonly else: Elsewise };
}

/** 2.5, 50 and 97.5 % of all draws, kg CO₂e. */
export interface Kept {
	readonly net: Range;
	readonly gross: Range;
	/** Methane of the burns, as CO₂e, above nought. */
	readonly methane: Range;
	/** What the wood would else have given off, as CO₂e. */
	readonly else: Range;
}

/** What carries the doubt: a factor of the page or the grower's own measure. */
export type Doubt = `share ${CarbonClass}` | `heat ${Heat}` | `methane ${MethaneId}` | 'char';

export interface CarbonModel {
	/** What stays of some char, all of it drawn together: factors they share are wrong for all alike. */
	of(parts: readonly CarbonPart[]): Kept;
	/** How wide its 95 % would be with one factor known twice as well, of how wide it is; the one that narrows it most first. */
	halved(
		parts: readonly CarbonPart[]
	): readonly { readonly doubt: Doubt; readonly width: number }[];
}

/** As many draws as keep the ends within 1 % of the gross from seed to seed. */
export const usualDraws = 20_000;
const usualSeed = 20_19;
/** Ends of a central 80 % lie so many standard deviations apart. */
const eighty = 2.563;
const of95 = 1.96;

/** Fires up to so many are drawn each; of more their sum, as one lognormal of its mean and spread (Fenton 1960). */
const mostDrawn = 100;

/**
 * Carbon that char keeps in soil for a hundred years, less the methane of its fire, by Monte Carlo.
 * CO₂e = char × F_C × F_perm × 44/12 − methane × 27. Source: IPCC 2019 Refinement, vol. 4, ch. 2, App. 4.
 * Factors are clipped and not drawn again: F_C to 0–0.95, F_perm to 0–1.
 * @example carbonModel().of([{ char_kg: exactly(10), class: 'wood', heat: 'hot', methane: 'dry' }]).gross.value // 25
 */
export function carbonModel(draws = usualDraws, seed = usualSeed): CarbonModel {
	const normals = new Map<string, Float64Array>();
	const normalOf = (key: string): Float64Array => {
		const known = normals.get(key) ?? drawn(draws, seed + hashOf(key));
		normals.set(key, known);
		return known;
	};
	const emissions = new Map<string, Float64Array>();
	const emittedOf = (key: string, mean: number, sd: number): Float64Array => {
		const known = emissions.get(`${key} ${sd}`);
		if (known) return known;
		const emitted = lognormal(normalOf(key), mean, sd);
		// Only the usual spread is asked for again and again.
		if (emissions.size < 2 * mostDrawn) emissions.set(`${key} ${sd}`, emitted);
		return emitted;
	};
	const run = (parts: readonly CarbonPart[], tighter?: Doubt): Draws =>
		drawAll({ parts, draws, normalOf, emittedOf, ...(tighter ? { tighter } : {}) });
	return {
		of: (parts) => {
			const { gross, methane, else: spared } = run(parts);
			const net = gross.map((kept, i) => kept - (methane[i] ?? 0) + (spared[i] ?? 0));
			return {
				...{ net: ends(net), gross: ends(gross) },
				...{ methane: ends(methane), else: ends(spared) }
			};
		},
		halved: (parts) => {
			const width = (tighter?: Doubt) => {
				const { gross, methane } = run(parts, tighter);
				const { low, high } = ends(gross.map((kept, i) => kept - (methane[i] ?? 0)));
				return high - low;
			};
			const now = width();
			if (!(now > 0)) return [];
			return doubtsOf(parts)
				.map((doubt) => ({ doubt, width: width(doubt) / now }))
				.sort((a, b) => a.width - b.width);
		}
	};
}

interface Draws {
	readonly gross: Float64Array;
	readonly methane: Float64Array;
	readonly else: Float64Array;
}

interface Asked {
	readonly parts: readonly CarbonPart[];
	readonly draws: number;
	readonly normalOf: (key: string) => Float64Array;
	readonly emittedOf: (key: string, mean: number, sd: number) => Float64Array;
	/** Its spread is halved. */
	readonly tighter?: Doubt;
}

function doubtsOf(parts: readonly CarbonPart[]): readonly Doubt[] {
	const all = parts.flatMap((part): Doubt[] => [
		...(part.ash === undefined ? [`share ${part.class}` as const] : []),
		`heat ${part.heat}`,
		`methane ${part.methane}`,
		'char'
	]);
	return [...new Set(all)];
}

function drawAll({ parts, draws, normalOf, emittedOf, tighter }: Asked): Draws {
	const gross = new Float64Array(draws);
	const methane = new Float64Array(draws);
	const spared = new Float64Array(draws);
	const by = (doubt: Doubt) => (tighter === doubt ? 0.5 : 1);
	for (const [key, group] of grouped(parts, ({ class: of, heat, ash }) => `${of} ${heat} ${ash}`)) {
		const [first] = group;
		if (!first) continue;
		const amount = massOf(group);
		const [mass, share, stays] = [`mass ${key}`, `share ${first.class}`, `heat ${first.heat}`].map(
			normalOf
		);
		const shareOf = shareFactor(first);
		const lasting = permanences[first.heat];
		const spreads = {
			mass: amount.sd * by('char'),
			share: sdOf(shareOf) * by(`share ${first.class}`),
			stays: sdOf(lasting) * by(`heat ${first.heat}`)
		};
		for (let i = 0; i < draws; i += 1) {
			const kg = Math.max(0, amount.value + spreads.mass * mass![i]!);
			const carbon = clipped(shareOf.value + spreads.share * share![i]!, 0.95);
			const kept = clipped(lasting.value + spreads.stays * stays![i]!, 1);
			gross[i]! += kg * carbon * kept * co2OfCarbon;
		}
	}
	for (const [id, group] of grouped(parts, (part) => part.methane))
		addMethane(methane, {
			of: methanes[id as MethaneId],
			weights: group.map(({ char_kg }) => char_kg.value),
			by: by(`methane ${id as MethaneId}`),
			emittedOf: (i, mean, sd) => emittedOf(`methane ${id} ${i}`, mean, sd)
		});
	const woods = parts.flatMap(({ wood }) => (wood ? [wood] : []));
	for (const [id, group] of grouped(woods, (wood) => wood.else))
		addMethane(spared, {
			of: elsewise[id as Elsewise],
			weights: group.map(({ kg }) => kg),
			by: 1,
			// What wood elsewise does is one thing for all of it: no better known for there being much.
			isShared: true,
			emittedOf: (i, mean, sd) => emittedOf(`else ${id} ${i}`, mean, sd)
		});
	return { gross, methane, else: spared };
}

const shareFactor = (part: CarbonPart): Factor => {
	if (part.ash === undefined) return carbonShares[part.class];
	const { value, within, source } = carbonOfAshless[part.heat];
	return { value: value * (1 - part.ash), within, source };
};
const sdOf = ({ value, within }: Factor): number => (value * within) / of95;
const clipped = (value: number, most: number): number => Math.min(most, Math.max(0, value));

/** All of a group by mass; each part is wrong by itself. */
function massOf(parts: readonly CarbonPart[]): { readonly value: number; readonly sd: number } {
	const value = parts.reduce((sum, { char_kg }) => sum + char_kg.value, 0);
	const sd = Math.hypot(...parts.map(({ char_kg: { low, high } }) => (high - low) / eighty), 0);
	return { value, sd };
}

interface Emission {
	readonly of: Methane;
	readonly weights: readonly number[];
	readonly by: number;
	readonly isShared?: boolean;
	/** Grams on a kilogram in each draw, of the fire of a number. */
	readonly emittedOf: (i: number, mean: number, sd: number) => Float64Array;
}

/** Methane of many fires, each drawn by itself; of very many their sum. */
function addMethane(to: Float64Array, { of, weights, by, isShared, emittedOf }: Emission): void {
	const all = weights.reduce((sum, one) => sum + one, 0);
	if (!(all > 0)) return;
	const add = (weight: number, emitted: Float64Array) => {
		const factor = (weight / 1000) * methaneAsCo2;
		for (let n = 0; n < to.length; n += 1) to[n]! += factor * emitted[n]!;
	};
	const evened = Math.sqrt(weights.reduce((sum, one) => sum + one * one, 0)) / all;
	if (isShared) add(all, emittedOf(-1, of.mean, of.sd * by));
	else if (weights.length > mostDrawn) add(all, emittedOf(-1, of.mean, of.sd * by * evened));
	else weights.forEach((weight, i) => add(weight, emittedOf(i, of.mean, of.sd * by)));
}
