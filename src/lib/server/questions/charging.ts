import { chargesInStock, charsInStock } from './in-stock';
import type { CharTried } from '../../core/applying';
import { judgeQuality, phOf } from '../../core/char';
import {
	chargeTasks,
	cureWindow,
	drainedWindow,
	readiness,
	type DueTask,
	type Readiness
} from '../../core/charging';
import { warmthOf, type Warmth } from '../../core/time';
import type { BandState, Window } from '../../core/time';
import { celsius } from '../../core/units';
import type { Batch } from '../db/batch-row';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import type { TemperatureReading } from '../db/findings';
import type { LoggedTest } from '../db/tests';
import { reaches } from '../../core/fires';
import {
	doneWith,
	foundInStock,
	foundOfChar,
	temperaturesOf,
	type Finds,
	type LoggedDoing
} from './found';
import { remembering } from './remember';
import { standingAt } from './standing';

export interface ChargeLine {
	readonly charge: Batch;
	readonly window: Window;
	readonly tests: readonly LoggedTest[];
	readonly state: Readiness;
	readonly band: BandState;
	/** What it was read to stand at; its first is what it was set going at. */
	readonly warmth: readonly Warmth[];
	/** What it wants next, the soonest first. */
	readonly tasks: readonly DueTask[];
}

/** What a row says of a charge: a page is sent no more than it shows. */
export interface ChargeRow {
	readonly charge: Pick<Batch, 'code' | 'school' | 'volume_ul'>;
	readonly window: Window;
	readonly state: Readiness;
}

export const chargeRow = ({ charge, window, state }: ChargeLine): ChargeRow => {
	const { code, school, volume_ul } = charge;
	return { charge: { code, school, volume_ul }, window, state };
};

/** Every charge in stock with its window, tests and readiness at a moment. */
export const chargeLines = remembering((books, now_ms): readonly ChargeLine[] => {
	const tests = byLot(books.tests.inStock());
	const finds = foundInStock(books);
	return chargesInStock(books).map((charge) =>
		chargeLine(
			charge,
			{
				tests: tests.get(charge.lotId) ?? [],
				temperatures: temperaturesOf(finds, charge.lotId),
				facts: doneWith(finds, charge.lotId)
			},
			now_ms
		)
	);
});

/** Char that may be charged: its fire checked cold, and free to move. Crushed lots come first. */
export const charsToCharge = remembering((books, now_ms) => {
	const raw = charsInStock(books);
	const standing = standingAt(books, now_ms).about(raw);
	return (
		raw
			.filter(
				(char) =>
					reaches(standing.proofOf(char.burnId), 'once') &&
					standing.heldBecause(char.lotId) === undefined
			)
			// Crushed lots first: they are what is charged for beds.
			.sort((a, b) => a.state.localeCompare(b.state))
			.map((char) => ({ ...char, ...triedOf(foundInStock(books), char, now_ms) }))
			.map(({ code, ph, verdict, failed, state, wetness, volume_ul, density }) => ({
				code,
				verdict,
				failed,
				...(ph === undefined ? {} : { ph }),
				state,
				wetness,
				volume_ul,
				density
			}))
	);
});

/** What was tried of a char by a moment. */
export function triedOf(
	finds: Finds,
	{ code, lotId, origin }: Pick<CharLot, 'code' | 'lotId' | 'origin'>,
	at_ms: number
): CharTried {
	const found = foundOfChar(finds, lotId)
		.filter((one) => one.at_ms <= at_ms)
		.map((one) => one.found);
	const { verdict, failed } = judgeQuality(found.filter((one) => one.kind === 'quality'));
	const ph = phOf(found, origin.ph);
	return { code, verdict, failed: failed.join(' '), ...(ph === undefined ? {} : { ph }) };
}

function byLot<T extends { readonly lotId: number }>(rows: readonly T[]): Map<number, T[]> {
	const groups = new Map<number, T[]>();
	for (const row of rows) groups.set(row.lotId, [...(groups.get(row.lotId) ?? []), row]);
	return groups;
}

/** What was noted of a charge beside what it is. */
export interface ChargeNotes {
	readonly tests: readonly LoggedTest[];
	readonly temperatures: readonly TemperatureReading[];
	readonly facts: readonly LoggedDoing[];
}

export const notesOf = (books: Books, lotId: number): ChargeNotes => ({
	tests: books.tests.of(lotId),
	temperatures: temperaturesOf(books.findings, lotId),
	facts: doneWith(books.findings, lotId)
});

export function chargeLine(
	charge: Batch,
	{ tests, temperatures, facts }: ChargeNotes,
	now_ms: number
): ChargeLine {
	const known = temperatures.filter(({ at_ms }) => at_ms <= now_ms);
	const warmth = warmthOf(charge.startedAt_ms, celsius(charge.temperature_c), known);
	const inLiquid = cureWindow(charge.school, charge.startedAt_ms, warmth);
	const { drainedAt_ms } = charge;
	const window = drainedAt_ms === null ? inLiquid : drainedWindow(inLiquid, drainedAt_ms);
	const { state, band } = readiness(window, tests, now_ms);
	const tasks = chargeTasks(charge.school, window, facts, now_ms, {
		tested: tests.length > 0,
		drained: charge.drainedAt_ms !== null
	});
	return { charge, window, tests, state, band, warmth, tasks };
}
