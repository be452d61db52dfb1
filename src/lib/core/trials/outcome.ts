import { isControl, hasChar, isUncharged, type Arm, type Design, type Unit } from './design';
import { measureOf, type MeasureId } from './data/measures';
import { curvesOf, type Look } from './looks';
import {
	judgeArms,
	judgeRanks,
	type Comparison,
	type Judged,
	type Ranking,
	type Unjudged
} from './judge';
import { driftsAlong } from './drift';
import type { Given, Unfit } from './fit';

/** What weakens a result, and is said beside it. */
export type Weakness =
	| 'no-control'
	| 'one-of-each'
	| 'walked'
	| 'lost'
	| 'unequal'
	| 'too-few-orders'
	| 'too-few-for-pairs'
	| 'not-blind'
	| 'raw-null'
	| 'few-freedom'
	| 'drifts';

export interface TrialBehind extends Pick<Design, 'arms' | 'order' | 'seed'> {
	readonly units: readonly Unit[];
	/** Pots or plots that are lost. */
	readonly lost: readonly number[];
	readonly isBlocked: boolean;
	readonly isBlind: boolean;
}

/** How one arm stands beside the control, or another. */
export interface Finding extends Comparison {
	readonly is: 'shown' | 'shown-just' | 'not-shown';
	/** Which p it was told by. */
	readonly by: 'tukey' | 'shuffled';
	readonly p: number;
}

export interface Outcome {
	readonly measure: MeasureId;
	/** Values as they were read, by arm, for the drawing and the means. */
	readonly given: readonly (Given & { readonly n: number })[];
	readonly raw: Judged | Unjudged;
	/** Of ranks, where the measure is counted or scored: its shuffling is the test. */
	readonly ranks?: Ranking | Unfit;
	/** Of the whole curve, where there were several looks. */
	readonly area?: Judged | Unjudged;
	readonly findings: readonly Finding[];
	/** Something among the arms differs, by the test that decides here; which from which the findings say. */
	readonly differs: boolean;
	readonly weaknesses: readonly Weakness[];
	/** A difference such a trial would likely show, in the measure's unit. */
	readonly reach?: number;
}

/** Below it something is shown; close below it, just. */
const shownBelow = 0.05;
const surelyBelow = 0.01;

const left = (units: readonly Unit[], lost: readonly number[]) =>
	units.filter(({ n }) => !lost.includes(n));

/** What is told of a measure, from all looks at it. */
export function outcomeOf(behind: TrialBehind, id: MeasureId, looks: readonly Look[]): Outcome {
	const { units, lost, isBlocked, arms, seed } = behind;
	const standing = left(units, lost);
	const curves = curvesOf(looks.filter(({ n }) => standing.some((unit) => unit.n === n)));
	const givenBy = (of: (curve: (typeof curves)[number]) => number | undefined) =>
		curves.flatMap((curve) => {
			const unit = standing.find(({ n }) => n === curve.n);
			const value = of(curve);
			if (!unit || value === undefined) return [];
			return [{ n: unit.n, arm: unit.arm, ...(isBlocked ? { block: unit.block } : {}), value }];
		});
	const given = givenBy(({ last }) => last);
	const shares = arms.map((arm) => (isControl(arm) ? 0 : arm.share));
	const raw = judgeArms(given, shares, seed);
	const byRank = measureOf(id).scale === 'rank';
	const ranks = byRank ? judgeRanks(given, seed) : undefined;
	const areas = givenBy(({ area }) => area);
	const area =
		areas.length === given.length && areas.length > 0 ? judgeArms(areas, shares, seed) : undefined;
	const findings = findingsOf(raw, ranks);
	const drifts = raw.status === 'judged' && driftsAlong(alongRows(behind, given, raw));
	const reach = raw.status === 'judged' ? reachOf(raw, given) : undefined;
	return {
		measure: id,
		given,
		raw,
		...(ranks ? { ranks } : {}),
		...(area ? { area } : {}),
		findings,
		differs: differ(raw, ranks),
		weaknesses: [
			...weaknessesOf(behind, raw, ranks, findings),
			...(drifts ? ['drifts' as const] : [])
		],
		...(reach === undefined ? {} : { reach })
	};
}

/** What is left over of each, by where along its row it stands; in one row where nothing is blocked. */
const alongRows = (
	{ units, isBlocked }: TrialBehind,
	given: Outcome['given'],
	{ residuals }: Judged
) =>
	given.map(({ n }, i) => {
		const own = units.find((unit) => unit.n === n);
		const row = isBlocked ? units.filter(({ block }) => block === own?.block) : units;
		return { at: row.findIndex((unit) => unit.n === n), residual: residuals[i] ?? 0 };
	});

