import { balanceOf, firstShortfall, type Line } from '../../core/ledger';
import { NotFound } from './errors';
import type { Db } from './open';

export type LotKind = 'stack' | 'char' | 'charge' | 'partner';
/** Rows of the table `account`. */
export type Account =
	| 'gathered'
	| 'gas-and-ash'
	| 'in-the-mix'
	| 'counted'
	| 'disposed'
	| 'lost'
	| 'given-away'
	| 're-measured';

export interface Lot {
	readonly id: number;
	readonly code: string;
	readonly kind: LotKind;
	readonly name: string;
	readonly actId: string;
	readonly volume_ml: number;
	readonly dry_g: number;
}

/** One line about to be written. */
export interface NewMovement {
	readonly lotId?: number;
	readonly bedId?: number;
	readonly account?: Account;
	readonly volume_ml: number;
	readonly dry_g: number;
}

export interface Movement extends NewMovement {
	readonly id: number;
	readonly actId: string;
	readonly happenedAt_ms: number;
}

/** Who writes and when; the same for every line of an act. */
export interface Stamp {
	readonly actId: string;
	readonly happenedAt_ms: number;
	readonly recordedAt_ms: number;
	readonly person: string;
}

export type Posted =
	| { readonly status: 'posted' }
	| {
			readonly status: 'short';
			readonly lot: Lot;
			readonly missing_ml: number;
			readonly missing_g: number;
	  };

interface LotRow {
	id: number;
	code: string;
	kind: LotKind;
	name: string;
	act_id: string;
	volume_ml: number;
	dry_g: number;
}
interface MovementRow {
	id: number;
	act_id: string;
	lot_id: number | null;
	bed_id: number | null;
	account: Account | null;
	volume_ml: number;
	dry_g: number;
	happened_at_ms: number;
}

const toLot = ({ act_id, ...row }: LotRow): Lot => ({ ...row, actId: act_id });

const toMovement = (row: MovementRow): Movement => ({
	id: row.id,
	actId: row.act_id,
	lotId: row.lot_id ?? undefined,
	bedId: row.bed_id ?? undefined,
	account: row.account ?? undefined,
	volume_ml: row.volume_ml,
	dry_g: row.dry_g,
	happenedAt_ms: row.happened_at_ms
});

const prefixes: Readonly<Record<LotKind, string>> = {
	stack: 'S',
	char: 'K',
	charge: 'C',
	partner: 'P'
};

/** Ids of the lots that hold anything: few, however many there ever were. */
export const inStockLots =
	'(SELECT lot_id FROM balance INDEXED BY balance_in_stock WHERE volume_ml > 0)';

const lotColumns = `l.id, l.code, l.kind, l.name, l.act_id, coalesce(b.volume_ml, 0) AS volume_ml, coalesce(b.dry_g, 0) AS dry_g
	FROM lot l LEFT JOIN balance b ON b.lot_id = l.id`;
const standing = 'EXISTS (SELECT 1 FROM standing_act s WHERE s.id = l.act_id)';

