import { charFromLitres, type CharWetness } from '../char';
import {
	added,
	atLeast,
	atMost,
	between,
	earlier,
	known,
	less,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Metres
} from '../units';
import { capacity, depthAtVolume, sectionAt, volumeAtDepth, type Shape } from '../vessels';
import { alreadyHeld } from './held';

const soakVoids = Object.freeze({ low: 0.4, high: 0.55 });
/** Litres that dry char takes up into its pores, per litre as it lies. */
export const soakUptake = Object.freeze({
	low: 0.3,
	high: 0.45,
	source: 'Dry char, 0.30–0.45 L per L bulk'
});
/** Gaps that liquid fills in compost, mould and soil under it. */
const solidVoids = {
	range: [0.25, 0.45] as [low: number, high: number],
	source: 'Working assumption: moist compost and soil, a quarter to nearly half gaps'
};
/** Of char without its pores and the air between, kg/L. */
const skeleton = 1.6;
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
 * @param poured what was really poured, in place of what covers it
 * @param lies litres that lie in the tub where solids lie with the char
 */
export function coverWithLiquid(
	char: Litres,
	density: Estimate<KgDryPerLitre>,
	wetness: CharWetness,
	tub: Shape,
	poured?: Litres,
	lies: Litres = char
): Soak {
	const lying = depthAtVolume(tub, lies);
	const liquidDepth = lying.status === 'holds' ? lying.depth + soakOver_m : Infinity;
	const fits = liquidDepth <= tub.depth;
	const above =
		lying.status === 'holds' ? sectionAt(tub, lying.depth + soakOver_m / 2) * soakOver_m * 1000 : 0;
	const charTerm = known('char', char, 'L', 'typed', 'the lot as it lies');
	const uptake = known(
		'uptake',
		between(soakUptake.low, soakUptake.high),
		'L/L',
		'default',
		soakUptake.source
	);
	const held = alreadyHeld(wetness);
	return {
		liquid:
			poured === undefined
				? toCover(above, density, { char: charTerm, uptake, held }, lies - char)
				: reckon(litres, known('liquid poured', poured, 'L', 'measured', 'as it went in'), {
						unit: 'L',
						basis: 'liquid poured'
					}),
		heldWater: reckon(litres, times(charTerm, uptake, held), {
			unit: 'L',
			basis: 'water already in the char'
		}),
		charKg: charFromLitres(char, density),
		fits,
		tubCapacity: capacity(tub),
		charDepth: lying.status === 'holds' ? lying.depth : undefined,
		liquidDepth: fits ? (liquidDepth as Metres) : undefined
	};
}

function toCover(
	above: number,
	density: Estimate<KgDryPerLitre>,
	{ char, uptake, held }: Record<'char' | 'uptake' | 'held', ReturnType<typeof known>>,
	solids: number
): Estimate<Litres> {
	const voids = known(
		'voids',
		between(soakVoids.low, soakVoids.high),
		'share',
		'default',
		'Between crushed pieces, 0.40–0.55 of bulk volume'
	);
	const pores = less(1, over(earlier('density', density), skeleton), times(uptake, held));
	const inside = atMost(added(voids, times(uptake, less(1, held))), atLeast(0, pores));
	const over5 = known('5 cm above the char', above, 'L', 'computed', 'section of the tub × 5 cm');
	const besides =
		solids > 0
			? [
					times(
						known('solids with it', solids, 'L', 'typed', 'settled'),
						known(
							'their voids',
							between(...solidVoids.range),
							'share',
							'default',
							solidVoids.source
						)
					)
				]
			: [];
	return reckon(litres, added(times(char, inside), over5, ...besides), {
		unit: 'L',
		basis: 'liquid poured to cover',
		within: [
			0,
			char.value * Math.max(0, 1 - density.low / skeleton) +
				above +
				Math.max(0, solids) * solidVoids.range[1]
		]
	});
}

/** Most char a tub takes with 5 cm of liquid above it and its rim still clear. */
export function mostCharIn(tub: Shape): Litres {
	return tub.depth > soakOver_m
		? volumeAtDepth(tub, (tub.depth - soakOver_m) as Metres)
		: litres(0);
}

/**
 * How many litres of its vessel a batch takes up at the least: its bulk, or what is solid in it sunk in its liquid.
 * @param volume_l bulk as it lies
 * @param char_kg dry
 * @param liquid_l around it and in its pores
 */
export const takesUp = (volume_l: number, char_kg: number, liquid_l: number): Litres =>
	litres(Math.max(volume_l, char_kg / skeleton + liquid_l));
