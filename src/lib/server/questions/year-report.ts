import { localDay } from '../../core/time';
import { inLitres, type Range } from '../../core/units';
import type { CauseId } from '../../core/detective';
import type { CaseOutcome } from '../db/finding-detective';
import type { Books } from '../db/books';
import { accountsOn } from './accounts';
import { allCases } from './cases';
import { carbonOf, type KeptRow } from './carbon';
import { lotsInStock } from './in-stock';
import { yearRestsOn } from './burn-facts';
import { rememberingEachAlways } from './remember';
import { bedsListed } from './kept-beds';
import { putByBed, seasonOf, type BedYear, type SeasonTold } from './season';
import { settingsOf } from './settings';
import { outcomesOf, trialLines, type Told } from './trials';
import type { Trial } from '../db/trials';
import { yieldPoints, type YieldPoint } from './yields';

/** What of a year is printed and kept: made, put on, taken off, learned, and what still lies. */
export interface YearReport {
	readonly season: SeasonTold;
	readonly burns: readonly YieldPoint[];
	readonly put: readonly (BedYear & { readonly name: string })[];
	readonly off: readonly { readonly name: string; readonly kg: Range }[];
	readonly cases: readonly {
		readonly bed: string;
		readonly cause: CauseId;
		readonly outcome: CaseOutcome;
	}[];
	/** Trials that were read within the year. */
	readonly trials: readonly { readonly trial: Trial; readonly outcomes: readonly Told[] }[];
	readonly kept: KeptRow | undefined;
	/** Lies now, whatever the year. */
	readonly lies: readonly {
		readonly code: string;
		readonly name: string;
		readonly litres: number;
	}[];
}

const reports = rememberingEachAlways(reportOf, ({ year }) => year, [
	...yearRestsOn,
	'thing_version'
]);

/** What of a year is printed and kept, until any of it is otherwise. */
export const yearReport = (books: Books, year: number, now_ms: number): YearReport =>
	reports(books, { year, now_ms });

function reportOf(
	books: Books,
	{ year, now_ms }: { readonly year: number; readonly now_ms: number }
): YearReport {
	const { timeZone } = settingsOf(books);
	const isIn = (at_ms: number | undefined) =>
		at_ms !== undefined && localDay(timeZone, at_ms).startsWith(`${year}-`);
	const names = new Map(books.things.all('bed').map(({ id, name }) => [id, name]));
	return {
		season: seasonOf(books, year),
		burns: yieldPoints(books).filter(({ at_ms }) => isIn(at_ms)),
		put: putByBed(books, year).map((row) => ({
			...row,
			name: names.get(row.bedId) ?? books.things.byId(row.bedId)?.name ?? ''
		})),
		off: bedsListed(books).flatMap((bed) => {
			const season = accountsOn(books, bed, now_ms).seasons.find(
				(one) => one.season === String(year)
			);
			return season && season.harvest_kg.value > 0
				? [{ name: bed.name, kg: season.harvest_kg }]
				: [];
		}),
		cases: allCases(books).flatMap(({ bed, cause, closed }) =>
			closed && isIn(closed.at_ms)
				? [{ bed, cause: closed.cause ?? cause, outcome: closed.outcome }]
				: []
		),
		trials: trialLines(books)
			.filter(({ looked_ms }) => isIn(looked_ms))
			.map((line) => ({ trial: line.trial, outcomes: outcomesOf(books, line) })),
		kept: carbonOf(books, '').byYear.find(({ name }) => name === String(year)),
		lies: [...lotsInStock(books).values()].map(({ code, name, volume_ul }) => ({
			...{ code, name },
			litres: inLitres(volume_ul)
		}))
	};
}
