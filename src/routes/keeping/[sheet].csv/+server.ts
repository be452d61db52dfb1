import { isSheet, sheetOf } from '$lib/server/keeping/sheets';
import { Readable } from 'node:stream';
import { deskOf } from '$lib/server/page';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = (event) => {
	const { sheet } = event.params;
	if (!isSheet(sheet)) error(404, 'No such sheet');
	const { books, settings } = deskOf(event);
	const text = sheetOf(books.db, sheet, settings.timeZone);
	return new Response(Readable.toWeb(Readable.from(text)) as ReadableStream, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-${sheet}.csv"`,
			'cache-control': 'no-store'
		}
	});
};
