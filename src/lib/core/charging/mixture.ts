import type { CharWetness } from '../char';
import {
	between,
	estimate,
	exactly,
	kgDry,
	litres,
	product,
	share,
	sum,
	type Estimate,
	type Input,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Metres,
	type Range,
	type Share
} from '../units';
import { capacity, depthAtVolume, sectionAt, volumeAtDepth, type Shape } from '../vessels';
import { heldByWetness, schoolOf, type SchoolId } from './data/schools';

/** Fines fall into voids: a 1 : 1 mix fills 0.80–0.90 of the sum of its parts. */
const settling = Object.freeze({
	low: 0.8,
	high: 0.9,
	source: 'Char and compost of unlike grain fill 0.80–0.90 of the sum'
});
const restWater = Object.freeze({
	low: 0.4,
	high: 0.9,
	source: 'Dry char to the squeeze test: 0.4–0.9 L per L'
});

export interface SolidMix {
	readonly partner: Estimate<Litres>;
	readonly water: Estimate<Litres>;
	readonly mix: Estimate<Litres>;
	/** Litres of char before mixing per litre of mix. */
	readonly charShare: Estimate<Share>;
}

/**
 * Amounts of a solid charge for so many litres of char. Basis: litres as they lie, before and
 * after mixing; the mix is smaller than its parts.
 * @param ratio litres of partner to one of char
 * @example mixSolid('compost-rest', litres(40), 1, 'dry') // 40 L partner, 16–36 L water, 64–72 L mix
 */
export function mixSolid(
	school: SchoolId,
	char: Litres,
	ratio: number,
	wetness: CharWetness
): SolidMix {
	const partnerLitres = litres(char * ratio);
	const settle = between(settling.low, settling.high);
	const charInput: Input = {
		name: 'char',
		value: char,
		unit: 'L',
		origin: 'typed',
		source: 'the lot as it lies'
	};
	const partner = estimate(litres, exactly(partnerLitres), {
		unit: 'L',
		basis: 'partner as used',
		formula: 'char × parts of partner',
		from: [
			charInput,
			{
				name: 'partner to one part of char',
				value: ratio,
				unit: 'times',
				origin: 'typed',
				source: schoolOf(school).source
			}
		]
	});
	const mix = estimate(litres, product([exactly(char + partnerLitres), settle]), {
		unit: 'L',
		basis: 'mixed',
		formula: '(char + partner) × settling',
		from: [
			charInput,
			{ name: 'settling', ...settle, unit: 'times', origin: 'default', source: settling.source }
		]
	});
	const charShare = estimate(share, product([exactly(char), mix], [1, -1]), {
		unit: 'share',
		basis: 'char before mixing per litre of mix',
		formula: 'char ÷ mix',
		from: [
			charInput,
			{
				name: 'mix',
				value: mix.value,
				low: mix.low,
				high: mix.high,
				unit: 'L',
				origin: 'computed',
				source: mix.formula
			}
		]
	});
	return { partner, water: squeezeWater(char, wetness), mix, charShare };
}

function squeezeWater(char: Litres, wetness: CharWetness): Estimate<Litres> {
	const dry = between(restWater.low, restWater.high);
	const held = heldByWetness[wetness];
	const range: Range = {
		value: char * dry.value * (1 - held.value),
		low: char * dry.low * (1 - held.high),
		high: char * dry.high * (1 - held.low)
	};
	return estimate(litres, range, {
		unit: 'L',
		basis: 'rain water to the squeeze test',
		formula: 'char × 0.4–0.9 L/L × (1 − share already held)',
		from: [
			{ name: 'dry char takes', ...dry, unit: 'L/L', origin: 'default', source: restWater.source },
			{
				name: `already held, ${wetness}`,
				...held,
				unit: 'share',
				origin: 'default',
				source: heldByWetness.source
			}
		]
	});
}

const soakVoids = Object.freeze({ low: 0.4, high: 0.55 });
const soakUptake = Object.freeze({ low: 0.3, high: 0.45 });
const skeletonKgPerM3 = 1600;
const over_m = 0.05;

