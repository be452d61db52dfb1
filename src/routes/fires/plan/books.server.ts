import { vesselsInUse } from '$lib/server/questions/in-stock';
import type { Books } from '$lib/server/db/books';
import { groundsOf, groundsOfWay, minutesOfWay } from '$lib/server/questions/fires';
import { failedBy } from '$lib/server/questions/found';
import { firesAhead } from '$lib/server/questions/vessels';
import { stackLines } from '$lib/server/questions/woodyard';
import type { SpotWay } from '$lib/input/spot';
import type { SpotGrounds } from './entry';
import type { PlanStack, PlanVessel } from './reckoning';

/** What can burn, each with what its forecasts rest on. */
export const planVessels = (books: Books, now_ms: number): PlanVessel[] =>
	vesselsInUse(books)
		.filter((vessel) => vessel.usedFor !== 'tub')
		.map((vessel) => {
			const grounds = groundsOf(books, vessel);
			return {
				name: vessel.name,
				...grounds,
				ownMinutes: minutesOfWay(books, grounds.way),
				failed: failedBy(books, vessel.id, now_ms),
				stays: firesAhead(books, vessel.id, now_ms)
			};
		});

/** What own burns tell of the ways that a vessel in no books may burn by. */
export function spotGrounds(books: Books): SpotGrounds {
	const of = (way: SpotWay) => ({
		...groundsOfWay(books, way),
		ownMinutes: minutesOfWay(books, way),
		stays: []
	});
	return { 'open-kiln': of('open-kiln'), barrel: of('barrel') };
}

/** What may be loaded. */
export function planStacks(books: Books): PlanStack[] {
	return stackLines(books)
		.filter((line) => line.held === undefined)
		.map(({ stack, left, reading }) => ({
			code: stack.code,
			name: stack.name,
			wood: stack.measure.wood,
			form: stack.measure.form,
			volume_ul: stack.volume_ul,
			dry_g: stack.dry_g,
			left,
			verdict: reading?.state.verdict ?? 'unread'
		}));
}
