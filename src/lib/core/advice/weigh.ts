import { charShareLimits } from '../beds';
import type { Range } from '../units';
import type { Advice, Claim } from './read';

/** The ground and the stuff that a sentence is read for. */
export interface Here {
	/** From above, m², and worked so deep, m. */
	readonly area_m2: number;
	readonly depth_m: number;
	/** A litre of the stuff weighs so much, kg, in the way it is meant: dry, or as it lies. */
	readonly kgPerLitre: Range;
	/** It is meant charged: a part of each litre is not char. */
	readonly isCharged?: boolean;
	/** Litres of the grower's own measures by name. */
	readonly measures?: Readonly<Record<string, number>>;
}

/** One way a rate may be meant, turned into litres on a square metre. */
export interface Reading {
	/** Which claim it is of, from 0. */
	readonly claim: number;
	/** What was taken for what: "US cups", "square foot". */
	readonly taken: readonly string[];
	readonly perM2: Range;
	/** Litres for all of this bed. */
	readonly onBed: Range;
	/** Share of the working depth, 0 …; above 1 it is more than there is soil. */
	readonly ofSoil: Range;
	/** The char in it, as a share of the working depth: of what was charged a part is not char. */
	readonly charOfSoil: Range;
}

/** What the sentence did not say, and was asked or taken for usual. */
export type Missing =
	'stuff' | 'amount' | 'over' | 'which-over' | 'which-measure' | 'often' | 'charged' | 'dry';

/** What speaks against it, whoever says it. */
export type Fault =
	/** Two of its rates lie further apart than their ranges. */
	| { readonly is: 'contradicts'; readonly times: number }
	| { readonly is: 'more-than-soil' }
	| { readonly is: 'over-ceiling'; readonly share: number }
	/** Char stays: a rate each season adds up. */
	| { readonly is: 'adds-up'; readonly seasons: number }
	/** So much lime or ash moves the pH so little. */
	| {
			readonly is: 'no-amount-does';
			readonly by: number;
			readonly low: number;
			readonly high: number;
	  }
	/** Raw char takes nitrogen and water from the roots until it is filled. */
	| { readonly is: 'raw' }
	/** It forbids what the verdict of the bed decides. */
	| { readonly is: 'rule-for-all' };

const scaled = ({ value, low, high }: Range, by: Range): Range => ({
	value: value * by.value,
	low: low * by.low,
	high: high * by.high
});
const plain = (value: number): Range => ({ value, low: value, high: value });
const amountOf = ({ low, high }: Claim): Range => ({ value: (low + high) / 2, low, high });

/** Litres of one of a measure: the grower's own where there is one of the name. */
function sizesOf({ measure }: Claim, { measures = {} }: Here) {
	const own = measure.isOwn ? measures[measure.says.replace(/s$/, '')] : undefined;
	const says = own === undefined ? measure.says : `your ${measure.says}`;
	const first = { by: own ?? measure.by, says };
	return measure.other ? [first, measure.other] : [first];
}

/** What an amount goes on, m²: each way it may be meant, the likeliest first. */
function oversOf({ per }: Claim, here: Here) {
	const count = per?.count ?? 1;
	if (!per)
		return [
			{ says: 'square metre', m2: 1 },
			{ says: 'whole bed', m2: here.area_m2 }
		];
	const { over } = per;
	const says = (what: string) => (count === 1 ? what : `${count} × ${what}`);
	if (over.isBed) return [{ says: `${over.says}, as this bed is`, m2: here.area_m2 * count }];
	if (over.m2 !== undefined) return [{ says: says(over.says), m2: over.m2 * count }];
	return (over.may ?? []).map((one) => ({ says: says(one.says), m2: one.m2 * count }));
}

/** A share of the soil needs no area; a layer is its depth. */
function withoutArea(claim: Claim, here: Here): Range | undefined {
	const depth = claim.depth_m ?? here.depth_m;
	if (claim.measure.of === 'share')
		return scaled(amountOf(claim), plain(claim.measure.by * depth * 1000));
	if (claim.measure.of === 'depth') return scaled(amountOf(claim), plain(claim.measure.by * 1000));
	return undefined;
}

function readingOf(claim: number, taken: readonly string[], perM2: Range, here: Here): Reading {
	const over = (by: number) => scaled(perM2, plain(by));
	const ofSoil = over(1 / (here.depth_m * 1000));
	return {
		...{ claim, taken, perM2, ofSoil },
		onBed: over(here.area_m2),
		charOfSoil: here.isCharged ? scaled(ofSoil, charInCharged) : ofSoil
	};
}

/** Char in a litre of charged char. Source: mixes of practice, 1 : 1 to 4 : 1 by volume with what charges it. */
export const charInCharged: Range = Object.freeze({ value: 0.65, low: 0.5, high: 0.8 });

