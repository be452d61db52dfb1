import { firstShortfall, residue, type BookLine, type Contents } from '../../core/ledger';
import { digestStore } from '../db/digests';
import { unlikeDerived } from '../db/grounds-anew';
import { unreadableIn } from '../db/json-columns';
import type { Db } from '../db/open';
import type { Fault } from './fault';
import { unlikeKinds } from './known-words';

interface Row extends Omit<BookLine, 'contents'> {
	readonly act_id: string;
	readonly lot_id: number | null;
	readonly bed_id: number | null;
	readonly contents: string | null;
}

type Written = Omit<Row, 'contents'> & { readonly contents: Contents };

/** Every law, over all that stands in the books: none of them is taken on trust. */
export function faultsIn(db: Db): readonly Fault[] {
	return [
		...asWritten(db),
		...unlikeKinds(db),
		...unread(db),
		...unlikeThreads(db),
		...ledgerFaults(db)
	];
}

/** What acts wrote is what their digests say. */
function asWritten(db: Db): readonly Fault[] {
	const broken = digestStore(db).firstBreak();
	return broken
		? [
				{
					law: 'as-written',
					says: `Act ${broken.seq} ("${broken.verb}", ${dayOf(broken.at_ms)}) is not as it was written.`,
					facts: { ...broken }
				}
			]
		: [];
}

const dayOf = (at_ms: number): string => new Date(at_ms).toISOString().slice(0, 10);

function unread(db: Db): readonly Fault[] {
	return [...unreadableIn(db)].map(({ table, column, of, actId, why }) => ({
		law: 'rows-read',
		says: `A ${table === 'finding' ? `finding "${of}"` : `row of "${table}"`} of act ${actId} can’t be read (${column}).`,
		facts: { table, column, of, actId, why }
	}));
}

/** What acts are about and rest on, against what their rows say. */
function unlikeThreads(db: Db): readonly Fault[] {
	return unlikeDerived(db).map(({ actId, isMissing, what }) => ({
		law: 'threads-kept',
		says: isMissing
			? `Act ${actId} lacks what it ${what}, as its rows have it.`
			: `Act ${actId} ${what} something that its rows do not tell of.`,
		facts: { actId, isMissing, what }
	}));
}

function ledgerFaults(db: Db): readonly Fault[] {
	const lines = db
		.prepare<[], Row>(
			`SELECT m.*, (SELECT json_group_object(c.substance, c.amount_mg) FROM content c WHERE c.movement_id = m.id) AS contents FROM movement m`
		)
		.all()
		.map((row) => ({ ...row, contents: JSON.parse(row.contents ?? '{}') as Contents }));
	const standing = new Set(db.prepare<[], string>('SELECT id FROM standing_act').pluck().all());
	const told = db.prepare<[string], { seq: number; verb: string }>(
		'SELECT seq, verb FROM act WHERE id = ?'
	);
	const open = [...groupedBy(lines, ({ act_id }) => act_id)].flatMap(([act, of]): Fault[] => {
		const left = residue(of);
		if (Object.keys(left).length === 0) return [];
		const { seq, verb } = told.get(act) ?? { seq: 0, verb: '' };
		const what = Object.entries(left).map(([substance, mg]) => `${mg} mg of ${substance}`);
		return [
			{
				law: 'acts-closed',
				says: `Act ${seq} ("${verb}") does not close: ${what.join(', ')} came from nowhere or went nowhere.`,
				facts: { act, left }
			}
		];
	});
	const below = [...groupedBy(lines, ({ lot_id }) => lot_id)].flatMap(([lot, of]): Fault[] =>
		lot !== null && firstShortfall(of.filter(({ act_id }) => standing.has(act_id)))
			? [
					{
						law: 'nothing-below-nought',
						says: `More was taken of lot ${codeOf(db, lot)} than was ever in it.`,
						facts: { lot }
					}
				]
			: []
	);
	return [...open, ...below, ...unlikeBalances(db, lines)];
}

const codeOf = (db: Db, lot: number): string =>
	db.prepare<[number], string>('SELECT code FROM lot WHERE id = ?').pluck().get(lot) ??
	`no. ${lot}`;

/** What the triggers kept, against the sums of all movements. */
function unlikeBalances(db: Db, lines: readonly Written[]): readonly Fault[] {
	const wanted = new Map<string, number>();
	const add = (key: string, amount: number) => wanted.set(key, (wanted.get(key) ?? 0) + amount);
	for (const { lot_id, bed_id, direction, volume_ul, mass_mg, contents } of lines) {
		const sign = direction === 'in' ? 1 : -1;
		if (lot_id !== null) {
			add(`lot ${lot_id} µL`, sign * volume_ul);
			add(`lot ${lot_id} mg`, sign * mass_mg);
		}
		const place = lot_id === null ? `bed ${bed_id}` : `lot ${lot_id}`;
		if (lot_id !== null || bed_id !== null)
			for (const [substance, mg] of Object.entries(contents))
				add(`${place} ${substance}`, sign * mg);
	}
	const kept = new Map<string, number>();
	const rows = <T>(sql: string) => db.prepare<[], T>(sql).all();
	for (const row of rows<{ lot_id: number; volume_ul: number; mass_mg: number }>(
		'SELECT * FROM balance'
	)) {
		kept.set(`lot ${row.lot_id} µL`, row.volume_ul);
		kept.set(`lot ${row.lot_id} mg`, row.mass_mg);
	}
	for (const row of rows<{ lot_id: number; substance: string; amount_mg: number }>(
		'SELECT * FROM held_in_lot'
	))
		kept.set(`lot ${row.lot_id} ${row.substance}`, row.amount_mg);
	for (const row of rows<{ bed_id: number; substance: string; amount_mg: number }>(
		'SELECT * FROM put_on_bed'
	))
		kept.set(`bed ${row.bed_id} ${row.substance}`, row.amount_mg);
	return [...new Set([...wanted.keys(), ...kept.keys()])].flatMap((key): Fault[] => {
		const [is, should] = [kept.get(key) ?? 0, wanted.get(key) ?? 0];
		if (is === should) return [];
		return [
			{
				law: 'sums-kept',
				says: `What is kept of ${key.replace(/^lot (\d+)/, (_all, id: string) => codeOf(db, Number(id)))} is ${is}, and its movements come to ${should}.`,
				facts: { key, wanted: should, kept: is }
			}
		];
	});
}

function groupedBy<T, K>(all: readonly T[], keyOf: (one: T) => K): Map<K, T[]> {
	const groups = new Map<K, T[]>();
	for (const one of all) {
		const group = groups.get(keyOf(one));
		if (group) group.push(one);
		else groups.set(keyOf(one), [one]);
	}
	return groups;
}
