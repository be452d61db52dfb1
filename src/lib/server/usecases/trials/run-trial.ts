import type { Envelope } from '../../../input/act';
import type { EndTrialInput, MoveTrialInput, TrialInput } from '../../../input/trials';
import type { Books } from '../../db/books';
import { seasonAt, trialLife } from '../../questions/trial-life';
import { perform, refuse, type Outcome } from '../act';
import { trialOrRefuse } from './plan-trial';

/** It is over, also before its time: what was read of it stays. */
export function endTrial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code, ...found }: EndTrialInput
): Outcome {
	return perform(books, now_ms, 'end-trial', envelope, { trial: code, ...found }, () => {
		const trial = trialOrRefuse(books, code, 'why');
		if (trialLife(books, trial).ended_ms !== undefined) refuse('why', 'trial-over', { code });
		return {
			path: `/trials/${code}`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: trial.id, what: 'trial-ended', found })
		};
	});
}

/** All of it was taken elsewhere: whoever reads it goes there, and what came after may come of that. */
export function moveTrial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code, where }: MoveTrialInput
): Outcome {
	return perform(books, now_ms, 'move-trial', envelope, { trial: code, where }, () => {
		const trial = trialOrRefuse(books, code, 'where');
		if (trial.unit === 'plot') refuse('where', 'plots-stay', { code });
		return {
			path: `/trials/${code}`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: trial.id, what: 'trial-moved', found: { where } })
		};
	});
}

/** Another season of the same pots or plots: char works over years. One is over before the next begins. */
export function runTrialOn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code }: TrialInput
): Outcome {
	return perform(books, now_ms, 'run-trial-on', envelope, { trial: code }, () => {
		const trial = trialOrRefuse(books, code, 'season');
		const life = trialLife(books, trial);
		const season = seasonAt(life, envelope.happenedAt_ms);
		const looks = books.findings.of(trial.id, 'looked');
		if (!looks.some(({ at_ms }) => seasonAt(life, at_ms) === season))
			refuse('season', 'season-unread', { code });
		return {
			path: `/trials/${code}`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: trial.id, what: 'trial-runs-on', found: {} })
		};
	});
}
