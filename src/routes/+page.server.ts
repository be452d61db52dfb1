import { deskOf } from '$lib/server/page';
import { today } from '$lib/server/questions/today';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	return { today: today(books, now_ms) };
};
