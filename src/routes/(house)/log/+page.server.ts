import { inSystem } from '$lib/format/examples';
import { verbWords } from '$lib/format/room-words';
import { capital, count } from '$lib/format/words';
import { linesOf, writeLines } from '$lib/server/line/lines';
import { deskOf, newActId, submitted, undo } from '$lib/server/page';
import { writeLine, writtenWhen } from '$lib/server/line/log';
import { verbs } from '$lib/server/line/read';
import { fail, redirect } from '@sveltejs/kit';
import { answerLine } from './answer.server';
import { answersTo } from '$lib/input/act';
import type { Values } from '$lib/input/form';
import { sayTrouble, shownOf } from './say.server';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

const lately = 12;

export const load: PageServerLoad = (event) => {
	const desk = deskOf(event);
	return {
		...answerLine(desk, event.url),
		line: event.url.searchParams.get('line') ?? '',
		examples: verbs.flatMap(({ examples }) =>
			examples.map(({ line, does }) => ({
				line: inSystem(line, desk.reading.system),
				does: inSystem(does, desk.reading.system)
			}))
		),
		lately: desk.books.acts.recent(lately).map((act) => ({
			id: act.id,
			did: verbWords[act.verb] ?? act.verb,
			name: decodeURIComponent(act.resultPath.split('/').at(-1) ?? ''),
			line: typeof act.typed.line === 'string' ? act.typed.line : '',
			href: act.resultPath,
			at_ms: act.happenedAt_ms,
			person: act.person,
			reversed: act.reversed || act.reversesId !== null
		}))
	};
};

/** Several lines: what could be written is, what could not comes back for mending under an id of its own. */
function writeAll(event: RequestEvent, lines: readonly string[], values: Values) {
	const { line: text = '', actId = '', writtenAt = '' } = values;
	const { books, reading } = deskOf(event);
	const { written, wrong } = writeLines(
		books,
		reading,
		lines,
		actId,
		writtenWhen(writtenAt),
		shownOf(values, text)
	);
	if (wrong.length === 0) redirect(303, `/log?done=${encodeURIComponent(actId)}`);
	const [first] = wrong;
	return fail(400, {
		line: wrong.map(({ line }) => line).join('\n'),
		actId: newActId(),
		says: [
			written > 0
				? `${capital(count(written, 'line is', 'lines are'))} written down; what is left here wants mending.`
				: 'None is written down.',
			first ? `${first.line}: ${sayTrouble(first.issues, reading.system)}` : ''
		].join(' ')
	});
}

export const actions: Actions = {
	write: async (event) => {
		const { books, reading } = deskOf(event);
		const values = await submitted(event.request);
		const { line = '', actId = '', writtenAt = '' } = values;
		const lines = linesOf(line);
		if (lines.length > 1) return writeAll(event, lines, values);
		const [shown] = shownOf(values, line);
		const outcome = writeLine(books, reading, line, actId, writtenWhen(writtenAt), shown);
		if (outcome.status === 'done') redirect(303, `/log?done=${encodeURIComponent(actId)}`);
		// What it says is shown by that: sent again as it stands, its reason answers it.
		const keys = outcome.issues.flatMap(({ field }) => answersTo(field) ?? []);
		return fail(400, {
			line,
			says: sayTrouble(outcome.issues, reading.system),
			shown: [...new Set([...(shown ?? []), ...keys])].map((key) => `1 ${key}`)
		});
	},
	undo: (event) => undo(event, '/log')
};
