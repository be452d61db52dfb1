import {
	isControl,
	measureOf,
	type Arm,
	type ArmKind,
	type Finding,
	type Judged,
	type MeasureId,
	type Outcome,
	type PairsJudged,
	type StripPlace,
	type Weakness
} from '../core/trials';
import type { System } from '../core/units';
import { capital, count, list } from './counted';
import { plain, say } from './figure';

/** What an arm gets. */
export const armWords: Readonly<Record<ArmKind, string>> = {
	nothing: 'bare soil',
	'wet-only': 'wet, uncharged',
	raw: 'raw char',
	charged: 'charged char',
	compost: 'compost alone',
	'char-and-compost': 'char and compost',
	'composted-together': 'char composted in',
	other: 'other'
};

export const armName = ({ name, kind, share }: Arm): string =>
	[name ?? armWords[kind], ...(share === undefined ? [] : [`${plain(share, 1)} %`])].join(' ');

export const measureWords: Readonly<Record<MeasureId, string>> = {
	emergence: 'days to emergence',
	germinated: 'germinated',
	height: 'height',
	leaves: 'leaves',
	'first-flower': 'days to first flower',
	harvest: 'harvest',
	score: 'score, 1 to 5'
};

/** A value of a measure with its unit. */
export function sayValue(id: MeasureId, value: number, system: System | undefined): string {
	const { unit } = measureOf(id);
	if (unit === '') return plain(value, 1);
	if (unit === 'd') return `${plain(value, 1)} days`;
	return unit === 'g' ? say(value / 1000, 'kg', system) : say(value, 'cm', system);
}

/** A difference, which may go either way. */
const sayOff = (id: MeasureId, value: number, system: System | undefined): string =>
	`${sayValue(id, Math.abs(value), system)} ${value < 0 ? 'less' : 'more'}`;

/** "2 to 12 more", "between 2 less and 8 more" */
export function saySpread(
	id: MeasureId,
	{ low, high }: Pick<Finding, 'low' | 'high'>,
	system: System | undefined
): string {
	if (!Number.isFinite(low) || !Number.isFinite(high)) return 'how far apart is not told';
	if (low >= 0) return `${sayValue(id, low, system)} to ${sayOff(id, high, system)}`;
	if (high <= 0) return `${sayValue(id, -high, system)} to ${sayOff(id, low, system)}`;
	return `between ${sayOff(id, low, system)} and ${sayOff(id, high, system)}`;
}

/** p as people print it; close to the level with a digit more, so that it does not look like it. */
export function sayP(p: number): string {
	if (p < 0.001) return '< 0.001';
	return plain(p, Math.abs(p - 0.05) < 0.001 ? 4 : p < 0.1 ? 3 : 2);
}

export const shownWords: Readonly<Record<Finding['is'], string>> = {
	shown: 'shown',
	'shown-just': 'shown, just',
	'not-shown': 'not shown'
};

export const weaknessWords: Readonly<Record<Weakness, string>> = {
	'no-control': 'No control: nothing tells what bare soil would have given.',
	'one-of-each': 'One of each: chance can’t be told from the treatment.',
	walked:
		'Set down in the order walked, not drawn: what goes along the row goes along with the arms.',
	lost: 'Some were lost: fitted without them, each block by those that are there.',
	unequal: 'Arms have unequal numbers: their means are adjusted to an average block.',
	'too-few-orders': 'Too few for shuffling to show anything, however far apart they are.',
	'too-few-for-pairs':
		'Too few rows for the ranks of any two arms to show anything: whether the arms differ at all is told, which from which is not.',
	'not-blind': 'Not blind: who read them knew which was which.',
	'raw-null': 'All its char was raw: that nothing is shown says little of charged char.',
	'few-freedom': 'Few pots for so many arms: a difference must be large to be shown.',
	drifts:
		'What is left over goes along the rows: light, slope or water runs along a row, not from row to row.'
};

/** The finding of two arms the way round that is asked for. */
function turned(finding: Finding, arm: number): Finding {
	if (finding.arm === arm) return finding;
	const { difference, low, high, beside } = finding;
	return {
		...finding,
		arm: beside,
		beside: finding.arm,
		difference: -difference,
		low: -high,
		high: -low
	};
}

const isBetter = (id: MeasureId, difference: number) =>
	measureOf(id).isLessBetter ? difference < 0 : difference > 0;

