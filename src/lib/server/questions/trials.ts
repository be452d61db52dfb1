import {
	acrossSeasons,
	isControl,
	layOut,
	outcomeOf,
	type Look,
	type MeasureId,
	type Outcome,
	type Unit
} from '../../core/trials';
import { groundOfTrial, type EvidenceKind } from '../../core/evidence';
import { localDay } from '../../core/time';
import type { Books } from '../db/books';
import type { Trial } from '../db/trials';
import { keepingOfThings, rememberingEachAlways } from './remember';
import { seasonAt, trialLife, type TrialLife } from './trial-life';

/** A trial as it stands. */
export interface TrialLine extends TrialLife {
	readonly trial: Trial;
	readonly units: readonly Unit[];
	readonly lost: readonly { readonly unit: number; readonly why?: string }[];
	/** Its arms as parts of where it stands, by their ids; none where it stands on no target of the books. */
	readonly armBeds: readonly number[];
	/** When anything was last read. */
	readonly looked_ms?: number;
	/** All looks that stand, the oldest first. */
	readonly looks: readonly Read[];
}

export interface Read extends Look {
	readonly measure: MeasureId;
	/** The local day of it. */
	readonly day: string;
	/** Its season, from 0. */
	readonly season: number;
}

/** Of one pot, measure and day the look that was entered last. */
function looksOf(books: Books, trial: Trial, life: TrialLife): readonly Read[] {
	const { timeZone } = books.settings.current();
	const byDay = new Map<string, Read>();
	for (const { found, at_ms } of books.findings.of(trial.id, 'looked').toReversed()) {
		const { measure, unit: n, value } = found;
		const day = localDay(timeZone, at_ms);
		byDay.set(`${measure}·${n}·${day}`, {
			...{ n, at_ms, value, measure, day },
			season: seasonAt(life, at_ms)
		});
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
	const life = trialLife(books, trial);
	const looks = looksOf(books, trial, life);
	return {
		trial,
		...life,
		armBeds: books.trials.armBeds(trial.id),
		units: layOut(trial),
		lost,
		looks,
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

/** What is told of a measure in each season, and of all of them together. */
export interface Told {
	readonly measure: MeasureId;
	/** Of the season that was read last. */
	readonly last: Outcome;
	/** Of each season in which it was read, the oldest first. */
	readonly seasons: readonly { readonly season: number; readonly outcome: Outcome }[];
	/** Of all seasons, each value as a percentage of its season's mean; where there are several. */
	readonly across?: Outcome;
}

function judge(books: Books, trial: Trial): readonly Told[] {
	const { units, lost, looks } = lineOf(books, trial);
	const behind = {
		...trial,
		units,
		lost: lost.map(({ unit }) => unit),
		isBlocked: trial.differs !== undefined
	};
	return trial.measures.flatMap((measure) => {
		const own = looks.filter((look) => look.measure === measure);
		const read = [...new Set(own.map(({ season }) => season))].sort((a, b) => a - b);
		const seasons = read.map((season) => ({
			season,
			outcome: outcomeOf(
				behind,
				measure,
				own.filter((look) => look.season === season)
			)
		}));
		const last = seasons.at(-1)?.outcome;
		const across = acrossSeasons(
			behind,
			measure,
			seasons.map(({ outcome }) => outcome.given)
		);
		return last ? [{ measure, last, seasons, ...(across ? { across } : {}) }] : [];
	});
}

export function trialLineOf(books: Books, code: string): TrialLine | null {
	const trial = trialsKnown(books, 'all').find((one) => one.code === code);
	return trial ? (keptLines(books, [trial.id])[0] ?? null) : null;
}

/** Of each measure what is told of it, where anything was read. */
export const outcomesOf = (books: Books, { trial }: Pick<TrialLine, 'trial'>): readonly Told[] =>
	keptOutcomes(books, [trial.id])[0] ?? [];

/** On what ground a result of it stands. */
export const trialGround = ({ arms, blocks }: Trial): EvidenceKind =>
	groundOfTrial({ hasControl: arms.some(isControl), isRepeated: blocks > 1 });

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
