import type { Books } from '../db/books';
import type { Trial } from '../db/trials';

/** Seasons of a trial, whether it runs, and where it was taken. */
export interface TrialLife {
	/** When each season but the first began, the oldest first. */
	readonly seasons_ms: readonly number[];
	/** Since when it is over; a season begun since opens it again. */
	readonly ended_ms?: number;
	readonly moved: readonly { readonly at_ms: number; readonly where: string }[];
}

export function trialLife(books: Books, { id }: Pick<Trial, 'id'>): TrialLife {
	const found = books.findings.of(id, 'trial-runs-on', 'trial-ended');
	const seasons_ms = found
		.filter(({ what }) => what === 'trial-runs-on')
		.map(({ at_ms }) => at_ms)
		.toReversed();
	const [last] = found;
	const moved = books.findings
		.of(id, 'trial-moved')
		.map(({ at_ms, found: { where } }) => ({ at_ms, where }))
		.toReversed();
	return {
		seasons_ms,
		moved,
		...(last?.what === 'trial-ended' ? { ended_ms: last.at_ms } : {})
	};
}

/** The season of a moment, from 0. */
export const seasonAt = ({ seasons_ms }: Pick<TrialLife, 'seasons_ms'>, at_ms: number): number =>
	seasons_ms.filter((begun) => begun <= at_ms).length;
