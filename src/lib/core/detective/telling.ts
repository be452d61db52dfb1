import { dayCounts_min, testIds, testOf, type TestId } from './data/tests';
import { changeIds, changeOf, type ChangeId } from './data/changes';
import { comesOutSo, type Evidence, type Ranked } from './odds';
import type { CauseId } from './data/causes';

/** A cause and how likely it is. */
export interface Likely {
	readonly cause: CauseId;
	readonly probability: number;
}

/** A test, and what each way it may come out would mean. */
export interface Telling {
	readonly test: TestId;
	/** Expected fall of the entropy of the causes, bits. */
	readonly bits: number;
	readonly bitsPerMinute: number;
	/** How likely it comes out as it says. */
	readonly chance: number;
	readonly ifSo: Likely;
	readonly ifNot: Likely;
}

/** Between the two leading causes a test must differ by so much, or it parts them not. */
const parts = 0.5;
/** From here on no test is worth its minutes. */
export const sureFrom = 0.9;

const entropy = (shares: readonly number[]): number =>
	-shares.reduce((sum, p) => sum + (p > 0 ? p * Math.log2(p) : 0), 0);

/** The causes once a test came out one way, by Bayes: it is taken as independent of all else within a cause. */
function after(now: readonly Likely[], test: TestId, isSo: boolean): readonly Likely[] {
	const weighed = now.map(({ cause, probability }) => {
		const so = comesOutSo(test, cause);
		return { cause, probability: probability * (isSo ? so : 1 - so) };
	});
	const sum = weighed.reduce((total, { probability }) => total + probability, 0);
	return weighed.map(({ cause, probability }) => ({ cause, probability: probability / sum }));
}

const likeliest = (causes: readonly Likely[]): Likely =>
	causes.reduce((best, one) => (one.probability > best.probability ? one : best));
const bitsOf = (causes: readonly Likely[]) => entropy(causes.map(({ probability }) => probability));

/** What one test would tell of causes as they stand, by both of its outcomes. */
export function tellingOf(test: TestId, now: readonly Likely[]): Telling {
	const chance = now.reduce((sum, one) => sum + one.probability * comesOutSo(test, one.cause), 0);
	const [so, not] = [after(now, test, true), after(now, test, false)];
	const bits = Math.max(0, bitsOf(now) - chance * bitsOf(so) - (1 - chance) * bitsOf(not));
	const { minutes, days } = testOf(test);
	return {
		...{ test, bits, chance },
		bitsPerMinute: bits / (minutes + dayCounts_min * days),
		ifSo: likeliest(so),
		ifNot: likeliest(not)
	};
}

/**
 * The test that tells most for its minutes among those that part the two leading causes; undefined where none parts
 * them, each that does was made, or the first is as good as sure.
 * @param tested tests that were made
 */
export function bestTest(
	ranked: readonly Ranked[],
	tested: Evidence['tested'] = []
): Telling | undefined {
	const [one, other] = ranked;
	if (!one || !other || one.probability >= sureFrom) return undefined;
	const made = tested.map(({ test }) => test);
	return testIds
		.filter(
			(test) =>
				!made.includes(test) &&
				Math.abs(comesOutSo(test, one.cause) - comesOutSo(test, other.cause)) >= parts - 1e-9
		)
		.map((test) => tellingOf(test, ranked))
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
