import { notebookSheets, templateOf } from '$lib/server/notebook/columns';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A sheet to begin an old notebook with. */
export const GET: RequestHandler = ({ params }) => {
	const sheet = notebookSheets.find((name) => name === params.sheet);
	if (!sheet) error(404, 'No such sheet');
	return new Response(`\ufeff${templateOf(sheet)}`, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-${sheet}.csv"`
		}
	});
};
