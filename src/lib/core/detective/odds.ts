import { causeIds, causes, type CauseId, type ClueId, type Weight } from './data/causes';
import { signOf, type SignId } from './data/signs';
import { comesOut, testOf, type TestId } from './data/tests';

/** All that is known of a bed that sulks. */
export interface Evidence {
	readonly seen: readonly SignId[];
	/** Looked for, and not there. */
	readonly vain: readonly SignId[];
	/** What the books say, and what the grower was asked. */
	readonly clues: readonly ClueId[];
	/** Tests that were made, and whether they came out as they say. */
	readonly tested?: readonly { readonly test: TestId; readonly isSo: boolean }[];
	/** How often each cause was found true here before. */
	readonly cases?: Readonly<Partial<Record<CauseId, number>>>;
}

/** What moved a cause: by how much its odds were multiplied. */
export interface Push {
	readonly by: 'sign' | 'clue' | 'test';
	readonly id: SignId | ClueId | TestId;
	/** Seen, held or come out so; false where it was looked for in vain, or came out otherwise. */
	readonly isSo: boolean;
	readonly times: number;
}

export interface Ranked {
	readonly cause: CauseId;
	/** 0 … 1; all causes together 1. */
	readonly probability: number;
	/** The strongest first; what moves nothing is left out. */
	readonly pushes: readonly Push[];
}

const signTimes: Readonly<Record<Weight, number>> = { '++': 6, '+': 2.5, '-': 0.4, '--': 0.15 };
const clueTimes: Readonly<Record<Weight, number>> = { '++': 4, '+': 2, '-': 0.5, '--': 0.2 };
/** The table weighs as much as so many own cases. */
export const tableRestsOn = 20;

/**
 * Ratio of one sign for one cause: P/b where it is seen, (1 − P)/(1 − b) where it was looked for in vain, with
 * P = b·w/(1 − b + b·w).
 */
function ratioOf(sign: SignId, weight: Weight, isSeen: boolean): number {
	const { base } = signOf(sign);
	const w = signTimes[weight];
	const spread = 1 - base + base * w;
	return isSeen ? w / spread : 1 / spread;
}

const bySign = (cause: CauseId, ids: readonly SignId[], isSo: boolean): readonly Push[] =>
	ids.flatMap((id) => {
		const weight = causes[cause].signs[id];
		return weight ? [{ by: 'sign', id, isSo, times: ratioOf(id, weight, isSo) }] : [];
	});

/** Of one group its largest ratio from one on and its smallest up to one: a group tells one story. */
function ofGroup(pushes: readonly Push[]): readonly Push[] {
	const up = pushes.filter(({ times }) => times > 1).sort((a, b) => b.times - a.times)[0];
	const down = pushes.filter(({ times }) => times < 1).sort((a, b) => a.times - b.times)[0];
	return [up, down].flatMap((push) => push ?? []);
}

/** Signs of one group that decide it: those that were seen; where none was, those looked for in vain. */
interface Story {
	readonly ids: readonly SignId[];
	readonly isSeen: boolean;
}

function storiesOf({ seen, vain }: Evidence): readonly Story[] {
	const groups = new Map<string, { seen: SignId[]; vain: SignId[] }>();
	const put = (id: SignId, how: 'seen' | 'vain') => {
		const { group } = signOf(id);
		const known = groups.get(group) ?? { seen: [], vain: [] };
		known[how].push(id);
		groups.set(group, known);
	};
	for (const id of [...new Set(seen)].sort()) put(id, 'seen');
	for (const id of [...new Set(vain)].sort()) put(id, 'vain');
	return [...groups.values()].map((group) =>
		group.seen.length > 0 ? { ids: group.seen, isSeen: true } : { ids: group.vain, isSeen: false }
	);
}

const pushesOfSigns = (cause: CauseId, stories: readonly Story[]): readonly Push[] =>
	stories.flatMap(({ ids, isSeen }) => ofGroup(bySign(cause, ids, isSeen)));

const pushesOfClues = (cause: CauseId, { clues }: Evidence): readonly Push[] =>
	[...new Set(clues)].sort().flatMap((id) => {
		const weight = causes[cause].clues[id];
		return weight ? [{ by: 'clue', id, isSo: true, times: clueTimes[weight] }] : [];
	});

/** How likely a test comes out as it says, of a cause. */
export const comesOutSo = (test: TestId, cause: CauseId): number =>
	testOf(test).tells.includes(cause) ? comesOut.told : comesOut.other;

const pushesOfTests = (cause: CauseId, { tested = [] }: Evidence): readonly Push[] =>
	tested.map(({ test, isSo }) => {
		const p = comesOutSo(test, cause);
		// Beside a cause that it says nothing of.
		const times = isSo ? p / comesOut.other : (1 - p) / (1 - comesOut.other);
		return { by: 'test', id: test, isSo, times };
	});

/** The table's prior, and own closed cases beside it as if it rested on twenty. */
function priorOf(cause: CauseId, cases: Evidence['cases'] = {}): number {
	const sum = causeIds.reduce((total, id) => total + causes[id].prior, 0);
	return (tableRestsOn * causes[cause].prior) / sum + (cases[cause] ?? 0);
}

/**
 * Causes by how likely each is, the likeliest first; the order of what was ticked has no effect. Odds of the causes
 * times clues, then signs and tests, taken as independent within a cause.
 * Source: a table from general agronomy, judged and not fitted.
 */
export function rank(evidence: Evidence): readonly Ranked[] {
	const stories = storiesOf(evidence);
	const weighed = causeIds.map((cause) => {
		const pushes = [
			...pushesOfClues(cause, evidence),
			...pushesOfSigns(cause, stories),
			...pushesOfTests(cause, evidence)
		].filter(({ times }) => times !== 1);
		const odds = pushes.reduce((all, { times }) => all * times, priorOf(cause, evidence.cases));
		return { cause, odds, pushes };
	});
	const sum = weighed.reduce((total, { odds }) => total + odds, 0);
	return weighed
		.map(({ cause, odds, pushes }) => ({
			cause,
			probability: odds / sum,
			pushes: [...pushes].sort((a, b) => Math.abs(Math.log(b.times)) - Math.abs(Math.log(a.times)))
		}))
		.sort((a, b) => b.probability - a.probability);
}

/** Nothing of what was said pushes any cause up: the table says nothing. */
export const saysNothing = (ranked: readonly Ranked[]): boolean =>
	ranked.every(({ pushes }) => pushes.every(({ times }) => times < 1));
