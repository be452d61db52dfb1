import { dayCounts_min, testIds, testOf, type TestId } from './data/tests';
import { changeIds, changeOf, type ChangeId } from './data/changes';
import { comesOutSo, rank, type Evidence, type Ranked } from './odds';
import type { CauseId } from './data/causes';

/** A test, and what each way it may come out would mean. */
export interface Telling {
	readonly test: TestId;
	/** Expected fall of the entropy of the causes, bits. */
	readonly bits: number;
	readonly bitsPerMinute: number;
	/** How likely it comes out as it says. */
	readonly chance: number;
	readonly ifSo: Ranked;
	readonly ifNot: Ranked;
}

/** Between the two leading causes a test must differ by so much, or it parts them not. */
const parts = 0.5;

const entropy = (shares: readonly number[]): number =>
	-shares.reduce((sum, p) => sum + (p > 0 ? p * Math.log2(p) : 0), 0);

const first = (ranked: readonly Ranked[]): Ranked =>
	ranked[0] ?? { cause: 'something-else', probability: 1, pushes: [] };

/** What one test would tell, by all of its outcomes. */
export function tellingOf(test: TestId, evidence: Evidence): Telling {
	const now = rank(evidence);
	const after = (isSo: boolean) =>
		rank({ ...evidence, tested: [...(evidence.tested ?? []), { test, isSo }] });
	const chance = now.reduce((sum, one) => sum + one.probability * comesOutSo(test, one.cause), 0);
	const [so, not] = [after(true), after(false)];
	const shares = (ranked: readonly Ranked[]) => ranked.map(({ probability }) => probability);
	const left = chance * entropy(shares(so)) + (1 - chance) * entropy(shares(not));
	const bits = Math.max(0, entropy(shares(now)) - left);
	const { minutes, days } = testOf(test);
	return {
		...{ test, bits, chance },
		bitsPerMinute: bits / (minutes + dayCounts_min * days),
		ifSo: first(so),
		ifNot: first(not)
	};
}

/**
 * The test that tells most for its minutes among those that part the two leading causes; undefined where none parts
 * them, or each that does was made.
 */
export function bestTest(evidence: Evidence): Telling | undefined {
	const [one, other] = rank(evidence);
	if (!one || !other) return undefined;
	const made = (evidence.tested ?? []).map(({ test }) => test);
	return testIds
		.filter(
			(test) =>
				!made.includes(test) &&
				Math.abs(comesOutSo(test, one.cause) - comesOutSo(test, other.cause)) >= parts - 1e-9
		)
		.map((test) => tellingOf(test, evidence))
		.sort((a, b) => b.bitsPerMinute - a.bitsPerMinute)[0];
}

const helping = (cause: CauseId): readonly ChangeId[] =>
	changeIds.filter((id) => (changeOf(id).helps as readonly CauseId[]).includes(cause));

/** The one change: what helps both leading causes where something does, else what helps the first; the cheapest of them. */
export function oneChange(ranked: readonly Ranked[]): ChangeId {
	const [one, other] = ranked;
	const ofFirst = helping(one?.cause ?? 'something-else');
	const ofBoth = other ? ofFirst.filter((id) => helping(other.cause).includes(id)) : [];
	const choice = [...(ofBoth.length > 0 ? ofBoth : ofFirst)];
	return choice.sort((a, b) => changeOf(a).minutes - changeOf(b).minutes)[0] ?? 'wait-and-look';
}
