import type { Day } from './model';
import { tasksOf } from './place';

/**
 * A minute before which no timetable can end. Each of these holds alone: a barrel goes through its rounds one after
 * the other; what all hands must do before the last barrel is lit, and what follows that lighting; the same for
 * burners; and what the hoses must do after the first barrel is cold. Hands that are away only make it later.
 */
export function boundOf(day: Day): number {
	const chains = day.barrels.map((barrel) => chainOf(day, barrel));
	const bound = Math.max(0, ...chains, handsBound(day), burnerBound(day), hoseBound(day));
	return Math.ceil(bound - 1e-9);
}

/** Minutes from the first moment to the last tip of one barrel, if nobody ever kept it waiting. */
function chainOf(
	{ times }: Day,
	{ rounds, burn = times.burn, state }: Day['barrels'][number]
): number {
	const once = times.fill + times.light + burn + times.cap + times.cool + times.tip;
	if (state === undefined || state.is === 'empty') return (state?.from ?? 0) + rounds * once;
	const first =
		state.is === 'burning'
			? state.until + times.cap + times.cool + times.tip
			: state.until + times.tip;
	return first + rounds * once;
}

/** Fresh charges: those that are still to be filled. */
const freshOf = (day: Day) =>
	tasksOf(day).filter(
		({ barrel, round, is }) =>
			is === 'charge' && !(round === 0 && day.barrels[barrel]?.state?.is === 'burning')
	);

const shortest = (day: Day) =>
	Math.min(...day.barrels.map(({ burn }) => burn ?? day.times.burn), day.times.burn);

/** All charges are filled and lit by the hands there are; the last of them still burns, cools and is tipped. */
function handsBound(day: Day): number {
	const { times, hands } = day;
	const fresh = freshOf(day);
	const all = tasksOf(day);
	const tips = all.filter(({ is }) => is === 'tip').length;
	const caps = all.filter(({ is }) => is === 'charge').length;
	const lighting = fresh.length * (times.fill + times.light);
	const work = lighting + caps * times.cap + tips * times.tip;
	const tail = fresh.length > 0 ? shortest(day) + times.cap + times.cool + times.tip : 0;
	return Math.max(work / hands, lighting / hands + tail);
}

function burnerBound(day: Day): number {
	const { times, burners } = day;
	const fresh = freshOf(day);
	if (fresh.length === 0) return 0;
	const fire = fresh.reduce(
		(sum, { barrel }) => sum + times.light + (day.barrels[barrel]?.burn ?? times.burn) + times.cap,
		0
	);
	return times.fill + fire / burners + times.cool + times.tip;
}

function hoseBound(day: Day): number {
	const { times, hoses } = day;
	const tips = tasksOf(day).filter(({ is }) => is === 'tip').length;
	const first = Math.min(
		...day.barrels.map(({ state, burn = times.burn }) =>
			state === undefined || state.is === 'empty'
				? (state?.from ?? 0) + times.fill + times.light + burn + times.cap + times.cool
				: state.is === 'burning'
					? state.until + times.cap + times.cool
					: state.until
		)
	);
	return Number.isFinite(first) ? first + (tips * times.tip) / hoses : 0;
}
