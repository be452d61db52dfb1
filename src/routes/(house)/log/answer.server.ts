import type { Books } from '$lib/server/db/books';
import { previewLine } from '$lib/server/line/log';
import { linesOf, longestPaste, mostLines, previewLines } from '$lib/server/line/lines';
import { longestLine } from '$lib/server/line/read';
import { newActId, type Desk } from '$lib/server/page';
import { viewOf, viewOfLines } from './say.server';
import type { LineAnswer, LineView, Written } from '../line-view';

/** A line understood, for the page and for what asks while one types. */
export function answerLine({ books, reading }: Desk, url: URL): LineAnswer {
	const text = (url.searchParams.get('line') ?? '').slice(0, longestPaste);
	const view = viewOfText(books, reading, text);
	const written = writtenAs(books, url.searchParams.get('done') ?? '');
	return { view, of: text, actId: newActId(), ...(written ? { written } : {}) };
}

function viewOfText(books: Books, reading: Desk['reading'], text: string): LineView {
	const lines = linesOf(text);
	if (lines.length > mostLines) {
		const issues = [{ field: 'line', code: 'many-lines', facts: { most: mostLines } }];
		return viewOf(
			text,
			{ reading: { status: 'trouble', issues }, completions: [] },
			reading.system
		);
	}
	if (lines.length > 1) return viewOfLines(previewLines(books, reading, lines), reading.system);
	const line = text.slice(0, longestLine + 1);
	return viewOf(line, previewLine(books, reading, line), reading.system);
}

function writtenAs(books: Books, actId: string): Written | undefined {
	// A line over several beds is a round: its first act tells of it.
	const act = actId === '' ? null : (books.acts.maybeOne(actId) ?? books.acts.ofRound(actId)[0]);
	return act && !act.reversed && typeof act.typed.line === 'string'
		? { line: act.typed.line, href: act.resultPath, actId }
		: undefined;
}
