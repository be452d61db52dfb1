import { deskOf } from '$lib/server/page';
import { burnLines } from '$lib/server/questions/fires';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	return { lines: burnLines(books, now_ms), vessels: books.vessels.all() };
};
