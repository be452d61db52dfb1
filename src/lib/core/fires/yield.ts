import { found, known, share, type Estimate, type Leaf, type Range, type Share } from '../units';
import { wayOf, yieldSpread, type WayId } from './data/ways';

const logit = (p: number) => Math.log(p / (1 - p));
const expit = (x: number) => 1 / (1 + Math.exp(-x));
const z80 = 1.2815515655446004;

/** An own yield as it was worked out, with the doubt of the wood's measure and of the char's density in it. */
export interface OwnYield extends Range {
	/** The density its char was known by, where that is in doubt, kg/L. */
	readonly density?: Range;
}

/** Own yields of one way and one basis as a forecast leans on them: what they come to together. */
export interface OwnYields {
	readonly count: number;
	/** Their plain mean, a share. */
	readonly mean: number;
	/** The mean of their logits, each by its weight; and the sum of the weights. */
	readonly logit: number;
	readonly weight: number;
	/** What the class of wood and of char is off by in all of them alike: variances on the logit. */
	readonly wood: number;
	readonly char: number;
	/** Each by itself, while they are few enough to be named. */
	readonly each: readonly Range[];
}

/** What an own yield is of. */
export type YieldOf = 'loaded' | 'burnt';

/** Own burns that a figure names one by one; more of them stand as their mean. */
const mostNamed = 12;

/** On the logit a relative error of p is 1 / (1 − p) times as wide. */
const onLogit = (variance: number, at: number) => variance / (1 - at) ** 2;

/**
 * What own yields come to together; those outside (0, 1) say nothing. Half of a burn's variance is its own and
 * sets its weight, half that of its class.
 * @example poolYields([exactly(0.2)]).count // 1
 */
export function poolYields(own: readonly OwnYield[]): OwnYields {
	const usable = own.filter(({ value }) => value > 0 && value < 1);
	const within = yieldSpread.withinGrower ** 2;
	const sums = { weight: 0, logit: 0, wood: 0, char: 0, value: 0 };
	for (const one of usable) {
		const all = onLogit(widthOf(one) ** 2, one.value);
		const char = onLogit(Math.min(widthOf(one) ** 2, charWidthOf(one) ** 2), one.value);
		const weight = 1 / (within + all / 2);
		sums.weight += weight;
		sums.logit += weight * logit(one.value);
		sums.wood += (weight * (all - char)) / 2;
		sums.char += (weight * char) / 2;
		sums.value += one.value;
	}
	const by = (sum: number, of: number) => (of > 0 ? sum / of : 0);
	return {
		count: usable.length,
		mean: by(sums.value, usable.length),
		logit: by(sums.logit, sums.weight),
		weight: sums.weight,
		wood: by(sums.wood, sums.weight),
		char: by(sums.char, sums.weight),
		each:
			usable.length <= mostNamed ? usable.map(({ value, low, high }) => ({ value, low, high })) : []
	};
}

/** No burn of one's own yet. */
const none = poolYields([]);

/**
 * Expected dry mass yield of the next burn: the way's published mean, pulled toward the
 * grower's own burns of that way (normal–normal on the logit; the predictive spread includes
 * the burn-to-burn part). Own yields rest on wood and char that were measured with doubt: half of its
 * variance is each burn's own and shrinks with their number, half is that of the class (packing,
 * density) and does not. Basis: kg dry char per kg dry wood.
 * @param own what the grower's finished burns of this way come to, all of one basis
 * @param of what those yields are of: all the wood loaded, brands too, as the next load will be; or
 *   the wood truly burnt
 * @example forecastYield('open-kiln') // 0.22, 0.158–0.298
 */
export const forecastYield = (
	way: WayId,
	own: OwnYields = none,
	of: YieldOf = 'loaded'
): Estimate<Share> => predicted(way, own, of, { shared: { wood: 1, char: 1 }, wood: 0, char: 0 });

