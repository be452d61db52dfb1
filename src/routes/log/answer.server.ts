import type { Books } from '$lib/server/db/books';
import { previewLine } from '$lib/server/line/log';
import { longestLine } from '$lib/server/line/read';
import { newActId, type Desk } from '$lib/server/page';
import { viewOf } from './say.server';
import type { LineAnswer, Written } from '../line-view';

/** A line understood, for the page and for what asks while one types. */
export function answerLine({ books, reading }: Desk, url: URL): LineAnswer {
	const line = (url.searchParams.get('line') ?? '').slice(0, longestLine + 1);
	const view = viewOf(line, previewLine(books, reading, line), reading.system);
	const written = writtenAs(books, url.searchParams.get('done') ?? '');
	return { view, actId: newActId(), ...(written ? { written } : {}) };
}

function writtenAs(books: Books, actId: string): Written | undefined {
	// A line over several beds is a round: its first act tells of it.
	const act =
		actId === '' ? null : (books.acts.maybeOne(actId) ?? books.acts.maybeOne(`${actId}.1`));
	return act && !act.reversed && typeof act.typed.line === 'string'
		? { line: act.typed.line, href: act.resultPath, actId }
		: undefined;
}
