import { deskOf, todayOf } from '$lib/server/page';
import { ahead } from '$lib/server/questions/ahead';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { now_ms } = deskOf(event);
	const today = todayOf(event);
	return { today, ahead: ahead(today, now_ms) };
};
