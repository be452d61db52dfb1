import { fromAbsolute, parseDate, toCalendarDate } from '@internationalized/date';
import { days, hours, momentOf, warmthOf } from '../time';
import { litres, type Celsius, type Litres } from '../units';
import { dilutedAs } from './share-out';
import { brewSpeed } from './clock';
import type { RecipeId } from './data/recipe';
import { isRecipe, recipeOf } from './data/recipes';
import { brewWindow } from './window';

/** A stretch of a programme: every so many days from one local day to another, both as YYYY-MM-DD. */
export interface Phase {
	readonly from: string;
	readonly until: string;
	readonly every_days: number;
}

/** Never more rounds than any season has. */
const mostRounds = 400;

/**
 * The days on which a round is due, each once, in order.
 * @throws RangeError for a stretch that steps by less than a day
 * @example dueDays([{ from: '2026-04-01', until: '2026-04-22', every_days: 7 }]).length // 4
 */
export function dueDays(phases: readonly Phase[]): readonly string[] {
	const found = new Set<string>();
	for (const { from, until, every_days } of phases) {
		if (!(every_days >= 1)) throw new RangeError(`dueDays: every ${every_days} days`);
		const last = parseDate(until);
		for (
			let day = parseDate(from), n = 0;
			day.compare(last) <= 0 && n < mostRounds;
			day = day.add({ days: every_days }), n += 1
		)
			found.add(day.toString());
	}
	return [...found].sort();
}

/** The hour of the evening a round is walked: cool, and out of the sun. */
export const roundHour = '17:00';

/** @throws RangeError for what is no day */
export function roundAt(day: string, timeZone: string): number {
	const at = momentOf(`${day}T${roundHour}`, timeZone);
	if (at === undefined) throw new RangeError(`roundAt: ${day} is no day`);
	return at;
}

export interface RoundLogged {
	/** The day it was due. */
	readonly due: string;
	readonly at_ms: number;
}

export interface DueRound {
	readonly due: string;
	readonly at_ms: number;
	readonly state: 'done' | 'missed' | 'skipped' | 'due' | 'ahead';
	readonly done_ms?: number;
}

/** A round may still be walked half the way to the next, three days late at most. */
const grace = (at_ms: number, next_ms: number): number => Math.min((next_ms - at_ms) / 2, days(3));

/**
 * How each round of a programme stands. One that was not walked within its grace is missed: the programme moves on
 * to the next, and says so.
 */
export function roundsOf(
	phases: readonly Phase[],
	logged: readonly RoundLogged[],
	now_ms: number,
	timeZone: string,
	/** Days whose round was let go by. */
	skipped: readonly string[] = []
): readonly DueRound[] {
	const all = dueDays(phases).map((due) => ({ due, at_ms: roundAt(due, timeZone) }));
	return all.map(({ due, at_ms }, i): DueRound => {
		const done = logged.find((one) => one.due === due);
		if (done) return { due, at_ms, state: 'done', done_ms: done.at_ms };
		if (skipped.includes(due)) return { due, at_ms, state: 'skipped' };
		const next = all[i + 1]?.at_ms ?? at_ms + days(7);
		// From the morning of its day.
		if (now_ms < at_ms - hours(12)) return { due, at_ms, state: 'ahead' };
		return { due, at_ms, state: now_ms < at_ms + grace(at_ms, next) ? 'due' : 'missed' };
	});
}

/** A brew to set going, so that it is ripe in time. */
export interface StartBy {
	readonly recipe: RecipeId;
	readonly start_ms: number;
	readonly ripe_ms: number;
	/** Where a culture in stock serves in its place: that, and nothing is to start. */
	readonly uses?: string;
}

/** A culture that is there. */
export interface Have {
	readonly code: string;
	readonly recipe: RecipeId;
	readonly ripe_ms: number;
	readonly past_ms: number;
	/** Litres of it that are left; what feeds by weight weighs about a kilogram to the litre. */
	readonly left_l?: number;
}

