import { deskOf } from '$lib/server/page';
import { brewLines } from '$lib/server/questions/brews';
import { nextOf } from '$lib/server/rooms/brews';
import { drawn } from './shown.server';
import type { PageServerLoad } from './$types';

const mostUsed = 12;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const almanac = { timeZone: reading.timeZone, now_ms };
	return {
		lines: brewLines(books, now_ms).map((line) => ({
			code: line.brew.code,
			name: line.brew.name,
			state: line.state,
			window: line.window,
			says: nextOf(line, { almanac }),
			drawing: drawn(books, line, reading.system)
		})),
		usedUp: books.brews
			.usedUp(mostUsed)
			.map(({ code, name, startedAt_ms, water_l }) => ({ code, name, startedAt_ms, water_l }))
	};
};
