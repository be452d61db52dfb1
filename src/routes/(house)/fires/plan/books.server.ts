import { vesselsInUse } from '$lib/server/questions/in-stock';
import type { Books } from '$lib/server/db/books';
import { groundsOf, groundsOfWay, minutesOfWay } from '$lib/server/questions/fires';
import { failedBy } from '$lib/server/questions/found';
import { firesAhead } from '$lib/server/questions/vessels';
import { stackLines } from '$lib/server/questions/woodyard';
import type { SpotWay } from '$lib/input/spot';
import { proposeBurn } from '$lib/core/fires';
import { remembering, rememberingAlways } from '$lib/server/questions/remember';
import type { Proposed, SpotGrounds } from './entry';
import type { PlanStack, PlanVessel } from './reckoning';

/** What can burn, each with what its forecasts rest on. */
export const planVessels = remembering((books, now_ms): readonly PlanVessel[] =>
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
		})
);

/** What own burns tell of the ways that a vessel in no books may burn by. */
export const spotGrounds = rememberingAlways((books): SpotGrounds => {
	const of = (way: SpotWay) => ({
		...groundsOfWay(books, way),
		ownMinutes: minutesOfWay(books, way),
		stays: []
	});
	return { 'open-kiln': of('open-kiln'), barrel: of('barrel') };
});

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

/** Wood that may burn as it is, or of which nobody knows. */
const mayBurn = new Set<PlanStack['verdict']>(['ready', 'slower', 'unread', 'too-few']);
/** As many as stand on the page: what is proposed is ticked there. */
const mostLooked = 10;

/** What the plan begins with: of nothing that may burn nothing is ticked. */
export const proposedNow = remembering((books, now_ms): Proposed => {
	const vessels = planVessels(books, now_ms);
	const stacks = planStacks(books).slice(0, mostLooked);
	return (
		proposeBurn(
			vessels,
			stacks.filter(({ verdict }) => mayBurn.has(verdict))
		) ?? { vessel: vessels[0]?.name, loads: stacks.length > 0 ? [] : undefined }
	);
});
