import {
	alteringAmong,
	balanceOf,
	firstShortfall,
	inOrder,
	residue,
	type Amount,
	type BookLine
} from '../../core/ledger';
import { kindOf, type LotKind } from '../../core/kinds';
import { NotFound } from './errors';
import { inStockLots, lotColumns, toLot, type Lot, type LotRow } from './lot-row';
import {
	asLine,
	lotsIn,
	movementSql,
	toContents,
	toMovement,
	type Movement,
	type MovementRow,
	type NewMovement
} from './movements';
import type { Db } from './open';
import type { Things } from './things';
import { writing } from './writing';

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
			readonly missing_ul: number;
			readonly missing_mg: number;
	  }
	/** A later act, in the order in which things happened, would carry something else. */
	| { readonly status: 'changes-later'; readonly lot: Lot; readonly actId: string };

const standing = 'EXISTS (SELECT 1 FROM standing_act s WHERE s.id = l.act_id)';

export function ledgerStore(db: Db, things: Things) {
	const byCode = db.prepare<{ code: string }, LotRow>(
		`SELECT ${lotColumns} WHERE l.code = @code AND ${standing}`
	);
	const byCodeEver = db.prepare<{ code: string }, LotRow>(
		`SELECT ${lotColumns} WHERE l.code = @code`
	);
	const inStock = db.prepare<[], LotRow>(`SELECT ${lotColumns} WHERE l.id IN ${inStockLots}`);
	const byId = db.prepare<{ id: number }, LotRow>(`SELECT ${lotColumns} WHERE l.id = @id`);
	const insertLot = writing(
		db,
		'INSERT INTO lot (id, code, kind, name, act_id) VALUES (@id, @code, @kind, @name, @actId)'
	);
	const lastCode = db.prepare<{ kind: LotKind }, { n: number }>(
		`SELECT coalesce(max(CAST(substr(code, 2) AS INTEGER)), 0) AS n FROM lot WHERE kind = @kind`
	);
	const insertMovement = writing(
		db,
		`INSERT INTO movement (act_id, lot_id, bed_id, account, direction, volume_ul, mass_mg, alters, happened_at_ms, recorded_at_ms, person)
		 VALUES (@actId, @lotId, @bedId, @account, @direction, @volume_ul, @mass_mg, @alters, @happenedAt_ms, @recordedAt_ms, @person)`
	);
	const insertContent = db.prepare<[number | bigint, string, number]>(
		'INSERT INTO content (movement_id, substance, amount_mg) VALUES (?, ?, ?)'
	);
	// A reversed act and its reversal cancel at every moment, so neither counts here.
	const linesOfLot = db.prepare<{ lotId: number }, MovementRow>(
		`${movementSql} JOIN standing_act a ON a.id = m.act_id WHERE m.lot_id = @lotId`
	);
	const ofAct = db.prepare<{ actId: string }, MovementRow>(
		`${movementSql} WHERE m.act_id = @actId ORDER BY m.id`
	);
	const ofLot = db.prepare<{ lotId: number }, MovementRow>(
		`${movementSql} WHERE m.lot_id = @lotId ORDER BY m.happened_at_ms, m.id`
	);

	// By the acts: by the bed it would go through all that ever moved there.
	const ofBed = db.prepare<{ bedId: number; actIds: string }, MovementRow>(
		`${movementSql.replace('FROM movement m', 'FROM json_each(@actIds) i CROSS JOIN movement m ON m.act_id = i.value')} WHERE +m.bed_id = @bedId ORDER BY m.id`
	);

	const standingLines = (lotId: number): (BookLine & Pick<MovementRow, 'alters' | 'act_id'>)[] =>
		linesOfLot.all({ lotId }).map((row) => ({ ...row, contents: toContents(row.contents) }));

	const idOf = db
		.prepare<{ code: string }, number>('SELECT id FROM lot WHERE code = @code')
		.pluck();
	function maybeLot(code: string): Lot | null {
		const row = byCode.get({ code });
		return row ? toLot(row) : null;
	}

	function lotById(id: number): Lot {
		const row = byId.get({ id });
		if (!row) throw new NotFound(`lot ${id}`);
		return toLot(row);
	}

	/** What the books say a lot held at a moment, in the order in which things happened. */
	const heldAt = (lotId: number, at_ms: number): Amount =>
		balanceOf(inOrder(standingLines(lotId).filter((line) => line.happened_at_ms <= at_ms)));

	/**
	 * Write the lines of an act. Each thing that must close comes to nought; no lot may fall below zero
	 * at any moment, and nothing that was taken later may turn out to have been something else. Returns
	 * the first of these instead of writing on; the caller's transaction ends then.
	 */
	function post(stamp: Stamp, lines: readonly NewMovement[]): Posted {
		const open = Object.entries(residue(lines));
		if (open.length > 0)
			throw new RangeError(
				`post: act ${stamp.actId} does not close, ${open.map(([what, mg]) => `${mg} mg of ${what}`).join(', ')} left open`
			);
		const comingFirst = [...lines].sort((a, b) => a.direction.localeCompare(b.direction));
		const altering = new Set<NewMovement>();
		for (const lotId of lotsIn(lines)) {
			const coming = comingFirst.filter((line) => line.lotId === lotId);
			const known = standingLines(lotId);
			for (const line of alteringAmong(known, coming, stamp.happenedAt_ms)) altering.add(line);
			const wrong =
				shortIn(lotId, [...known, ...coming.map(asLine(stamp))]) ??
				laterIn(
					lotId,
					known,
					coming.some((line) => altering.has(line)),
					stamp
				);
			if (wrong) return wrong;
		}
		for (const line of comingFirst) write(stamp, line, altering.has(line));
		return { status: 'posted' };
	}

	/**
	 * Write the opposite of every line of acts whose reversals are already in `act`: what comes back of all of
	 * them before what goes, so that no lot is below zero between two of them.
	 */
	function postReversals(
		reversals: readonly { readonly stamp: Stamp; readonly targetId: string }[]
	): Posted {
		const opposite = reversals.flatMap(({ stamp, targetId }) =>
			ofAct
				.all({ actId: targetId })
				.map(toMovement)
				.map((line) => ({
					stamp: { ...stamp, happenedAt_ms: line.happenedAt_ms },
					line: {
						...line,
						direction: line.direction === 'in' ? ('out' as const) : ('in' as const)
					}
				}))
		);
		for (const lotId of lotsIn(opposite.map(({ line }) => line))) {
			const short = shortIn(lotId, standingLines(lotId));
			if (short) return short;
		}
		const comingFirst = opposite.sort((a, b) => a.line.direction.localeCompare(b.line.direction));
		for (const { stamp, line } of comingFirst) write(stamp, line, false);
		return { status: 'posted' };
	}

	function shortIn(lotId: number, lines: readonly BookLine[]): Posted | undefined {
		const short = firstShortfall(lines);
		return short && { status: 'short', lot: lotById(lotId), ...short };
	}

	/** What happened later and would carry something else, were this written before it. */
	function laterIn(
		lotId: number,
		known: readonly (BookLine & Pick<MovementRow, 'alters' | 'act_id'>)[],
		isAltering: boolean,
		{ happenedAt_ms }: Stamp
	): Posted | undefined {
		const later = known.find(
			(line) =>
				line.happened_at_ms > happenedAt_ms &&
				(line.alters === 1 || (isAltering && line.direction === 'out'))
		);
		return later && { status: 'changes-later', lot: lotById(lotId), actId: later.act_id };
	}

	function write(stamp: Stamp, line: NewMovement, isAltering: boolean): void {
		const { lastInsertRowid } = insertMovement.run({
			actId: stamp.actId,
			happenedAt_ms: stamp.happenedAt_ms,
			recordedAt_ms: stamp.recordedAt_ms,
			person: stamp.person,
			lotId: line.lotId ?? null,
			bedId: line.bedId ?? null,
			account: line.account ?? null,
			direction: line.direction,
			volume_ul: line.volume_ul,
			mass_mg: line.mass_mg,
			alters: isAltering ? 1 : 0
		});
		for (const [substance, amount] of Object.entries(line.contents))
			if (amount > 0) insertContent.run(lastInsertRowid, substance, amount);
	}

	return {
		maybeLot,
		/** Of a lot that ever was. */
		idOf: (code: string): number | undefined => idOf.get({ code }),
		/** Every lot that anything is left of. */
		inStock: (): Lot[] => inStock.all().map(toLot),
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
		lotById,
		heldAt,
		/** The code the next lot of a kind will have; codes are never given twice. */
		nextCode: (kind: LotKind): string =>
			`${kindOf(kind).letter}${(lastCode.get({ kind })?.n ?? 0) + 1}`,
		insertLot: (lot: { code: string; kind: LotKind; name: string; actId: string }): number => {
			const id = things.insert(lot.actId, 'lot');
			insertLot.run({ ...lot, id });
			return id;
		},
		post,
		postReversals,
		ofAct: (actId: string): Movement[] => ofAct.all({ actId }).map(toMovement),
		ofLot: (lotId: number): Movement[] => ofLot.all({ lotId }).map(toMovement),
		/** What some acts moved at a target. */
		ofBed: (bedId: number, actIds: readonly string[]): Movement[] =>
			ofBed.all({ bedId, actIds: JSON.stringify(actIds) }).map(toMovement)
	};
}
