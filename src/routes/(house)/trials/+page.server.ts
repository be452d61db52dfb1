import { sayDay } from '$lib/format/dates';
import { sayLocalDay } from '$lib/format/dates';
import { capital } from '$lib/format/words';
import { measureWords, sayValue, stripsAnswer, trialAnswer } from '$lib/format/trial-words';
import type { Books } from '$lib/server/db/books';
import { evidenceWords } from '$lib/format/evidence-words';
import { measures } from '$lib/core/trials';
import type { System } from '$lib/core/units';
import { leaveStripSchema, stripLookSchema } from '$lib/input/trials';
import { act, asked, deskOf, newActId, partOf } from '$lib/server/page';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { stripWithin } from '$lib/server/questions/strip-words';
import { stripsOf, stripsWaiting, type StripLook } from '$lib/server/questions/strips';
import { outcomesOf, trialGround, trialLines, type TrialLine } from '$lib/server/questions/trials';
import { leaveStrip } from '$lib/server/usecases/trials/leave-strip';
import { lookAtStrip } from '$lib/server/usecases/trials/look-at';
import { trialsAnswer } from './answer';
import type { Actions, PageServerLoad } from './$types';

const perPage = 8;
const mostStrips = 14;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const almanac = { timeZone: reading.timeZone, now_ms };
	const lines = trialLines(books);
	const strips = stripsOf(books);
	const { rows, ...part } = partOf(event.url, lines, perPage);
	return {
		...part,
		actId: newActId(),
		answer: trialsAnswer(lines, strips.n),
		lines: rows.map((line) => ({
			code: line.trial.code,
			question: line.trial.question,
			says: capital(trialAnswer(line.trial.arms, outcomesOf(books, line)[0]?.last)),
			kind: kindOf(line),
			isOver: line.ended_ms !== undefined,
			looked: line.looked_ms === undefined ? '' : `last read ${sayDay(line.looked_ms, almanac)}`
		})),
		strips: {
			n: strips.n,
			answer: stripsAnswer(strips),
			rows: strips.looks.slice(-mostStrips).map((look) => ({
				actId: look.actId,
				day: sayDay(look.at_ms, almanac),
				bed: look.bed,
				measure: measureWords[look.measure],
				untreated: sayValue(look.measure, look.untreated, reading.system),
				treated: sayValue(look.measure, look.treated, reading.system),
				percent: percentOf(look)
			}))
		},
		offer: offerOf(books, asked(event.url).strip, now_ms, reading.system),
		leaveId: newActId(),
		looksAt: asked(event.url).look ?? stripsWaiting(books)[0]?.bed,
		waiting: stripsWaiting(books).map(({ bed, lookDay }) => ({
			bed,
			day: sayLocalDay(lookDay, almanac)
		})),
		beds: bedsInOrder(books).map(({ name }) => name),
		measures: measures.map(({ id }) => ({
			value: id,
			label: measureWords[id as StripLook['measure']]
		}))
	};
};

/** On what ground it stands, once something was read. */
const kindOf = (line: TrialLine): string =>
	line.looked_ms === undefined ? '' : `${capital(evidenceWords[trialGround(line.trial)])}.`;

/** A strip to leave: on the bed that was asked for, else on the first that may have one. */
function offerOf(
	books: Books,
	wanted: string | undefined,
	now_ms: number,
	system: System | undefined
) {
	const named = bedsInOrder(books).filter(({ name }) => name === wanted);
	return stripWithin(books, named.length > 0 ? named : bedsInOrder(books), now_ms, system);
}

const percentOf = ({ treated, untreated }: StripLook): number =>
	untreated > 0 ? Math.round((treated / untreated - 1) * 100) : 0;

export const actions: Actions = {
	strip: (event) => act(event, 'strip', stripLookSchema, lookAtStrip),
	leave: (event) => act(event, 'leave', leaveStripSchema, leaveStrip)
};