/**
 * The same of wood as this grower measures it: what the class of wood is off by is in the own yields
 * and in the next load alike, and falls out; the next load's own doubt is in it, and what the class of char is off
 * by. A load in kilograms as measured times this is the char to expect, kg.
 * @param load relative doubt of the next load's measure
 */
export const yieldAsMeasured = (way: WayId, own: OwnYields, load: Range): Estimate<Share> =>
	predicted(way, own, 'loaded', {
		name: 'yield on wood so measured',
		shared: { wood: 0, char: 1 },
		wood: widthOf(load) ** 2,
		char: 0
	});

/**
 * The same of char whose density is known as this grower knows it: what that is off by falls out as well. A load as
 * measured times this, over that density, is the char to expect, L.
 * @param density of the next char, kg/L
 */
export const yieldAsKnown = (
	way: WayId,
	own: OwnYields,
	load: Range,
	density: Range
): Estimate<Share> =>
	predicted(way, own, 'loaded', {
		name: 'yield on wood and char so known',
		shared: { wood: 0, char: 0 },
		wood: widthOf(load) ** 2,
		char: widthOf(density) ** 2
	});

/** Standard deviation of the logarithm of a central 80 %. */
const widthOf = ({ low, high }: Range): number =>
	low > 0 && high > low ? Math.log(high / low) / (2 * z80) : 0;

/** What of the doubt of an own yield is that of its char; none where nobody said. */
const charWidthOf = ({ density }: OwnYield): number => (density ? widthOf(density) : 0);

/** What of the doubt the own yields share with each other and not with the next load; and the next load's, variances of logs. */
interface Doubt {
	readonly name?: string;
	readonly shared: { readonly wood: 0 | 1; readonly char: 0 | 1 };
	readonly wood: number;
	readonly char: number;
}

function predicted(way: WayId, own: OwnYields, of: YieldOf, doubt: Doubt): Estimate<Share> {
	const { massYield, name } = wayOf(way);
	const next = onLogit(doubt.wood + doubt.char, massYield.mean);
	// What a class is off by and does not fall out is off for the published mean, too.
	const between = yieldSpread.betweenGrowers ** 2 + next / 2;
	const within = yieldSpread.withinGrower ** 2;
	const shared = doubt.shared.wood * own.wood + doubt.shared.char * own.char;
	const precision = own.weight > 0 ? 1 / (1 / own.weight + shared) : 0;
	const variance = 1 / (1 / between + precision);
	const centre = variance * (logit(massYield.mean) / between + own.logit * precision);
	const reach = z80 * Math.sqrt(variance + within + next / 2);
	const range = {
		value: expit(centre),
		low: expit(centre - reach),
		high: expit(centre + reach)
	};
	return found(
		share,
		known(
			doubt.name ?? 'mass yield',
			range,
			'share',
			own.count > 0 ? 'own' : 'default',
			own.count > 0
				? `published mean pulled toward ${own.count} own ${own.count === 1 ? 'burn' : 'burns'}`
				: 'published mean of this way'
		),
		[
			known(`published, ${name}`, rangeOf(massYield), 'share', 'default', massYield.source),
			...ownInputs(own, of)
		],
		{ unit: 'share', basis: `dry char per dry wood ${of}, by mass` }
	);
}

const rangeOf = ({ mean, low, high }: { mean: number; low: number; high: number }): Range => ({
	value: mean,
	low,
	high
});

function ownInputs({ count, mean, each }: OwnYields, of: YieldOf): Leaf[] {
	const source =
		of === 'loaded'
			? 'char out ÷ wood loaded, both dry; brands count as loaded'
			: 'char out ÷ wood burnt, both dry; brands left out';
	const named = (name: string, amount: number | Range) =>
		known(name, amount, 'share', 'own', source);
	if (each.length === count) return each.map((one, i) => named(`own burn ${i + 1}`, one));
	return [named(`mean of ${count} own burns`, mean)];
}
