import type { RescueStepId } from '../../core/detective';
import { days } from '../../core/time';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { keepingOfThings } from './remember';

/** A rescue that was begun, and which of its steps are done. */
export interface RescueRun {
	readonly begun_ms: number;
	readonly done: readonly RescueStepId[];
}

/** The newest of a bed; over once it was looked at again. */
const runs = keepingOfThings<RescueRun>(
	(books, ids) =>
		new Map(
			ids.flatMap((id) => {
				const [begun] = books.findings.of(id, 'rescue-begun');
				if (!begun) return [];
				const done = books.findings
					.of(id, 'rescue-step')
					.filter(({ at_ms }) => at_ms >= begun.at_ms)
					.map(({ found }) => found.step);
				return done.includes('look') ? [] : [[id, { begun_ms: begun.at_ms, done }] as const];
			})
		),
	() => []
);

export const rescueOn = (books: Books, { id }: Pick<Bed, 'id'>): RescueRun | undefined =>
	runs(books, [id])[0];

/** When a step of it is due. */
export const stepDue = ({ begun_ms }: RescueRun, day: number): number => begun_ms + days(day);
