import { exportBooks } from '$lib/server/keeping/export';
import { deskOf } from '$lib/server/page';
import type { RequestHandler } from './$types';

/** Everything as one open file. Taken whole before it is sent, so that it is of one moment. */
export const GET: RequestHandler = (event) => {
	const { books, now_ms } = deskOf(event);
	const day = new Date(now_ms).toISOString().slice(0, 10);
	return new Response([...exportBooks(books.db, now_ms)].join(''), {
		headers: {
			'content-type': 'application/json',
			'content-disposition': `attachment; filename="ashdrift-books-${day}.json"`,
			'cache-control': 'no-store'
		}
	});
};
