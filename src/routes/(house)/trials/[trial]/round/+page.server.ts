import { error } from '@sveltejs/kit';
import { localDay } from '$lib/core/time';
import type { MeasureId } from '$lib/core/trials';
import { armName, measureWords } from '$lib/format/trial-words';
import { valueLimits } from '$lib/input/limits-of-trials';
import { lookSchema, lostSchema } from '$lib/input/trials';
import { act, deskOf, newActId } from '$lib/server/page';
import { readOn, trialLineOf } from '$lib/server/questions/trials';
import type { UseCase } from '$lib/server/send';
import { lookAtUnit, loseUnit } from '$lib/server/usecases/trials/look-at';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const line = trialLineOf(books, event.params.trial) ?? error(404, 'No such trial');
	const { trial, units, lost } = line;
	const wanted = event.url.searchParams.get('measure');
	const measure = trial.measures.find((id) => id === wanted) ?? trial.measures[0] ?? 'score';
	const today = localDay(reading.timeZone, now_ms);
	const done = readOn(line, today, measure);
	const gone = lost.map(({ unit }) => unit);
	const standing = units.filter(({ n }) => !gone.includes(n));
	const asked = Number(event.url.searchParams.get('unit'));
	const next =
		standing.find(({ n }) => n === asked) ?? standing.find(({ n }) => done[n] === undefined);
	return {
		code: trial.code,
		question: trial.question,
		unit: trial.unit,
		measure,
		measures: trial.measures.map((id) => ({ id, label: measureWords[id] })),
		limit: valueLimits[measure as MeasureId],
		next: next && {
			n: next.n,
			// Who reads blind is not told which it is.
			arm: trial.isBlind ? '' : armName(trial.arms[next.arm] ?? { kind: 'other' })
		},
		left: standing.filter(({ n }) => done[n] === undefined).length,
		of: standing.length,
		read: standing.flatMap(({ n }) => (done[n] === undefined ? [] : [{ n, value: done[n] }])),
		actId: newActId(),
		lostId: newActId()
	};
};

/** From one to the next, until all are read. */
const onward =
	<T>(code: string, measure: string, useCase: UseCase<T>): UseCase<T> =>
	(...given) => {
		const outcome = useCase(...given);
		return outcome.status === 'done'
			? { ...outcome, path: `/trials/${code}/round?measure=${measure}` }
			: outcome;
	};

export const actions: Actions = {
	look: (event) => {
		const { trial } = event.params;
		const measure = event.url.searchParams.get('measure') ?? '';
		return act(
			event,
			'look',
			(reading, values) => lookSchema(reading, trial, values),
			onward(trial, measure, lookAtUnit)
		);
	},
	lost: (event) =>
		act(
			event,
			'lost',
			(reading) => lostSchema(reading, event.params.trial),
			onward(event.params.trial, event.url.searchParams.get('measure') ?? '', loseUnit)
		)
};
