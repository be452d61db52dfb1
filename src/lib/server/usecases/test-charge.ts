import { germinationIndex, type CressTest } from '../../core/charging';
import type { Books } from '../db/books';
import { perform, refuse, type Envelope, type Outcome } from './act';

export interface TestInput {
	readonly code: string;
	readonly passed: boolean;
	readonly cress?: CressTest | undefined;
}

/** The ready test of a charge: its school's own, and the cress test where one was made. */
export function testCharge(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: TestInput
): Outcome {
	return perform(books, now_ms, 'test-charge', envelope, { ...input }, () => {
		const charge =
			books.charging.maybeOne(input.code) ?? refuse('passed', 'unknown-lot', { code: input.code });
		if (envelope.happenedAt_ms < charge.startedAt_ms)
			refuse('happenedAt', 'before-start', { code: charge.code });
		const index = input.cress ? germinationIndex(input.cress) : undefined;
		if (index?.status === 'void') refuse('cress', `cress-${index.why}`);
		return {
			path: `/charging/${charge.code}`,
			write: (stamp) =>
				books.charging.insertTest({
					actId: stamp.actId,
					lotId: charge.lotId,
					passed: input.passed,
					germinationIndex: index?.status === 'valid' ? index.index : null
				})
		};
	});
}
