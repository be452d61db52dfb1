import type { TestInput } from '../../input/batch';
import { germinationIndex, testPassed, type CressTest } from '../../core/charging';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** The ready test of a charge: its school's own, and the cress test where one was made. */
export function testCharge(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: TestInput
): Outcome {
	return perform(books, now_ms, 'test-charge', envelope, { ...input }, () => {
		const charge =
			books.batches.maybeOne(input.code) ?? refuse('passed', 'unknown-lot', { code: input.code });
		if (envelope.happenedAt_ms < charge.startedAt_ms)
			refuse('happenedAt', 'before-start', { code: charge.code });
		if (input.cress) refuseOddCress(input.cress);
		const index = input.cress ? germinationIndex(input.cress) : undefined;
		if (index?.status === 'void') refuse('cress', `cress-${index.why}`);
		const counted = index ? { germinationIndex: index.index } : {};
		const at_ms = envelope.happenedAt_ms;
		const passed =
			input.passed === 'by-cress' ? testPassed({ at_ms, passed: true, ...counted }) : input.passed;
		return {
			path: `/charging/${charge.code}`,
			write: (stamp) =>
				books.tests.insert({
					actId: stamp.actId,
					lotId: charge.lotId,
					passed,
					germinationIndex: index?.index ?? null,
					found: {
						...(input.checks ? { checks: input.checks } : {}),
						...(input.cress ? { cress: input.cress } : {}),
						...(input.ph === undefined ? {} : { ph: input.ph })
					}
				})
		};
	});
}

/** Seeds are whole, and no more come up than were sown. */
function refuseOddCress(cress: CressTest): void {
	const pairs = [
		['germinated', cress.germinated, cress.seeds],
		['controlGerminated', cress.controlGerminated, cress.controlSeeds]
	] as const;
	for (const [field, up, sown] of pairs) {
		if (!Number.isInteger(up) || !Number.isInteger(sown)) refuse(field, 'cress-whole');
		if (up > sown) refuse(field, 'cress-more-than-sown', { up, sown });
	}
}
