import { brewsInStock } from './in-stock';
import {
	brewState,
	brewTasks,
	brewWindow,
	foundRipe,
	isAsleep,
	linesOf,
	placeKin,
	pumpRests,
	verdictOf,
	type BrewState,
	type BrewTask,
	type Kin,
	type CultureLine,
	type KinPlaced,
	type SmellCheck
} from '../../core/brews';
import { days, hours, warmthOf, type BandState, type Warmth, type Window } from '../../core/time';
import { celsius, inLitres } from '../../core/units';
import type { Doing } from '../db/findings';
import type { Books } from '../db/books';
import type { Brew, KinRow } from '../db/brews';
import {
	doneWith,
	foundInStock,
	foundOfBrew,
	smellsOf,
	temperaturesOf,
	type Finds,
	type LoggedDoing,
	type LoggedOfBrew
} from './found';
import { keepingOfThings, remembering, rememberingAlways, rememberingEachAlways } from './remember';

export interface BrewLine {
	readonly brew: Brew;
	readonly warmth: readonly Warmth[];
	readonly window: Window;
	readonly smells: readonly SmellCheck[];
	readonly state: BrewState;
	readonly band: BandState;
	/** Too cold for it to work. */
	readonly asleep: boolean;
	readonly tasks: readonly BrewTask[];
}

/** A brew at a moment: its clock by the temperatures read by then, and what noses said. */
export function brewLine(finds: Finds, brew: Brew, now_ms: number): BrewLine {
	const readings = temperaturesOf(finds, brew.lotId).filter(({ at_ms }) => at_ms <= now_ms);
	const warmth = warmthOf(brew.startedAt_ms, celsius(brew.temperature_c), readings);
	const smells = smellsOf(finds, brew.lotId).filter(({ at_ms }) => at_ms <= now_ms);
	const done = doneWith(finds, brew.lotId).filter(({ at_ms }) => at_ms <= now_ms);
	const byClock = brewWindow(brew.recipe, warmth);
	const window = brewWindow(brew.recipe, warmth, {
		rests: pumpRests(done),
		fed_ms: done.flatMap(({ fact, at_ms }) => (fact === 'fed' ? [at_ms] : [])).reverse(),
		ripe_ms: foundRipe(brew.recipe, byClock.usable_ms, smells)
	});
	const stands = brewState(brew.recipe, window, smells, now_ms);
	const tasks = tasksOf(finds, brew, stands, done);
	return { brew, warmth, window, smells, ...stands, asleep: isAsleep(warmth), tasks };
}

/** What was done with it by a moment, and so what it wants. */
function tasksOf(
	finds: Finds,
	brew: Brew,
	{ state, band }: { readonly state: BrewState; readonly band: BandState },
	done: readonly LoggedDoing[]
): readonly BrewTask[] {
	if (brew.volume_ul <= 0) return [];
	const last = (fact: Doing) => done.find((one) => one.fact === fact)?.at_ms;
	return brewTasks({
		recipe: brew.recipe,
		state,
		band,
		started_ms: brew.startedAt_ms,
		isStrained: brew.strainedAt_ms !== null,
		stirred_ms: last('stirred'),
		vented_ms: last('vented'),
		leaks_ms: lidLeaks(foundOfBrew(finds, brew.lotId))
	});
}

/** Since when its lid leaks, where nobody mended it. */
export const lidLeaks = (findings: readonly LoggedOfBrew[]): number | undefined => {
	const last = findings.findLast(({ kind }) => kind === 'lid-leaks' || kind === 'lid-mended');
	return last?.kind === 'lid-leaks' ? last.at_ms : undefined;
};

/** Every brew in stock, those that want something first. */
export const brewLines = remembering((books, now_ms): readonly BrewLine[] =>
	brewsInStock(books).map((brew) => brewLine(foundInStock(books), brew, now_ms))
);

