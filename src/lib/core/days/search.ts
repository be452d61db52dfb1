import { boundOf } from './bound';
import type { Bottleneck, Day, Timetable } from './model';
import { handOut } from './hands';
import { place, tasksOf, type TaskPlaced, type Task } from './place';

/** Which of two is better: the earlier end, then the less waiting. */
const isBetter = (one: TaskPlaced, than: TaskPlaced): boolean =>
	one.end < than.end || (one.end === than.end && one.waiting < than.waiting);

/** First come, first served: round by round, barrel by barrel, each tip as soon as its barrel is cold. */
export function greedyOrder(tasks: readonly Task[]): readonly number[] {
	return tasks
		.map((task, id) => ({ ...task, id }))
		.sort(
			(a, b) =>
				a.round - b.round ||
				Number(a.is === 'tip') - Number(b.is === 'tip') ||
				a.barrel - b.barrel ||
				a.id - b.id
		)
		.map(({ id }) => id);
}

/** The timetable that first come, first served gives. */
export function greedyDay(day: Day): Timetable {
	const tasks = tasksOf(day);
	return toTimetable(day, place(day, tasks, greedyOrder(tasks)));
}

/** What a timetable is placed by: the order of its tasks, and how often each waits on purpose. */
export interface Genes {
	readonly order: readonly number[];
	readonly skips: readonly number[];
}

/** The timetable of an order that was found before; an order that is none of this day's is undefined. */
export function dayBy(day: Day, { order, skips }: Genes): Timetable | undefined {
	const tasks = tasksOf(day);
	const at = new Map(order.map((id, place) => [id, place]));
	const isWhole = order.length === tasks.length && at.size === tasks.length;
	const inTurn = tasks.every(
		({ after }, id) =>
			at.has(id) && (after === undefined || (at.get(after) ?? Infinity) < (at.get(id) ?? 0))
	);
	return isWhole && inTurn ? toTimetable(day, place(day, tasks, order, skips)) : undefined;
}

export interface Searched {
	readonly best: Timetable;
	readonly genes: Genes;
	/** Timetables tried so far. */
	readonly tried: number;
}

/**
 * Look for a timetable that ends earlier, with less waiting: orders of the tasks are shaken and placed
 * anew, worse ones taken up at first and ever less (annealing). Ends when it meets the bound, after `tries`,
 * or when `more` says so; tells its best now and then.
 * @param chance 0–1, from a seed, so that the same day gives the same timetable
 * @returns the best found; `isBest` where nothing can end earlier
 */
export function* searchDay(
	day: Day,
	tries: number,
	chance: () => number
): Generator<Searched, Searched, void> {
	const tasks = tasksOf(day);
	let order: readonly number[] = greedyOrder(tasks);
	let skips: readonly number[] = tasks.map(() => 0);
	let now = place(day, tasks, order);
	let best = now;
	let genes: Genes = { order, skips };
	const bound = boundOf(day);
	const told = Math.max(1, Math.floor(tries / 20));
	let tried = 1;
	for (; tried < tries && best.end > bound; tried += 1) {
		const waits = chance() < 0.3;
		const shaken = waits ? order : shake(tasks, order, chance);
		const skipping = waits ? wait(skips, chance) : skips;
		const next = place(day, tasks, shaken, skipping);
		const heat = Math.max(0.01, 8 * (1 - tried / tries));
		const worse = next.end - now.end + (next.waiting - now.waiting) / 1000;
		if (worse <= 0 || chance() < Math.exp(-worse / heat)) {
			order = shaken;
			skips = skipping;
			now = next;
		}
		if (isBetter(next, best)) {
			best = next;
			genes = { order: shaken, skips: skipping };
		}
		if (tried % told === 0) yield { best: toTimetable(day, best), genes, tried };
	}
	return { best: toTimetable(day, best), genes, tried };
}

/** One charge waits longer, or no more. */
const mostSkipped = 4;
function wait(skips: readonly number[], chance: () => number): readonly number[] {
	const at = Math.floor(chance() * skips.length);
	return skips.map((skip, i) => (i === at ? Math.floor(chance() * mostSkipped) : skip));
}

/** One task moved to another place, none before what it waits for. */
function shake(tasks: readonly Task[], order: readonly number[], chance: () => number): number[] {
	const shaken = [...order];
	const [moved] = shaken.splice(Math.floor(chance() * shaken.length), 1) as [number];
	const { after } = tasks[moved]!;
	const low = after === undefined ? 0 : shaken.indexOf(after) + 1;
	const next = shaken.findIndex((id) => tasks[id]!.after === moved);
	const high = next < 0 ? shaken.length : next;
	shaken.splice(low + Math.floor(chance() * (high - low + 1)), 0, moved);
	return shaken;
}

function toTimetable(day: Day, placed: TaskPlaced): Timetable {
	const bound = boundOf(day);
	return {
		steps: handOut(placed.steps, day),
		end: placed.end,
		waiting: placed.waiting,
		bound,
		late: placed.late,
		isBest: placed.late === 0 && placed.end <= bound
	};
}

/** How much sooner a day would end with one more of each; nothing where it would not. */
export type Helps = Readonly<Record<Bottleneck, number>>;

/**
 * What one more hand, burner or hose would save, found by planning the day with it, as long as it was planned before.
 * @param end of the day as it is planned, minutes
 */
export function* whatHelps(
	day: Day,
	end: number,
	tries: number,
	chance: () => number
): Generator<undefined, Helps, void> {
	const saved = { hands: 0, burners: 0, hoses: 0 };
	for (const one of ['hands', 'burners', 'hoses'] as const) {
		const search = searchDay({ ...day, [one]: day[one] + 1 }, tries, chance);
		let step = search.next();
		while (!step.done) {
			yield;
			step = search.next();
		}
		saved[one] = Math.max(0, end - step.value.best.end);
	}
	return saved;
}
