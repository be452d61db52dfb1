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

/**
 * What char is good for by what was tried of it, the newest trial of each test counting: clean, it is char for
 * soil; tarry or never hot enough, it goes back into a fire or a heap; unring-ing or floating without tar, into
 * heaps, which finish it.
 */
export function judgeQuality(found: readonly Extract<CharFinding, { kind: 'quality' }>[]): {
	readonly verdict: QualityVerdict;
	readonly failed: readonly QualityTest[];
} {
	const newest = new Map<QualityTest, boolean>();
	// Newest first: what was tried again later stands.
	for (const { passed, failed } of found) {
		for (const test of passed) if (!newest.has(test)) newest.set(test, true);
		for (const test of failed) if (!newest.has(test)) newest.set(test, false);
	}
	const hottest = found.find(({ hottest_c }) => hottest_c !== undefined)?.hottest_c;
	const failed = [...newest].filter(([, passed]) => !passed).map(([test]) => test);
	if (failed.some((test) => tarry.includes(test))) return { verdict: 'back', failed };
	if (hottest !== undefined && hottest < qualityLimits.coolest_c)
		return { verdict: 'back', failed };
	if (failed.length > 0) return { verdict: 'heap', failed };
	return { verdict: newest.size >= qualityLimits.fewest ? 'soil-char' : 'untried', failed };
}