/**
 * What must be set going, and when, so that a brew is in the middle of its time on its day: back through its
 * starter and the culture that makes that, where none in stock will do.
 * @param base_l litres that the brew is made of: so much of a starter as that takes must be there
 * @param timeZone of the people who set it going: nobody does by night
 * @param temperature that they are expected to stand at; null result where it is too cold or hot for any
 * @returns the brew first, then what feeds it
 */
export function startsFor(
	recipe: RecipeId,
	due_ms: number,
	temperature: Celsius,
	haves: readonly Have[],
	timeZone: string,
	base_l = 0
): readonly StartBy[] | null {
	const speed = brewSpeed(temperature);
	if (speed === 0) return null;
	const { hours: time, parts, base } = recipeOf(recipe);
	const start_ms = awake(
		due_ms - hours((time[0] + time[1]) / 2) / speed,
		(start) => isGoodOn(recipe, start, due_ms, temperature),
		timeZone
	);
	const mine: StartBy = { recipe, start_ms, ripe_ms: due_ms };
	const feeds = [
		...parts
			.filter(({ isOption }) => !isOption)
			.map(({ from, per10 }) => ({ from, takes_l: (per10[0] / 10) * base_l })),
		...(base.of === 'water' ? [] : [{ from: base.of, takes_l: base_l }])
	].flatMap(({ from, takes_l }) => {
		const brews = from.filter((stuff) => isRecipe(stuff));
		return brews.length > 0 ? [{ brews, takes_l }] : [];
	});
	const before: StartBy[] = [];
	for (const { brews, takes_l } of feeds) {
		const isThere = (recipe: RecipeId) =>
			haves.find(
				(have) =>
					have.recipe === recipe &&
					have.ripe_ms <= start_ms &&
					have.past_ms > start_ms &&
					(have.left_l ?? Infinity) >= takes_l
			);
		const there = brews.map(isThere).find((have) => have !== undefined);
		if (there) {
			before.push({ recipe: there.recipe, start_ms, ripe_ms: there.ripe_ms, uses: there.code });
			continue;
		}
		const chain = startsFor(brews[0]!, start_ms, temperature, haves, timeZone, takes_l);
		if (chain === null) return null;
		before.push(...chain);
	}
	return [mine, ...before];
}

/** Whether a brew set going at a moment may be used on a day and has not begun to fade. */
function isGoodOn(
	recipe: RecipeId,
	start_ms: number,
	due_ms: number,
	temperature: Celsius
): boolean {
	const { usable_ms, fading_ms } = brewWindow(recipe, warmthOf(start_ms, temperature, []));
	return usable_ms !== null && usable_ms <= due_ms && due_ms < (fading_ms ?? Infinity);
}

/** Hours at which somebody is up: what falls in the night is set going that evening or the next morning. */
const up = Object.freeze({ from: '08:00', to: '19:00' });

/** The nearest waking hour that still serves; the moment itself where none does. */
function awake(at_ms: number, serves: (start_ms: number) => boolean, timeZone: string): number {
	const today = toCalendarDate(fromAbsolute(at_ms, timeZone));
	const at = (day: typeof today, hour: string) =>
		momentOf(`${day.toString()}T${hour}`, timeZone) ?? at_ms;
	const morning = at(today, up.from);
	const evening = at(today, up.to);
	if (at_ms >= morning && at_ms <= evening) return at_ms;
	const ways = [
		morning,
		evening,
		at(today.subtract({ days: 1 }), up.to),
		at(today.add({ days: 1 }), up.from)
	]
		.filter(serves)
		.sort((a, b) => Math.abs(a - at_ms) - Math.abs(b - at_ms));
	return ways[0] ?? at_ms;
}

/** Brew that one round takes of all its beds, L. */
export const brewOfRound = ({
	stops,
	parts
}: {
	readonly stops: readonly { readonly total_l: number }[];
	readonly parts: number;
}): Litres =>
	stops.reduce<Litres>(
		(sum, { total_l }) => litres(sum + dilutedAs(litres(total_l), parts).brew),
		litres(0)
	);
