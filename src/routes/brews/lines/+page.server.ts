import { deskOf } from '$lib/server/page';
import { cultureLines } from '$lib/server/questions/brews';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	return { lines: cultureLines(books, now_ms) };
};