/** Pairs of ranks where the values as they were read leave nothing to tell chance by: how far apart is not told. */
function byRankAlone(raw: Unjudged, ranks: Outcome['ranks']): readonly Finding[] {
	if (ranks?.status !== 'ranked') return [];
	const mean = (arm: number) => raw.means.find((one) => one.arm === arm)?.mean ?? 0;
	return ranks.pairs.map(({ arm, beside, shuffled }) => {
		const p = holmed(shuffled.p, ranks);
		return {
			...{ arm, beside, shuffled, p, by: 'shuffled' as const, is: shownBy(p) },
			...{ difference: mean(arm) - mean(beside), low: -Infinity, high: Infinity }
		};
	});
}

const shownBy = (p: number): Finding['is'] =>
	p < surelyBelow ? 'shown' : p < shownBelow ? 'shown-just' : 'not-shown';

/** Intervals are of what was read; where ranks are the test, the pair's own shuffling of ranks says whether it is shown. */
function findingsOf(raw: Judged | Unjudged, ranks: Outcome['ranks']): readonly Finding[] {
	if (raw.status !== 'judged') return byRankAlone(raw, ranks);
	return raw.comparisons.map((one) => {
		const rank =
			ranks?.status === 'ranked'
				? ranks.pairs.find(({ arm, beside }) => arm === one.arm && beside === one.beside)
				: undefined;
		const by = rank || one.tukey === undefined ? 'shuffled' : 'tukey';
		const p = rank ? holmed(rank.shuffled.p, ranks) : (one.tukey ?? one.shuffled.p);
		return { ...one, is: shownBy(p), by, p };
	});
}

/** Several pairs were looked at: each p by as many as are at least as small (Holm 1979). */
function holmed(p: number, all: Outcome['ranks']): number {
	if (all?.status !== 'ranked') return p;
	const sorted = all.pairs.map(({ shuffled }) => shuffled.p).sort((a, b) => a - b);
	const until = sorted.slice(0, sorted.indexOf(p) + 1);
	return Math.min(1, Math.max(...until.map((one, i) => one * (sorted.length - i))));
}

/** 1.96 + 0.84: of the normal distribution, for two arms alone. */
const reachInErrors = 2.8;

/** A difference of two arms that a test of them alone would show about four times in five. */
function reachOf({ sd }: Judged, given: readonly Given[]): number {
	const arms = new Set(given.map(({ arm }) => arm)).size;
	const each = given.length / arms;
	return reachInErrors * sd * Math.sqrt(2 / each);
}

function weaknessesOf(
	{ arms, order, lost, units, isBlind }: TrialBehind,
	raw: Judged | Unjudged,
	ranks: Outcome['ranks'],
	findings: readonly Finding[]
): readonly Weakness[] {
	const counts = raw.means.map(({ n }) => n);
	const least = ranks?.status === 'ranked' ? ranks.shuffled.least : leastOf(raw);
	const said: Weakness[] = [];
	if (!arms.some(isControl)) said.push('no-control');
	if (counts.every((n) => n < 2)) said.push('one-of-each');
	if (order === 'walked') said.push('walked');
	if (lost.some((n) => units.some((unit) => unit.n === n))) said.push('lost');
	if (new Set(counts).size > 1) said.push('unequal');
	if (least >= shownBelow) said.push('too-few-orders');
	else if (
		ranks?.status === 'ranked' &&
		ranks.pairs.every((pair) => pair.shuffled.least >= shownBelow)
	)
		said.push('too-few-for-pairs');
	if (raw.status === 'judged' && raw.df2 < 6) said.push('few-freedom');
	if (!isBlind) said.push('not-blind');
	if (isRawNull(arms, findings)) said.push('raw-null');
	return said;
}

function differ(raw: Judged | Unjudged, ranks: Outcome['ranks']): boolean {
	if (ranks?.status === 'ranked') return ranks.shuffled.p < shownBelow;
	return raw.status === 'judged' && raw.p < shownBelow;
}

const leastOf = (raw: Judged | Unjudged) => (raw.status === 'judged' ? raw.shuffled.least : 0);

/** Nothing shown, and all the char in it was raw: it says little of charged char. */
function isRawNull(arms: readonly Arm[], findings: readonly Finding[]): boolean {
	const char = arms.filter(hasChar);
	return (
		char.length > 0 &&
		char.every(isUncharged) &&
		findings.length > 0 &&
		findings.every(({ is }) => is === 'not-shown')
	);
}
