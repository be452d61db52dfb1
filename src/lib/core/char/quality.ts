import type { CharFinding, QualityTest } from './finding';

export type QualityVerdict = 'soil-char' | 'back' | 'heap' | 'untried';

export const qualityLimits = Object.freeze({
	/** Below this much tar stays in the pores. */
	coolest_c: 400,
	usualPh: [7.5, 10.5] as const,
	/** Tests that must have passed before it is called char for soil. */
	fewest: 2,
	source: 'Tests at the heap: tar, ring, wash, sink, pH, and the highest temperature seen'
});

/** Tests that tell of tar: one failed keeps char out of beds. */
const tarry: readonly QualityTest[] = ['washes', 'no-tar-smell'];

type Tried = Extract<CharFinding, { kind: 'quality' }>;

/** Of each test the newest trial; trials newest first. */
function triedOf(found: readonly Tried[]): ReadonlyMap<QualityTest, boolean> {
	const newest = new Map<QualityTest, boolean>();
	for (const { passed, failed } of found) {
		for (const test of passed) if (!newest.has(test)) newest.set(test, true);
		for (const test of failed) if (!newest.has(test)) newest.set(test, false);
	}
	return newest;
}

/** The newest pH that was read, else that of the maker's sheet; rinsing makes void what was read before it. */
export function phOf(
	newestFirst: readonly CharFinding[],
	sheet: number | undefined
): number | undefined {
	const rinsed = newestFirst.findIndex(({ kind }) => kind === 'rinsed');
	const since = rinsed < 0 ? newestFirst : newestFirst.slice(0, rinsed);
	const read = since.find((one): one is Tried => one.kind === 'quality' && one.ph !== undefined);
	return read?.ph ?? (rinsed < 0 ? sheet : undefined);
}

/** What was tried of a char, in one finding for what is made of it: crushing changes none of it. */
export function carriedQuality(
	newestFirst: readonly CharFinding[],
	sheet: number | undefined
): Tried | undefined {
	const trials = newestFirst.filter((one): one is Tried => one.kind === 'quality');
	const tried = [...triedOf(trials)];
	const ph = phOf(newestFirst, sheet);
	const ash = trials.find((one) => one.ash !== undefined)?.ash;
	const hottest_c = trials.find((one) => one.hottest_c !== undefined)?.hottest_c;
	if (trials.length === 0 && ph === undefined) return undefined;
	return {
		kind: 'quality',
		passed: tried.flatMap(([test, passed]) => (passed ? [test] : [])),
		failed: tried.flatMap(([test, passed]) => (passed ? [] : [test])),
		...(ph === undefined ? {} : { ph }),
		...(ash === undefined ? {} : { ash }),
		...(hottest_c === undefined ? {} : { hottest_c })
	};
}

/**
 * What is known of several chars on one heap: passed is what all passed, failed what any failed; the highest pH and
 * the coolest fire stand for all, where all are known. Their ash is in the books of each.
 */
export function pooledQuality(parts: readonly (Tried | undefined)[]): Tried | undefined {
	const known = parts.filter((one) => one !== undefined);
	if (known.length === 0) return undefined;
	const failed = [...new Set(known.flatMap((one) => one.failed))];
	const isWhole = known.length === parts.length;
	const passed = isWhole
		? (known[0]?.passed ?? []).filter((test) => known.every((one) => one.passed.includes(test)))
		: [];
	const all = (of: 'ph' | 'hottest_c') => known.flatMap((one) => one[of] ?? []);
	const isKnown = (of: 'ph' | 'hottest_c') => isWhole && all(of).length === known.length;
	return {
		kind: 'quality',
		passed,
		failed,
		...(isKnown('ph') ? { ph: Math.max(...all('ph')) } : {}),
		...(isKnown('hottest_c') ? { hottest_c: Math.min(...all('hottest_c')) } : {})
	};
}

/**
 * What char is good for by what was tried of it, the newest trial of each test counting: clean, it is char for
 * soil; tarry or never hot enough, it goes back into a fire or a heap; unring-ing or floating without tar, into
 * heaps, which finish it.
 */
export function judgeQuality(found: readonly Extract<CharFinding, { kind: 'quality' }>[]): {
	readonly verdict: QualityVerdict;
	readonly failed: readonly QualityTest[];
} {
	const newest = triedOf(found);
	const hottest = found.find(({ hottest_c }) => hottest_c !== undefined)?.hottest_c;
	const failed = [...newest].filter(([, passed]) => !passed).map(([test]) => test);
	if (failed.some((test) => tarry.includes(test))) return { verdict: 'back', failed };
	if (hottest !== undefined && hottest < qualityLimits.coolest_c)
		return { verdict: 'back', failed };
	if (failed.length > 0) return { verdict: 'heap', failed };
	return { verdict: newest.size >= qualityLimits.fewest ? 'soil-char' : 'untried', failed };
}