export interface Soak {
	/** Liquid poured on. */
	readonly liquid: Estimate<Litres>;
	/** Water already in the char: it dilutes what is poured. */
	readonly heldWater: Estimate<Litres>;
	readonly charKg: Estimate<KgDry>;
	readonly fits: boolean;
	readonly charDepth?: Metres;
	readonly liquidDepth?: Metres;
	readonly tubCapacity: Litres;
}

/**
 * Liquid to cover char in a tub: voids between pieces (0.40–0.55) + uptake (0.30–0.45, less
 * what it already holds), together never above 1 − ρ/1600, + 5 cm above the char.
 * @param density dry, of the char as it lies
 */
export function coverWithLiquid(
	char: Litres,
	density: Estimate<KgDryPerLitre>,
	wetness: CharWetness,
	tub: Shape
): Soak {
	const held = heldByWetness[wetness];
	const pore = 1 - (density.value * 1000) / skeletonKgPerM3;
	const uptake = between(soakUptake.low, soakUptake.high);
	const voids = between(soakVoids.low, soakVoids.high);
	const drawn = (u: number, h: number): number => u * (1 - h);
	const cap = (v: number, u: number, h: number) =>
		char * Math.min(v + drawn(u, h), Math.max(0, pore - u * h));
	const inside: Range = {
		value: cap(voids.value, uptake.value, held.value),
		low: cap(voids.low, uptake.low, held.high),
		high: Math.max(
			cap(voids.high, uptake.high, held.low),
			cap(voids.value, uptake.value, held.value)
		)
	};
	const lying = depthAtVolume(tub, char);
	const above =
		lying.status === 'holds' ? sectionAt(tub, lying.depth + over_m / 2) * over_m * 1000 : 0;
	const liquidDepth = lying.status === 'holds' ? lying.depth + over_m : Infinity;
	const fits = liquidDepth <= tub.depth;
	const liquid = estimate(litres, sum([inside, exactly(above)]), {
		unit: 'L',
		basis: 'liquid poured to cover',
		formula: 'char × (voids + uptake left), at most 1 − density/1600, + 5 cm above it',
		from: [
			{
				name: 'voids',
				...voids,
				unit: 'share',
				origin: 'default',
				source: 'Between crushed pieces, 0.40–0.55 of bulk volume'
			},
			{
				name: 'uptake',
				...uptake,
				unit: 'L/L',
				origin: 'default',
				source: 'Dry char, 0.30–0.45 L per L bulk'
			},
			{
				name: `already held, ${wetness}`,
				...held,
				unit: 'share',
				origin: 'default',
				source: heldByWetness.source
			},
			{
				name: '5 cm above the char',
				value: above,
				unit: 'L',
				origin: 'computed',
				source: 'tub section × 5 cm'
			}
		]
	});
	const heldWater = estimate(
		litres,
		{
			value: char * uptake.value * held.value,
			low: char * uptake.low * held.low,
			high: char * uptake.high * held.high
		},
		{
			unit: 'L',
			basis: 'water already in the char',
			formula: 'char × uptake × share held',
			from: [
				{
					name: `already held, ${wetness}`,
					...held,
					unit: 'share',
					origin: 'default',
					source: heldByWetness.source
				}
			]
		}
	);
	const charKg = estimate(kgDry, product([exactly(char), density]), {
		unit: 'kg',
		basis: 'dry char',
		formula: 'litres × dry density',
		from: [
			{
				name: 'density',
				value: density.value,
				low: density.low,
				high: density.high,
				unit: 'kg/L',
				origin: density.from[0]?.origin ?? 'computed',
				source: density.formula
			}
		]
	});
	return {
		liquid,
		heldWater,
		charKg,
		fits,
		tubCapacity: capacity(tub),
		charDepth: lying.status === 'holds' ? lying.depth : undefined,
		liquidDepth: fits ? (liquidDepth as Metres) : undefined
	};
}

/** Most char a tub takes with 5 cm of liquid above it and its rim still clear. */
export function mostCharIn(tub: Shape): Litres {
	return tub.depth > over_m ? volumeAtDepth(tub, (tub.depth - over_m) as Metres) : litres(0);
}
