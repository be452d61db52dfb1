import { books } from '$lib/server/runtime';
import { json } from '@sveltejs/kit';

/** For a supervisor: the books answer. */
export function GET() {
	const row = books().db.prepare<[], { n: number }>('SELECT count(*) AS n FROM migration').get();
	return json({ status: 'ok', migrations: row?.n ?? 0 });
}
