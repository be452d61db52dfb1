import type { Envelope } from '../../../input/act';
import type { EndTrialInput, PlanTrialInput } from '../../../input/trials';
import type { Books } from '../../db/books';
import type { Trial } from '../../db/trials';
import { perform, refuse, type Outcome } from '../act';

/** A trial is laid out as it was planned; what its pots get is put on beds by other acts. */
export function planTrial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PlanTrialInput
): Outcome {
	return perform(books, now_ms, 'plan-trial', envelope, { ...input }, () => {
		const bed = input.bed === undefined ? undefined : books.beds.maybeOne(input.bed);
		if (bed === null) refuse('bed', 'unknown-bed', { name: input.bed ?? '' });
		const code = books.trials.nextCode();
		return {
			path: `/trials/${code}`,
			write: ({ actId }) =>
				books.trials.insert(actId, code, { ...input, ...(bed ? { bed: bed.name } : {}) })
		};
	});
}

export const trialOrRefuse = (books: Books, code: string, field: string): Trial =>
	books.trials.maybeOne(code) ?? refuse(field, 'no-trial', { code });

/** It is over, also before its time: what was read of it stays. */
export function endTrial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code, ...found }: EndTrialInput
): Outcome {
	return perform(books, now_ms, 'end-trial', envelope, { trial: code, ...found }, () => {
		const trial = trialOrRefuse(books, code, 'why');
		if (books.findings.of(trial.id, 'trial-ended').length > 0)
			refuse('why', 'trial-over', { code });
		return {
			path: `/trials/${code}`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: trial.id, what: 'trial-ended', found })
		};
	});
}