/** Every brew there ever was, in its line. */
export const kinPlaced = rememberingAlways((books): ReadonlyMap<string, KinPlaced> => {
	const kin = keptKin(books, everIds(books, 'all'));
	const last = lastPlaced.get(books);
	if (last && isSame(last.kin, kin)) return last.placed;
	const placed = placedOf(kin);
	lastPlaced.set(books, { kin, placed });
	return placed;
});

/** What was started from each, or fed with it. */
export const cameOf = rememberingAlways((books): ReadonlyMap<string, readonly string[]> => {
	const children = new Map<string, string[]>();
	for (const { code, from } of kinPlaced(books).values())
		for (const giver of from) children.set(giver, [...(children.get(giver) ?? []), code]);
	return children;
});

/** Brews that are used up, the newest first. */
export const brewsUsedUp = rememberingAlways((books, most: number) =>
	books.brews
		.usedUp(most)
		.map(({ code, name, startedAt_ms, made_l }) => ({ code, name, startedAt_ms, made_l }))
);

/** What a brew is by all that it came of: no more is asked than its own line upwards. */
export const kinOfOne = (books: Books, { code, lotId }: Brew): KinPlaced | undefined =>
	placedOf(books.brews.kin(books.brews.idsUpwards(lotId))).get(code);

/** Each is read again once an act was about it. */
const keptKin = keepingOfThings(
	(books, ids) => new Map(books.brews.kin(ids).map((row) => [row.lotId, row] as const)),
	() => []
);
const everIds = rememberingEachAlways((books, _all: string) => books.brews.everIds(), String, [
	'batch'
]);
const lastPlaced = new WeakMap<
	Books,
	{ readonly kin: readonly KinRow[]; readonly placed: ReadonlyMap<string, KinPlaced> }
>();
const isSame = (some: readonly KinRow[], others: readonly KinRow[]) =>
	some.length === others.length && some.every((row, i) => row === others[i]);

function placedOf(kin: readonly KinRow[]): ReadonlyMap<string, KinPlaced> {
	const flows = kin.flatMap(({ code, from }) =>
		from.map(({ code: giver, act, at_ms, seq }) => ({ from: giver, to: code, act, at_ms, seq }))
	);
	return placeKin(kin.map(kinOf), flows);
}

function kinOf({ smells, wasUsed, left_ul, lotId: _id, isMarked, from, ...row }: KinRow): Kin {
	const verdicts = smells.map((smell) => verdictOf(row.recipe, smell));
	const isGood = verdicts.includes('as-it-should') || wasUsed;
	const outcome = verdicts.includes('failed') ? 'failed' : isGood ? 'worked' : 'pending';
	return {
		...row,
		from: from.map(({ code }) => code),
		left_l: inLitres(left_ul),
		isMarked: isMarked || verdicts.includes('doubtful'),
		outcome
	};
}

/** Lines of cultures, the most trusted first. */
export const cultureLines = (books: Books): readonly CultureLine[] => linesOf(kinPlaced(books));

/** How long ago a bed last had nitrogen that ash would drive off. */
export const lastNitrogenOn = (books: Books, bedId: number, now_ms: number): number | undefined =>
	books.applications
		.ofBed(bedId, 12)
		.find(
			({ at_ms, contents, lotKind }) =>
				at_ms <= now_ms &&
				at_ms > now_ms - days(14) &&
				(contents['mineral-nitrogen'] ?? 0) > 0 &&
				lotKind !== 'char'
		)?.at_ms;

/** How a night set a brew back: hours later than if it had stood as it was set going. */
export function setBack(brew: Brew, window: Window): number | undefined {
	const planned = brewWindow(
		brew.recipe,
		warmthOf(brew.startedAt_ms, celsius(brew.temperature_c), [])
	);
	if (planned.usable_ms === null || window.usable_ms === null) return undefined;
	return (window.usable_ms - planned.usable_ms) / hours(1);
}