/** Water in char as it is sold or lies drained, share of its weight. Source: practice; fresh drained char holds most. */
export const waterAsSold: Range = Object.freeze({ value: 0.3, low: 0.1, high: 0.5 });

/** How heavy a litre is as it was weighed, of what is known dry: with its water in it. */
export const withItsWater = (dry: Range, water: Range): Range => ({
	value: dry.value / (1 - water.value),
	low: dry.low / (1 - water.low),
	high: dry.high / (1 - water.high)
});

/** All ways in which a sentence may be meant, claim by claim, the likeliest first. */
export function readingsOf({ claims }: Advice, here: Here): readonly Reading[] {
	return claims.flatMap((claim, i) => {
		const whole = withoutArea(claim, here);
		if (whole) {
			const depth = claim.depth_m ?? here.depth_m;
			const says =
				claim.measure.of === 'share'
					? `of the soil, ${Math.round(depth * 100)} cm deep`
					: claim.measure.says;
			return [readingOf(i, [says], whole, here)];
		}
		return oversOf(claim, here).flatMap((over) =>
			sizesOf(claim, here).map((size) => {
				const all = scaled(amountOf(claim), plain(size.by));
				const { value, low, high } = here.kgPerLitre;
				// The denser it is, the fewer litres a weight has.
				const litres =
					claim.measure.of === 'kg'
						? { value: all.value / value, low: all.low / high, high: all.high / low }
						: all;
				return readingOf(i, [size.says, over.says], scaled(litres, plain(1 / over.m2)), here);
			})
		);
	});
}

/** What the sentence leaves open. */
export function missingIn({ stuff, claims, often, isCharged, isDry }: Advice): readonly Missing[] {
	const [first] = claims;
	const isWeight = first?.measure.of === 'kg';
	const needsArea = first?.measure.of === 'litres' || isWeight;
	const open: readonly (readonly [Missing, boolean])[] = [
		['stuff', stuff === undefined],
		['amount', first === undefined],
		['over', needsArea && first.per === undefined],
		['which-over', (first?.per?.over.may?.length ?? 0) > 1],
		['which-measure', first?.measure.other !== undefined || first?.measure.isOwn === true],
		['often', often === undefined],
		['charged', stuff === 'char' && isCharged === undefined],
		['dry', isWeight && isDry === undefined]
	];
	return open.flatMap(([one, isOpen]) => (isOpen ? [one] : []));
}

/** Two rates of one sentence that are apart by so much, however each is meant, are not the same. */
const apart = 1.5;
/** Seasons in which a rate that is given each season may reach the ceiling. */
const manySeasons = 12;

/** How far two claims are apart at least, over all ways in which they may be meant; 1 where they may be the same. */
function leastApart(readings: readonly Reading[]): number {
	const of = (claim: number) => readings.filter((one) => one.claim === claim);
	const pairs = of(0).flatMap((a) => of(1).map((b) => [a.perM2, b.perM2] as const));
	if (pairs.length === 0) return 1;
	return Math.min(
		...pairs.map(([a, b]) => {
			if (a.low <= b.high && b.low <= a.high) return 1;
			return Math.max(a.low / b.high, b.low / a.high);
		})
	);
}

/** @param taken the way it is meant, from 0
 * @param rise what the first rate would lift the pH of this bed by, where that can be told */
export function faultsIn(
	advice: Advice,
	readings: readonly Reading[],
	{ rise, taken = 0 }: { readonly rise?: Range | undefined; readonly taken?: number } = {}
): readonly Fault[] {
	const faults: Fault[] = [];
	const times = leastApart(readings);
	if (times > apart) faults.push({ is: 'contradicts', times });
	const likely = readings[taken] ?? readings[0];
	if (likely && likely.ofSoil.low > 1) faults.push({ is: 'more-than-soil' });
	else if (advice.stuff === 'char' && likely) {
		const { ceiling } = charShareLimits;
		if (likely.charOfSoil.low > ceiling)
			faults.push({ is: 'over-ceiling', share: likely.charOfSoil.value });
		else if (advice.often === 'each-season') {
			const seasons = Math.floor(ceiling / likely.charOfSoil.value);
			if (seasons <= manySeasons) faults.push({ is: 'adds-up', seasons: Math.max(1, seasons) });
		}
	}
	if (advice.promised && rise && rise.high < advice.promised.by / 2)
		faults.push({ is: 'no-amount-does', by: advice.promised.by, low: rise.low, high: rise.high });
	if (advice.stuff === 'char' && advice.isCharged === false && likely) faults.push({ is: 'raw' });
	if (advice.forbids) faults.push({ is: 'rule-for-all' });
	return faults;
}
