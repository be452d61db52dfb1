import { deskOf } from '$lib/server/page';
import { trialSheet } from '$lib/server/keeping/trial-sheet';
import { trialLineOf } from '$lib/server/questions/trials';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The data of a trial, for any program that reads a table. */
export const GET: RequestHandler = (event) => {
	const { books } = deskOf(event);
	const line = trialLineOf(books, event.params.trial) ?? error(404, 'No such trial');
	return new Response(trialSheet(line), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-${line.trial.code}.csv"`,
			'cache-control': 'no-store'
		}
	});
};
