import { deskOf } from '$lib/server/page';
import { error } from '@sveltejs/kit';
import { figuresOf } from '$lib/server/figures';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const { of, name, figure } = event.params;
	const question = Object.hasOwn(figuresOf, of)
		? figuresOf[of as keyof typeof figuresOf]
		: undefined;
	const told = question?.(books, name, figure, { now_ms, timeZone: reading.timeZone });
	return { told: told ?? error(404, 'No such figure') };
};