/** Findings beside the control, each the way round "arm – control". */
export function besideControl(arms: readonly Arm[], { findings }: Outcome): readonly Finding[] {
	const control = arms.findIndex(isControl);
	return findings.flatMap((one) => {
		if (one.arm !== control && one.beside !== control) return [];
		return [turned(one, one.arm === control ? one.beside : one.arm)];
	});
}

/** The answer of a trial, of its first measure: what is shown, and what is not. */
export function trialAnswer(arms: readonly Arm[], outcome: Outcome | undefined): string {
	if (!outcome) return 'Nothing was read of it yet';
	const { raw, measure } = outcome;
	if (raw.status !== 'judged' && outcome.findings.length === 0) return unjudgedWords[raw.status];
	const control = arms.find(isControl);
	const name = (arm: number) => armName(arms[arm] ?? { kind: 'other' });
	if (outcome.differs && outcome.findings.every(({ is }) => is === 'not-shown'))
		return 'The arms differ; which from which is not shown';
	if (!control) {
		const shown = outcome.findings.filter(({ is }) => is !== 'not-shown');
		if (shown.length === 0) return 'No difference between the arms is shown';
		return `${capital(count(shown.length, 'pair differs', 'pairs differ'))}; what bare soil gives is not known`;
	}
	const beside = besideControl(arms, outcome);
	const better = beside.filter(
		({ is, difference }) => is !== 'not-shown' && isBetter(measure, difference)
	);
	const worse = beside.filter(
		({ is, difference }) => is !== 'not-shown' && !isBetter(measure, difference)
	);
	const open = beside.filter(({ is }) => is === 'not-shown');
	const of = armName(control);
	const said = [
		...(better.length > 0
			? [`${list(better.map(({ arm }) => name(arm)))} did better than ${of}`]
			: []),
		...(worse.length > 0 ? [`${list(worse.map(({ arm }) => name(arm)))} did worse`] : []),
		...(open.length > 0
			? [`of ${list(open.map(({ arm }) => name(arm)))} no difference is shown`]
			: [])
	];
	return capital(said.join('; '));
}

const unjudgedWords: Readonly<Record<Exclude<Outcome['raw']['status'], 'judged'>, string>> = {
	'one-arm': 'Only one of its arms was read yet',
	'no-spread': 'One of each says nothing of chance: there is nothing to judge by',
	'not-connected': 'The blocks read so far have no arms in common: nothing can be judged yet'
};

/** Each arm beside the control in a sentence, with its interval. */
export function findingWords(
	arms: readonly Arm[],
	finding: Finding,
	{ measure }: Pick<Outcome, 'measure'>,
	system: System | undefined
): string {
	const name = (arm: number) => armName(arms[arm] ?? { kind: 'other' });
	const off = `${capital(name(finding.arm))}: ${sayOff(measure, finding.difference, system)} than ${name(finding.beside)}, ${saySpread(measure, finding, system)}`;
	return finding.is === 'not-shown'
		? `${off}. No difference shown is not no difference.`
		: `${off}.`;
}

/** "six of each would show some 25 % of the mean" */
export function reachWords({ reach, raw }: Outcome): string | undefined {
	if (reach === undefined || raw.status !== 'judged') return undefined;
	const mean = (raw as Judged).means.reduce((sum, one) => sum + one.mean, 0) / raw.means.length;
	if (!(mean > 0)) return undefined;
	return `Two arms that differ by some ${plain((reach / mean) * 100, 0)} % of the mean would show four times in five.`;
}

/** Where a strip lies that chance has drawn. */
export const sayStrip = (strip: StripPlace, system: System | undefined): string =>
	'pieces' in strip
		? `${count(strip.pieces, 'of them', 'of them')}, after ${strip.piecesBefore}`
		: `${say(strip.length_m, 'm', system)} of it, beginning ${say(strip.along_m, 'm', system)} from the near end`;

/** Strips over beds and years. */
export function stripsAnswer(told: PairsJudged): string {
	if (told.n === 0) return 'No strip was looked at yet';
	if (told.ratio === undefined || told.low === undefined || told.high === undefined)
		return `${capital(count(told.n, 'strip was looked at', 'strips were looked at'))}: too few for an interval`;
	const percent = (ratio: number) => {
		const off = Math.round((ratio - 1) * 100);
		return `${Math.abs(off)} % ${off < 0 ? 'less' : 'more'}`;
	};
	return `${capital(count(told.n, 'pair', 'pairs'))}: treated gave ${percent(told.ratio)}, between ${percent(told.low)} and ${percent(told.high)}; ${told.ups} of ${told.differing} that differ went up`;
}
