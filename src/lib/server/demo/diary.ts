import type { Books } from '../db/books';
import type { Outcome } from '../usecases/act';
import type { Envelope } from '../../input/act';
import { days, hours } from '../../core/time';

/** When something happened, counted back from the program's today so that the garden is always alive, or to the minute. */
export type When = { readonly daysAgo: number; readonly hour: number } | { readonly at_ms: number };
export type Moment = When & {
	readonly by: 'Oda' | 'Bram' | 'Ines';
	readonly note?: string;
	/** Why it was done all the same. */
	readonly reason?: string;
};

type UseCase<T> = (books: Books, now_ms: number, envelope: Envelope, input: T) => Outcome;

export type Diary = ReturnType<typeof openDiary>;

/** Writes entries through the use cases a person uses; one that is refused ends the generation. */
export function openDiary(books: Books, now_ms: number) {
	const today = Math.floor(now_ms / days(1)) * days(1);
	let entries = 0;
	return {
		books,
		now_ms,
		/** The moment of an entry; never later than now. */
		at: (when: When): number =>
			Math.min(
				now_ms,
				'at_ms' in when ? when.at_ms : today - days(when.daysAgo) + hours(when.hour)
			),
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
					note: moment.note ?? '',
					...(moment.reason === undefined ? {} : { reason: moment.reason, sure: 'all' as const })
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
