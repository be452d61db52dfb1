import {
	balanceIn,
	closingOf,
	doubtOf,
	withDoubt,
	type Balance,
	type Closing,
	type SeasonLine
} from '../../core/seasons';
import { localDay, readLocal } from '../../core/time';
import type { Range } from '../../core/units';
import type { Moved } from '../db/moved';
import { burnFacts, moved, yearRestsOn } from './burn-facts';
import { rememberingEachAlways, rememberingWhile } from './remember';
import { settingsOf } from './settings';

/** What a season did with one substance, each amount by the doubt with which it is known. */
export interface SeasonOf {
	readonly opening: Range;
	readonly closing: Range;
	readonly flows: readonly { readonly of: string; readonly kg: Range }[];
	readonly closes: Closing;
	/** Lots that lie at its end and that nobody counted or made within it, the most of it first. */
	readonly uncounted: readonly { readonly lotId: number; readonly kg: number }[];
	readonly doubt: number;
}

export interface SeasonTold {
	readonly year: number;
	readonly wood: SeasonOf;
	readonly char: SeasonOf;
	/** Dry char that went into charges, kg. */
	readonly charged: number;
	/** Char made, L, and in how many fires. */
	readonly made_l: number;
	readonly fires: number;
	/** Fires that went to ash or came out poor, of those. */
	readonly brands: number;
	readonly isRunning: boolean;
	/** Fires of which the char was weighed, of all there are, and by what share such char is known. */
	readonly weighed: { readonly n: number; readonly of: number; readonly doubt: number };
}

/** First moment of a year of the place. */
export function yearBegins(timeZone: string, year: number): number {
	const read = readLocal(`${year}-01-01T00:00`, timeZone);
	return read?.is === 'one' ? read.at_ms : Date.UTC(year, 0, 1);
}

/** Years in which anything moved, the newest first. */
export const yearsMoved = rememberingWhile((books): readonly number[] => {
	const { timeZone } = settingsOf(books);
	const rows = moved(books);
	const yearOf = (at: number) => {
		const row = rows.at(at);
		return row ? Number(localDay(timeZone, row.at_ms).slice(0, 4)) : undefined;
	};
	const [first, last] = [yearOf(0), yearOf(-1)];
	if (first === undefined || last === undefined) return [];
	return Array.from({ length: last - first + 1 }, (_, i) => last - i);
}, yearRestsOn);

const linesOf = (rows: readonly Moved[], of: 'wood' | 'char'): readonly SeasonLine[] =>
	rows.flatMap(({ actId, at_ms, lotId, bedId, account, direction, [of]: kg }): SeasonLine[] => {
		if (kg <= 0) return [];
		const is = lotId !== null ? 'lot' : bedId !== null ? 'bed' : 'account';
		return [{ act: actId, at_ms, is, node: String(lotId ?? bedId ?? account), direction, kg }];
	});

/** Lots that were made, counted or measured anew between two moments. */
function countedIn(rows: readonly Moved[], from_ms: number, to_ms: number): ReadonlySet<string> {
	const counted = new Set<string>();
	for (const { lotId, direction, at_ms, verb } of rows)
		if (lotId !== null && at_ms >= from_ms && at_ms < to_ms)
			if (direction === 'in' || counts.has(verb)) counted.add(String(lotId));
	return counted;
}
const counts: ReadonlySet<string> = new Set(['recount', 're-measure', 'analyse', 'measure-stack']);

function told(balance: Balance, counted: ReadonlySet<string>, doubt: number): SeasonOf {
	const isCounted = (lot: string) => counted.has(lot);
	return {
		opening: withDoubt(balance.opening, doubt),
		closing: withDoubt(balance.closing, doubt),
		flows: [...balance.flows].map(([of, kg]) => ({ of, kg: withDoubt(kg, doubt) })),
		closes: closingOf(balance, isCounted, doubt),
		uncounted: [...balance.lies]
			.filter(([lot, kg]) => kg > 0 && !isCounted(lot))
			.map(([lot, kg]) => ({ lotId: Number(lot), kg }))
			.sort((a, b) => b.kg - a.kg),
		doubt
	};
}

/** What a year of the place did: wood, char, and whether its books close. */
export const seasonOf = rememberingEachAlways(
	(books, year: number): SeasonTold => {
		const { timeZone } = settingsOf(books);
		const [from_ms, to_ms] = [yearBegins(timeZone, year), yearBegins(timeZone, year + 1)];
		const rows = moved(books);
		const facts = burnFacts(books);
		const burns = facts.filter(({ quenched_ms }) => quenched_ms >= from_ms && quenched_ms < to_ms);
		const counted = countedIn(rows, from_ms, to_ms);
		const within = rows.filter(({ at_ms }) => at_ms >= from_ms && at_ms < to_ms);
		return {
			year,
			wood: told(
				balanceIn(linesOf(rows, 'wood'), from_ms, to_ms),
				counted,
				doubtOf(facts.map(({ wood }) => wood))
			),
			char: told(
				balanceIn(linesOf(rows, 'char'), from_ms, to_ms),
				counted,
				doubtOf(facts.map(({ charKg }) => charKg))
			),
			charged: within.reduce(
				(sum, { verb, kind, direction, char }) =>
					verb === 'charge' && kind === 'charge' && direction === 'in' ? sum + char : sum,
				0
			),
			made_l: burns.reduce((sum, { charLitres }) => sum + charLitres, 0),
			fires: burns.length,
			brands: burns.reduce((sum, { brandsKg }) => sum + brandsKg, 0),
			isRunning: yearsMoved(books)[0] === year,
			weighed: {
				n: facts.filter(({ isWeighed }) => isWeighed).length,
				of: facts.length,
				doubt: doubtOf(facts.filter(({ isWeighed }) => isWeighed).map(({ charKg }) => charKg))
			}
		};
	},
	String,
	yearRestsOn
);

export interface BedYear {
	readonly bedId: number;
	readonly char: number;
	readonly ash: number;
	readonly nitrogen: number;
	readonly potassium: number;
	readonly lime: number;
	readonly times: number;
}

/** What went on each bed, kg; of a year, or for ever where it is 0. */
export const putByBed = rememberingEachAlways(
	(books, year: number): readonly BedYear[] => {
		const { timeZone } = settingsOf(books);
		const [from_ms, to_ms] =
			year === 0
				? [-Infinity, Infinity]
				: [yearBegins(timeZone, year), yearBegins(timeZone, year + 1)];
		const beds = new Map<number, BedYear>();
		for (const row of moved(books)) {
			const { bedId, direction, at_ms } = row;
			if (bedId === null || direction !== 'in' || at_ms < from_ms || at_ms >= to_ms) continue;
			const bed = beds.get(bedId);
			beds.set(bedId, {
				bedId,
				times: (bed?.times ?? 0) + 1,
				char: (bed?.char ?? 0) + row.char,
				ash: (bed?.ash ?? 0) + row.ash,
				nitrogen: (bed?.nitrogen ?? 0) + row.nitrogen,
				potassium: (bed?.potassium ?? 0) + row.potassium,
				lime: (bed?.lime ?? 0) + row.lime
			});
		}
		return [...beds.values()].sort((a, b) => b.char - a.char);
	},
	String,
	yearRestsOn
);
