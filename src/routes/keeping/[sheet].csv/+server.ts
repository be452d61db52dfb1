import { isSheet, sheetOf } from '$lib/server/keeping/sheets';
import { deskOf } from '$lib/server/page';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = (event) => {
	const { sheet } = event.params;
	if (!isSheet(sheet)) error(404, 'No such sheet');
	const { books, settings } = deskOf(event);
	const text = sheetOf(books.db, sheet, settings.timeZone);
	return new Response(ReadableStream.from(text).pipeThrough(new TextEncoderStream()), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-${sheet}.csv"`,
			'cache-control': 'no-store'
		}
	});
};
