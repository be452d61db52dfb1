import { ashCap, wantOf, type BedTraits, type Want, type WantReason } from '../beds';
import { inOrder, judge, type Caution } from '../cautions';
import { seasonTakes, targetOf, type Growing } from '../crops';
import { limeNeed, riseOf, riseWanted, type LimedSoil, type PhMean } from '../liming';
import {
	atLeast,
	atMost,
	gramsPerM2,
	known,
	over,
	reckon,
	times,
	earlier,
	type Estimate,
	type GramsPerM2,
	type Leaf,
	type Range
} from '../units';
import { applyingRules } from './every-rule';
import { limePh, limeRules } from './lime-rules';
import type { PutThing, TargetStands } from './putting';

/** Ash that is at hand, by what a gram of it does. */
export interface AshAtHand {
	readonly thing: PutThing;
	/** Share of its dry mass that counts as calcium carbonate. */
	readonly lime: Range;
	/** K₂O, share of its dry mass. */
	readonly k2o: Range;
}

export interface VerdictAsked {
	readonly bed: BedTraits;
	readonly soil: LimedSoil;
	readonly target: TargetStands;
	/** The newest reading within a year. */
	readonly ph?: PhMean | undefined;
	readonly now: readonly Growing[];
	readonly next: readonly Growing[];
	readonly ash?: AshAtHand | undefined;
	/** Lime in the ground limestone that is at hand, as its lot says, kg of CaCO₃ per kg. */
	readonly stone?: Leaf | undefined;
	readonly at_ms: number;
}

/** So much ash at once, and what it does. */
export interface AshDose {
	/** Dry ash on a square metre. */
	readonly grams: Estimate<GramsPerM2>;
	/** What sets it. */
	readonly by: 'need' | 'potash' | 'cap';
	/** The rise it makes within a season. */
	readonly rise: Estimate;
	/** K₂O that comes with it. */
	readonly k2o: Estimate<GramsPerM2>;
	/** Years in which all of the need could go on as ash under the cap. */
	readonly years: number;
}

export interface BedVerdict {
	readonly says: 'char' | 'ash' | 'both' | 'neither';
	readonly char: { readonly want: Want; readonly reasons: readonly WantReason[] };
	/** The pH it should come to; none where acid lovers grow. */
	readonly target?: number;
	/** Lime it wants, as calcium carbonate; none where no pH is known or it has no target. */
	readonly need?: Estimate<GramsPerM2>;
	/** Ash that may still go on within twelve months, all routes counted. */
	readonly room: number;
	/** What speaks against ash, the first that holds first; empty where it may go on. */
	readonly gates: readonly Caution[];
	/** What may go on now or once the gates are lifted; none where nothing is to be gained. */
	readonly dose?: AshDose;
	/** Ground limestone that does what ash can't within its cap. */
	readonly limestone?: Estimate<GramsPerM2>;
}

/** Less than so much dry ash on a square metre is not worth a walk: nothing of it shows. A judgement. */
const least_g_m2 = 20;

/** As many years as ash is worth waiting for: else stone does it at once. */
const mostYears = 3;

/** A gram of it, to ask what speaks against any of it. */
const trace = { ash: 1 } as const;

/** The gates, in the order in which they are asked: by the table of what is limed, then by the lot. */
const order = [...limeRules, ...applyingRules].map(({ code }) => code);

/**
 * Char, ash, both or neither: what a bed should have, why, and what stands in the way of ash.
 * Source: the verdict of practice; its gates are the cautions of what is put on a bed.
 */
export function verdictOf(of: VerdictAsked): BedVerdict {
	const { bed, soil, target, ph, now, next, ash } = of;
	const char = wantOf(bed);
	const wanted = target.acidLover ? undefined : targetOf({ now, next });
	const room = Math.max(0, ashCap.g_per_m2 - target.around.ash_g_m2);
	const need = ph && wanted !== undefined ? limeNeed(soil, riseWanted(ph, wanted)) : undefined;
	const dose = ash && ph && need ? doseOf(of, { need, room, ash, ph: ph.ph }) : undefined;
	const gates = gatesOf(of, room);
	const helps = char.want === 'much' || char.want === 'some';
	const limes = gates.length === 0 && dose !== undefined;
	const beyond = need && ph && ph.ph < limePh.potash && (dose?.years ?? Infinity) > mostYears;
	return {
		says: helps ? (limes ? 'both' : 'char') : limes ? 'ash' : 'neither',
		char,
		...(wanted === undefined ? {} : { target: wanted }),
		...(need ? { need } : {}),
		room,
		gates,
		...(dose ? { dose } : {}),
		...(beyond && need.value > 0 ? { limestone: stoneFor(need, of.stone) } : {})
	};
}

