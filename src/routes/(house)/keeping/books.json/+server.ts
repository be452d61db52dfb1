import { exportStream } from '$lib/server/keeping/export';
import { deskOf } from '$lib/server/page';
import type { RequestHandler } from './$types';

/** Everything as one open file, of one moment, sent line by line. */
export const GET: RequestHandler = (event) => {
	const { books, now_ms } = deskOf(event);
	const day = new Date(now_ms).toISOString().slice(0, 10);
	return new Response(exportStream(books.db, now_ms), {
		headers: {
			'content-type': 'application/jsonl; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-books-${day}.jsonl"`,
			'cache-control': 'no-store, no-transform'
		}
	});
};
