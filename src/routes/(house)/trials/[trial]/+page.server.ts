import { error } from '@sveltejs/kit';
import { endTrialSchema } from '$lib/input/trials';
import { act, deskOf, newActId } from '$lib/server/page';
import { outcomesOf, trialLineOf } from '$lib/server/questions/trials';
import { endTrial } from '$lib/server/usecases/trials/plan-trial';
import { sayDay } from '$lib/format/dates';
import { armName, trialAnswer, weaknessWords } from '$lib/format/trial-words';
import { shownOutcome } from './shown.server';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const line = trialLineOf(books, event.params.trial) ?? error(404, 'No such trial');
	const { trial, units, lost, ended_ms } = line;
	const outcomes = outcomesOf(books, line);
	const almanac = { timeZone: reading.timeZone, now_ms };
	const weak = [...new Set(outcomes.flatMap(({ weaknesses }) => weaknesses))];
	return {
		code: trial.code,
		question: trial.question,
		answer: trialAnswer(trial.arms, outcomes[0]),
		unit: trial.unit,
		bed: trial.bed,
		differs: trial.differs,
		seed: trial.seed,
		isDrawn: trial.order === 'drawn',
		arms: trial.arms.map(armName),
		units: units.map(({ n, arm }) => ({ n, arm })),
		lost: lost.map(({ unit }) => unit),
		ended: ended_ms === undefined ? undefined : sayDay(ended_ms, almanac),
		outcomes: outcomes.map((outcome) => shownOutcome(trial, outcome, reading.system)),
		weak: weak.map((one) => weaknessWords[one]),
		actId: newActId()
	};
};

export const actions: Actions = {
	end: (event) => act(event, 'end', () => endTrialSchema(event.params.trial), endTrial)
};
