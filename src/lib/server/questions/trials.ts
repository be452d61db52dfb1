import {
	judgePairs,
	layOut,
	outcomeOf,
	type Look,
	type MeasureId,
	type Outcome,
	type PairsJudged,
	stripPlace,
	type StripPlace,
	type Unit
} from '../../core/trials';
import { holdsOn, isRound } from '../../core/beds';
import { localDay } from '../../core/time';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import type { Trial } from '../db/trials';
import { keepingOfThings, rememberingEachAlways } from './remember';

/** A trial as it stands. */
export interface TrialLine {
	readonly trial: Trial;
	readonly units: readonly Unit[];
	readonly lost: readonly { readonly unit: number; readonly why?: string }[];
	readonly ended_ms?: number;
	/** When anything was last read. */
	readonly looked_ms?: number;
	/** All looks that stand, the oldest first. */
	readonly looks: readonly Read[];
}

export interface Read extends Look {
	readonly measure: MeasureId;
	/** The local day of it. */
	readonly day: string;
}

/** Of one pot, measure and day the look that was entered last. */
function looksOf(books: Books, trial: Trial): readonly Read[] {
	const { timeZone } = books.settings.current();
	const byDay = new Map<string, Read>();
	for (const { found, at_ms } of books.findings.of(trial.id, 'looked').toReversed()) {
		const { measure, unit: n, value } = found;
		const day = localDay(timeZone, at_ms);
		byDay.set(`${measure}·${n}·${day}`, { n, at_ms, value, measure, day });
	}
	return [...byDay.values()];
}

/** All that are in use, the oldest first. */
const trialsKnown = rememberingEachAlways(
	(books, _all: string): readonly Trial[] => books.trials.all(),
	String,
	['thing', 'thing_version', 'thing_name', 'thing_end']
);

function lineOf(books: Books, trial: Trial): TrialLine {
	const lost = books.findings.of(trial.id, 'unit-lost').map(({ found }) => found);
	const [ended] = books.findings.of(trial.id, 'trial-ended');
	const looks = looksOf(books, trial);
	return {
		trial,
		units: layOut(trial),
		lost,
		looks,
		...(ended ? { ended_ms: ended.at_ms } : {}),
		...(looks.length > 0 ? { looked_ms: Math.max(...looks.map(({ at_ms }) => at_ms)) } : {})
	};
}

const read =
	<T>(of: (books: Books, trial: Trial) => T) =>
	(books: Books, ids: readonly number[]): ReadonlyMap<number, T> =>
		new Map(
			trialsKnown(books, 'all')
				.filter(({ id }) => ids.includes(id))
				.map((trial) => [trial.id, of(books, trial)])
		);
const keptLines = keepingOfThings(read(lineOf), () => []);
/** Orders are shuffled by the thousand: once, until an act is about the trial. */
const keptOutcomes = keepingOfThings(read(judge), () => []);

function judge(books: Books, trial: Trial): readonly Outcome[] {
	const { units, lost, looks } = lineOf(books, trial);
	const behind = {
		...trial,
		units,
		lost: lost.map(({ unit }) => unit),
		isBlocked: trial.differs !== undefined
	};
	return trial.measures.flatMap((measure) => {
		const own = looks.filter((look) => look.measure === measure);
		return own.length > 0 ? [outcomeOf(behind, measure, own)] : [];
	});
}

export function trialLineOf(books: Books, code: string): TrialLine | null {
	const trial = trialsKnown(books, 'all').find((one) => one.code === code);
	return trial ? (keptLines(books, [trial.id])[0] ?? null) : null;
}

/** Of each measure what is told of it, where anything was read. */
export const outcomesOf = (books: Books, { trial }: Pick<TrialLine, 'trial'>): readonly Outcome[] =>
	keptOutcomes(books, [trial.id])[0] ?? [];

/** All trials, the newest first. */
export const trialLines = (books: Books): readonly TrialLine[] =>
	keptLines(
		books,
		trialsKnown(books, 'all')
			.map(({ id }) => id)
			.toReversed()
	);

/** What was read on a local day, by the number of the pot. */
export const readOn = (
	{ looks }: Pick<TrialLine, 'looks'>,
	day: string,
	measure: MeasureId
): Readonly<Record<number, number>> =>
	Object.fromEntries(
		looks
			.filter((look) => look.day === day && look.measure === measure)
			.map(({ n, value }) => [n, value])
	);

/** Where a strip of a bed might be left as it is this season: drawn anew each year, and only while none is. */
export function stripOffer(books: Books, bed: Bed, now_ms: number): StripPlace | undefined {
	const day = localDay(books.settings.current().timeZone, now_ms);
	const isLeft = bed.parts.some(({ untreated }) => untreated.some((span) => holdsOn(span, day)));
	if (isLeft || bed.within || bed.target === 'path') return undefined;
	const seed = bed.id * 10_000 + Number(day.slice(0, 4));
	return stripPlace(
		isRound(bed.target) ? { pieces: bed.pieces } : { length_m: bed.length_m },
		seed
	);
}

/** One look at a bed beside its strip. */
export interface StripLook {
	readonly actId: string;
	readonly bed: string;
	readonly at_ms: number;
	readonly measure: MeasureId;
	readonly untreated: number;
	readonly treated: number;
}

export interface StripsTold extends PairsJudged {
	readonly looks: readonly StripLook[];
}

/** Strips over beds and years as pairs, the oldest first. */
export function stripsOf(books: Books): StripsTold {
	const looks = books.findings.everywhere('strip-looked').flatMap(({ found, thingId, ...row }) => {
		const bed = books.things.byId(thingId);
		return bed ? [{ actId: row.actId, bed: bed.name, at_ms: row.at_ms, ...found }] : [];
	});
	const inOrder = looks.toReversed();
	return { ...judgePairs(inOrder), looks: inOrder };
}
