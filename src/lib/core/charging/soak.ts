import { charFromLitres, type CharWetness } from '../char';
import {
	between,
	estimate,
	exactly,
	litres,
	sum,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Metres,
	type Range
} from '../units';
import { capacity, depthAtVolume, sectionAt, volumeAtDepth, type Shape } from '../vessels';
import { heldByWetness } from './data/schools';

const soakVoids = Object.freeze({ low: 0.4, high: 0.55 });
const soakUptake = Object.freeze({ low: 0.3, high: 0.45 });
const skeletonKgPerM3 = 1600;
/** Liquid stands so far above the char. */
export const soakOver_m = 0.05;

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
		lying.status === 'holds' ? sectionAt(tub, lying.depth + soakOver_m / 2) * soakOver_m * 1000 : 0;
	const liquidDepth = lying.status === 'holds' ? lying.depth + soakOver_m : Infinity;
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
	const charKg = charFromLitres(char, density);
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
	return tub.depth > soakOver_m
		? volumeAtDepth(tub, (tub.depth - soakOver_m) as Metres)
		: litres(0);
}