export function ledgerStore(db: Db) {
	const byCode = db.prepare<{ code: string }, LotRow>(
		`SELECT ${lotColumns} WHERE l.code = @code AND ${standing}`
	);
	const byCodeEver = db.prepare<{ code: string }, LotRow>(
		`SELECT ${lotColumns} WHERE l.code = @code`
	);
	const byId = db.prepare<{ id: number }, LotRow>(`SELECT ${lotColumns} WHERE l.id = @id`);
	const insertLot = db.prepare(
		'INSERT INTO lot (code, kind, name, act_id) VALUES (@code, @kind, @name, @actId)'
	);
	const lastCode = db.prepare<{ kind: LotKind }, { n: number }>(
		`SELECT coalesce(max(CAST(substr(code, 2) AS INTEGER)), 0) AS n FROM lot WHERE kind = @kind`
	);
	const insertMovement = db.prepare(
		`INSERT INTO movement (act_id, lot_id, bed_id, account, volume_ml, dry_g, happened_at_ms, recorded_at_ms, person)
		 VALUES (@actId, @lotId, @bedId, @account, @volume_ml, @dry_g, @happenedAt_ms, @recordedAt_ms, @person)`
	);
	const linesOfLot = db.prepare<{ lotId: number }, Line>(
		// A reversed act and its reversal cancel at every moment, so neither counts here.
		`SELECT m.id, m.happened_at_ms, m.volume_ml, m.dry_g FROM movement m JOIN standing_act a ON a.id = m.act_id WHERE m.lot_id = @lotId`
	);
	const ofAct = db.prepare<{ actId: string }, MovementRow>(
		'SELECT * FROM movement WHERE act_id = @actId ORDER BY id'
	);
	const ofLot = db.prepare<{ lotId: number }, MovementRow>(
		'SELECT * FROM movement WHERE lot_id = @lotId ORDER BY happened_at_ms, id'
	);
	function maybeLot(code: string): Lot | null {
		const row = byCode.get({ code });
		return row ? toLot(row) : null;
	}

	/**
	 * Write the lines of an act. The grams must close to nought; no lot may fall below zero at any
	 * moment. Returns the first shortfall instead of writing on; the caller's transaction ends then.
	 */
	function post(stamp: Stamp, lines: readonly NewMovement[]): Posted {
		const open = lines.reduce((total, line) => total + line.dry_g, 0);
		if (open !== 0)
			throw new RangeError(
				`post: the grams of act ${stamp.actId} do not close, ${open} g left open`
			);
		const comingFirst = [...lines].sort((a, b) => b.volume_ml - a.volume_ml);
		const short = shortfallOf(lines, (lotId) =>
			comingFirst
				.filter((line) => line.lotId === lotId)
				.map((line, i) => ({
					id: Number.MAX_SAFE_INTEGER - lines.length + i,
					happened_at_ms: stamp.happenedAt_ms,
					volume_ml: line.volume_ml,
					dry_g: line.dry_g
				}))
		);
		if (short) return short;
		for (const line of comingFirst) write(stamp, line);
		return { status: 'posted' };
	}

	/** Write the opposite of every line of an act whose reversal is already in `act`. */
	function postReversal(stamp: Stamp, targetId: string): Posted {
		const opposite = ofAct
			.all({ actId: targetId })
			.map(toMovement)
			.map((line) => ({ ...line, volume_ml: -line.volume_ml, dry_g: -line.dry_g }));
		const short = shortfallOf(opposite, () => []);
		if (short) return short;
		for (const line of opposite.sort((a, b) => b.volume_ml - a.volume_ml))
			write({ ...stamp, happenedAt_ms: line.happenedAt_ms }, line);
		return { status: 'posted' };
	}

	function shortfallOf(
		lines: readonly NewMovement[],
		coming: (lotId: number) => readonly Line[]
	): Posted | undefined {
		const touched = new Set(
			lines.flatMap((line) => (line.lotId === undefined ? [] : [line.lotId]))
		);
		for (const lotId of touched) {
			const short = firstShortfall([...linesOfLot.all({ lotId }), ...coming(lotId)]);
			const row = short && byId.get({ id: lotId });
			if (short && row)
				return {
					status: 'short',
					lot: toLot(row),
					missing_ml: short.missing_ml,
					missing_g: short.missing_g
				};
		}
		return undefined;
	}

	function write(stamp: Stamp, line: NewMovement): void {
		insertMovement.run({
			actId: stamp.actId,
			happenedAt_ms: stamp.happenedAt_ms,
			recordedAt_ms: stamp.recordedAt_ms,
			person: stamp.person,
			lotId: line.lotId ?? null,
			bedId: line.bedId ?? null,
			account: line.account ?? null,
			volume_ml: line.volume_ml,
			dry_g: line.dry_g
		});
	}

	return {
		maybeLot,
		lot: (code: string): Lot => {
			const lot = maybeLot(code);
			if (!lot) throw new NotFound(`lot ${code}`);
			return lot;
		},
		/** A lot whose making may have been reversed since: its books stay. */
		maybeLotEver: (code: string): Lot | null => {
			const row = byCodeEver.get({ code });
			return row ? toLot(row) : null;
		},
		lotById: (id: number): Lot => {
			const row = byId.get({ id });
			if (!row) throw new NotFound(`lot ${id}`);
			return toLot(row);
		},
		/** What the books say a lot held at a moment, in the order in which things happened. */
		heldAt: (lotId: number, at_ms: number): { volume_ml: number; dry_g: number } =>
			balanceOf(linesOfLot.all({ lotId }).filter((line) => line.happened_at_ms <= at_ms)),
		/** The code the next lot of a kind will have; codes are never given twice. */
		nextCode: (kind: LotKind): string => `${prefixes[kind]}${(lastCode.get({ kind })?.n ?? 0) + 1}`,
		insertLot: (lot: { code: string; kind: LotKind; name: string; actId: string }): number =>
			Number(insertLot.run(lot).lastInsertRowid),
		post,
		postReversal,
		ofAct: (actId: string): Movement[] => ofAct.all({ actId }).map(toMovement),
		ofLot: (lotId: number): Movement[] => ofLot.all({ lotId }).map(toMovement)
	};
}
