import { error } from '@sveltejs/kit';
import { endTrialSchema, moveTrialSchema, trialSchema } from '$lib/input/trials';
import { treatTrialSchema } from '$lib/input/treatings';
import { groundDrawn, hasChar, isUncharged } from '$lib/core/trials';
import { act, deskOf, newActId } from '$lib/server/page';
import { bedNamed } from '$lib/server/questions/kept-beds';
import { outcomesOf, trialGround, trialLineOf, type TrialLine } from '$lib/server/questions/trials';
import { endTrial, moveTrial, runTrialOn } from '$lib/server/usecases/trials/run-trial';
import { treatTrial } from '$lib/server/usecases/trials/treat-trial';
import { sayDay, type Almanac } from '$lib/format/dates';
import { evidenceWords } from '$lib/format/evidence-words';
import { armName, trialAnswer, weaknessWords } from '$lib/format/trial-words';
import type { Books } from '$lib/server/db/books';
import { giftLines, heldByArms } from './gifts.server';
import { shownOutcome, shownSeasons } from './shown.server';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const line = trialLineOf(books, event.params.trial) ?? error(404, 'No such trial');
	const { trial, units, lost, ended_ms, seasons_ms } = line;
	const told = outcomesOf(books, line);
	const almanac = { timeZone: reading.timeZone, now_ms };
	const weak = [...new Set(told.flatMap(({ last }) => last.weaknesses))];
	return {
		code: trial.code,
		question: trial.question,
		answer: trialAnswer(trial.arms, told[0]?.last),
		unit: trial.unit,
		bed: trial.bed,
		differs: trial.differs,
		seed: trial.seed,
		isDrawn: trial.order === 'drawn',
		arms: trial.arms.map(armName),
		units: units.map(({ n, arm }) => ({ n, arm })),
		ground: groundOf(books, line),
		lost: lost.map(({ unit }) => unit),
		ended: ended_ms === undefined ? undefined : sayDay(ended_ms, almanac),
		life: lifeWords(line, almanac),
		season: seasons_ms.length + 1,
		outcomes: told.map(({ last }) => shownOutcome(trial, last, reading.system)),
		seasons: shownSeasons(trial, told, reading.system),
		kind: evidenceOf(line),
		weak: weak.map((one) => weaknessWords[one]),
		held: heldByArms(books, line, reading),
		gifts: giftLines(books, line, reading),
		ids: { treat: newActId(), end: newActId(), move: newActId(), season: newActId() }
	};
};

/** The target it is laid out in, in words, and one pot or plot of it from above. */
function groundOf(books: Books, { trial, armBeds, units }: TrialLine) {
	const bed = armBeds.length > 0 ? bedNamed(books, trial.bed ?? '') : null;
	return bed ? groundDrawn(bed, units.length) : undefined;
}

/** Seasons and moves, the oldest first. */
const lifeWords = ({ seasons_ms, moved }: TrialLine, almanac: Almanac): readonly string[] => [
	...seasons_ms.map((at_ms, i) => `Season ${i + 2} began ${sayDay(at_ms, almanac)}.`),
	...moved.map(({ at_ms, where }) => `All of it was taken to ${where} ${sayDay(at_ms, almanac)}.`)
];

/** On what ground it stands, and whether its char was charged. */
function evidenceOf({ trial }: TrialLine): string {
	const char = trial.arms.filter(hasChar);
	const charged = char.every(isUncharged)
		? 'its char was raw'
		: char.some(isUncharged)
			? 'raw char and charged'
			: 'its char was charged';
	return `${evidenceWords[trialGround(trial)]}${char.length > 0 ? `, ${charged}` : ''}`;
}

export const actions: Actions = {
	treat: (event) => act(event, 'treat', (r) => treatTrialSchema(r, event.params.trial), treatTrial),
	move: (event) => act(event, 'move', () => moveTrialSchema(event.params.trial), moveTrial),
	season: (event) => act(event, 'season', () => trialSchema(event.params.trial), runTrialOn),
	end: (event) => act(event, 'end', () => endTrialSchema(event.params.trial), endTrial)
};
