import { sayDay, sayMoment } from '$lib/format/dates';
import { verbWords } from '$lib/format/act-words';
import { booksPath } from '$lib/format/paths';
import { capital } from '$lib/format/words';
import { typedWords } from '$lib/server/questions/booked';
import {
	giftFigure,
	movedFigure,
	nameOf,
	type MovedUnit
} from '../../../../ledger/[of]/[name]/moved';
import type { Question } from './told.server';

/** Which figure of an act: litres or kg of a lot, or from one lot to another lot or bed. */
const asked = /^(L|kg):([^>]+)(?:>(.+))?$/;

/** What one act moved, with what was typed for it. */
export const movedTold: Question = (books, actId, wanted, almanac) => {
	const act = books.acts.maybeOne(actId);
	const [, unit, from, to] = asked.exec(wanted) ?? [];
	if (!act || unit === undefined || from === undefined) return undefined;
	const moved = {
		verb: act.verb,
		at_ms: act.happenedAt_ms,
		person: act.person,
		lines: books.flows.allLinesOf(actId)
	};
	const figure =
		to === undefined
			? movedFigure(moved, from, unit as MovedUnit, almanac)
			: giftFigure(
					{ ...moved, lines: books.flows.linesOf([actId]).get(actId) ?? [] },
					[from, to],
					unit as MovedUnit
				);
	if (!figure) return undefined;
	const verb = capital(verbWords[act.verb] ?? act.verb);
	const where = to === undefined ? from : `${from} to ${nameOf(to)}`;
	return {
		label: `${verb} ${sayDay(act.happenedAt_ms, almanac)}, ${where}${unit === 'kg' ? ', dry' : ''}`,
		figure,
		of: nameOf(from),
		href: from.startsWith('bed:') ? booksPath('bed', from.slice(4)) : booksPath('lot', from),
		typed: typedWords(act.typed)
			.filter(([, value]) => /\d/.test(value))
			.map(([field, value]) => [
				field,
				value,
				`${act.person}, ${sayMoment(act.recordedAt_ms, almanac)}`
			])
	};
};
