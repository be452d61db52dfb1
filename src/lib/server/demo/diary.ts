import type { Books } from '../db/books';
import type { Envelope, Outcome } from '../usecases/act';

const hour_ms = 3_600_000;
const day_ms = 24 * hour_ms;

/** When an entry happened, counted back from the program's today so that the garden is always alive. */
export interface Moment {
	readonly daysAgo: number;
	readonly hour: number;
	readonly by: 'Oda' | 'Bram' | 'Ines';
	readonly note?: string;
}

type UseCase<T> = (books: Books, now_ms: number, envelope: Envelope, input: T) => Outcome;

export type Diary = ReturnType<typeof openDiary>;

/** Writes entries through the use cases a person uses; one that is refused ends the generation. */
export function openDiary(books: Books, now_ms: number) {
	const today = Math.floor(now_ms / day_ms) * day_ms;
	let entries = 0;
	return {
		/** The moment of an entry; never later than now. */
		at: ({ daysAgo, hour }: Pick<Moment, 'daysAgo' | 'hour'>): number =>
			Math.min(now_ms, today - daysAgo * day_ms + hour * hour_ms),
		/** Do one act; gives the last part of where its result stands: a code or a name. */
		enter<T>(moment: Moment, useCase: UseCase<T>, input: T): string {
			entries += 1;
			const happenedAt_ms = this.at(moment);
			const outcome = useCase(
				books,
				happenedAt_ms,
				{
					actId: `demo-${String(entries).padStart(5, '0')}`,
					person: moment.by,
					happenedAt_ms,
					note: moment.note ?? ''
				},
				input
			);
			if (outcome.status === 'refused')
				throw new Error(
					`demo entry ${entries} (${useCase.name}): ${JSON.stringify(outcome.issues)}`
				);
			return decodeURIComponent(outcome.path.slice(outcome.path.lastIndexOf('/') + 1));
		}
	};
}
