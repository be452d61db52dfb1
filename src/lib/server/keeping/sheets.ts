import { Readable } from 'node:stream';
import Papa from 'papaparse';
import { localMoment } from '../../core/time';
import type { Db } from '../db/open';
import { smallActs, type SmallAct } from '../../input/small-acts';
import { rooms } from '../rooms';
import { rowsOf } from './row-thread';
import { findingSheet, found } from './sheet-sql';

/** The findings that a small act writes, a row each. */
function sheetOfSmall({ what, fields, holds, ways }: SmallAct): string {
	const columns = [
		...fields.map(({ key }) => `${found(key)} AS "${key}"`),
		...(holds ? ['f.first_day', 'f.last_day'] : []),
		...(ways ? ['f.way'] : [])
	];
	return findingSheet(what, 'at', columns.join(', ') || "'' AS said");
}

/** The sheets of all rooms, in the order of the work, and those of small acts. */
const sheets = new Map([
	...rooms.flatMap((room) => Object.entries(room.sheets ?? {})),
	...smallActs.flatMap((act): [string, string][] =>
		act.sheet ? [[act.sheet, sheetOfSmall(act)]] : []
	)
]);

export const sheetNames: readonly string[] = [...sheets.keys()];
export const isSheet = (name: string): boolean => sheets.has(name);

/** By it a spreadsheet knows that the file is Unicode. */
const byteOrderMark = '\ufeff';

const sqlOf = (name: string): string => {
	const sql = sheets.get(name);
	if (sql === undefined) throw new RangeError(`sqlOf: "${name}" is no sheet`);
	return sql;
};

/**
 * A sheet of a room as CSV with a head, some rows at a time: moments in UTC and beside it in the grower's zone, figures
 * with no more digits than they have; words that a spreadsheet would reckon with are made harmless.
 * @throws RangeError for a sheet that no room has
 */
export async function* sheetOf(db: Db, name: string, timeZone: string): AsyncGenerator<string> {
	let isBegun = false;
	for await (const { columns, rows } of rowsOf(db, sqlOf(name))) {
		const fields = columns.flatMap((column) =>
			column.endsWith(utcEnd) ? [column, column.replace(utcEnd, '_local')] : [column]
		);
		const data = rows.map((row) =>
			row.flatMap((value, i) => cellsOf(value, columns[i] ?? '', timeZone))
		);
		const lines = (part: unknown) => Papa.unparse(part as unknown[], { escapeFormulae: true });
		if (!isBegun) yield `${byteOrderMark}${lines([fields])}\r\n`;
		isBegun = true;
		if (data.length > 0) yield `${lines(data)}\r\n`;
	}
}

/** The same as a stream, read as far as whoever takes it along has room. */
export const sheetStream = (db: Db, name: string, timeZone: string): ReadableStream =>
	Readable.toWeb(Readable.from(sheetOf(db, name, timeZone))) as ReadableStream;

const utcEnd = '_utc';

function cellsOf(value: unknown, column: string, timeZone: string): readonly unknown[] {
	if (column.endsWith(utcEnd))
		return typeof value === 'string'
			? [value, localMoment(timeZone, Date.parse(value)).slice(0, 16).replace('T', ' ')]
			: ['', ''];
	return [typeof value === 'number' ? digitsOf(value, column) : value];
}

/** Litres are kept by the microlitre and kilograms by the milligram; what is reckoned has four digits at most. */
function digitsOf(value: number, column: string): number {
	if (Number.isInteger(value)) return value;
	if (/(?<!_per)_l$/.test(column)) return Number(value.toFixed(6));
	return Number(/_kg$/.test(column) ? value.toPrecision(7) : value.toPrecision(4));
}
