import type { Envelope } from '../../input/act';
import { dayOf, genesFrom } from '../../input/day-form';
import type { DayInput, DayRecordInput } from '../../input/days';
import { dayBy, greedyDay } from '../../core/days';
import type { Books } from '../db/books';
import { dayVessels } from '../questions/days';
import { perform, refuse, type Outcome } from './act';
import { recordBurn } from './record-burn';
import { inRound } from './round';

/** A day of barrels set down, with the timetable its page found: placed anew, so that it holds. */
export function planDay(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DayInput
): Outcome {
	return perform(books, now_ms, 'plan-day', envelope, { ...input }, () => {
		const vessels = dayVessels(books);
		for (const name of input.barrels)
			if (!vessels.some((vessel) => vessel.name === name)) refuse('barrels', 'no-vessel', { name });
		const day = dayOf(input.typed, vessels, {}) ?? refuse('barrels', 'no-barrel');
		const timetable = dayBy(day, genesFrom(input.found)) ?? greedyDay(day);
		return {
			path: '/fires/day',
			write: ({ actId }) =>
				books.days.insert({ actId, startsAt_ms: input.startsAt_ms, day, timetable })
		};
	});
}

/** What the barrels of a day gave: each round of each a fire of its own, all of them or none. */
export function recordDay(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ stops, load, wetness }: DayRecordInput
): Outcome {
	const inOrder = [...stops].sort((a, b) => (a.quenched_ms ?? 0) - (b.quenched_ms ?? 0));
	return inRound(books, envelope, { stops: inOrder, path: '/fires' }, (one, stop) => {
		const at_ms = Math.min(now_ms, stop.quenched_ms ?? one.happenedAt_ms);
		const outcome = recordBurn(
			books,
			now_ms,
			{ ...one, happenedAt_ms: at_ms },
			{
				vessel: stop.vessel,
				loads: [{ code: load.code, litres: load.part }],
				measured: { by: 'litres', litres: stop.litres },
				wetness
			}
		);
		if (outcome.status === 'done') return outcome;
		return {
			status: 'refused',
			issues: outcome.issues.map((issue) =>
				['char', 'vessel'].includes(issue.field) ? { ...issue, field: stop.field } : issue
			)
		};
	});
}