const nothing: PutThing = {
	code: 'ash',
	name: 'wood ash',
	germs: 'none',
	isAsh: true,
	isLye: false,
	isManure: false,
	givesOff: false,
	isLiquid: false,
	isBrew: false,
	isRaw: false,
	isWhole: false,
	hasChar: false,
	isUnstrained: false,
	chars: [],
	unproven: []
};

/** What speaks against a trace of ash, and against any where no room is left. */
function gatesOf({ target, ash, at_ms }: VerdictAsked, room: number): readonly Caution[] {
	const thing = ash?.thing ?? nothing;
	const putting = { thing, target, way: 'scratched-in', at_ms, litres: 0, gives: trace } as const;
	const found = judge(applyingRules, putting).filter(({ weight }) => weight !== 'tell');
	const isFull = room < least_g_m2;
	const others = found.filter(({ code }) => code !== 'ash-cap');
	const full = isFull ? capReached(target) : [];
	return [...inOrder(others), ...full].sort(
		(a, b) => order.indexOf(a.code) - order.indexOf(b.code)
	);
}

const capReached = (target: TargetStands): readonly Caution[] => [
	{
		code: 'ash-cap',
		of: target.name,
		weight: 'ask',
		isSlip: false,
		facts: {
			...{ name: target.name, g_m2: target.around.ash_g_m2, most: ashCap.g_per_m2 },
			left: Math.max(0, ashCap.g_per_m2 - target.around.ash_g_m2)
		},
		source: ashCap.source
	}
];

/** The least of what it wants, what its crops take of potash where it is sweet, and the room under the cap. */
function doseOf(
	{ soil, now, next }: VerdictAsked,
	{ need, room, ash, ph }: { need: Estimate<GramsPerM2>; room: number; ash: AshAtHand; ph: number }
): AshDose | undefined {
	if (ph >= limePh.none || room < least_g_m2) return undefined;
	const lime = known(
		'lime in the ash',
		ash.lime,
		'share',
		'default',
		'of its dry mass, as calcium carbonate'
	);
	const k2o = known('K₂O in the ash', ash.k2o, 'share', 'default', 'of its dry mass');
	const isPotash = ph >= limePh.potash;
	const most = isPotash ? Math.min(room, ashCap.g_per_m2 / 2) : room;
	const wanted = isPotash
		? over(
				known(
					'K₂O the crops take',
					potashTaken([...next, ...now]),
					'g/m²',
					'default',
					'a usual season of what grows'
				),
				k2o
			)
		: over(earlier('lime need', need), lime);
	const full = reckon(gramsPerM2, atLeast(0, wanted), { unit: 'g/m²', basis: 'dry ash' });
	if (full.value < 1) return undefined;
	const grams = reckon(
		gramsPerM2,
		atMost(
			known(
				'room left',
				most,
				'g/m²',
				'computed',
				'under the cap of twelve months, all routes counted'
			),
			wanted
		),
		{ unit: 'g/m²', basis: 'dry ash' }
	);
	const carried = reckon(gramsPerM2, times(earlier('ash', grams), lime), {
		unit: 'g/m²',
		basis: 'as calcium carbonate'
	});
	return {
		grams,
		by: full.value > most ? 'cap' : isPotash ? 'potash' : 'need',
		rise: riseOf(soil, carried),
		k2o: reckon(gramsPerM2, times(earlier('ash', grams), k2o), { unit: 'g/m²', basis: 'as K₂O' }),
		years: isPotash ? 1 : Math.max(1, Math.ceil(full.value / ashCap.g_per_m2))
	};
}

/** What a usual season takes, by shares of the ground, g K₂O/m². */
export function potashTaken(growing: readonly Growing[]): Range {
	const all = growing.reduce((sum, { share }) => sum + share, 0) || 1;
	const end = (i: 0 | 1) =>
		growing.reduce((sum, { row, share }) => sum + (seasonTakes(row, 'k2o')[i] * share) / all, 0);
	const [low, high] = [end(0), end(1)];
	return { value: (low + high) / 2, low, high };
}

/** What garden lime does where no bag says it. */
const usualStone = known(
	'lime in the stone',
	{ value: 0.92, low: 0.85, high: 1 },
	'share',
	'default',
	'Garden lime, carbonate: 85–100 %; the bag says how much'
);

/** Ground limestone for a lime need, by what the bag at hand says of itself. */
export const stoneFor = (
	need: Estimate<GramsPerM2>,
	stone: Leaf = usualStone
): Estimate<GramsPerM2> =>
	reckon(gramsPerM2, over(earlier('lime need', need), stone), {
		unit: 'g/m²',
		basis: 'ground limestone as bought'
	});
