import { isSheet, sheetStream } from '$lib/server/keeping/sheets';
import { deskOf } from '$lib/server/page';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = (event) => {
	const { sheet } = event.params;
	if (!isSheet(sheet)) error(404, 'No such sheet');
	const { books, settings } = deskOf(event);
	return new Response(sheetStream(books.db, sheet, settings.timeZone), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-${sheet}.csv"`,
			'cache-control': 'no-store'
		}
	});
};
