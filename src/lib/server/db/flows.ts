import { handedDown, type ActLine, type TimedFlow } from '../../core/ledger';
import type { LotKind } from '../../core/kinds';
import { contentsSql, toContents } from './movements';
import type { Db } from './open';

/** A flow with what was done, when and by whom. */
export interface LoggedFlow extends TimedFlow {
	readonly verb: string;
	readonly person: string;
	/** Of a taker that is a lot. */
	readonly toId: number | null;
}

export interface NamedLot {
	readonly code: string;
	readonly kind: LotKind;
	readonly name: string;
}

interface LineRow {
	act_id: string;
	code: string | null;
	bed: string | null;
	account: string | null;
	direction: 'in' | 'out';
	volume_ul: number;
	mass_mg: number;
	contents: string | null;
}

/** A node of a trace: a lot by its code, a bed as `bed:` and its name. */
export const bedNode = (name: string): string => `bed:${name}`;

/** Newest spreads of a bed, a page of them. */
export interface SpreadsPage {
	readonly most: number;
	readonly skip: number;
}

/** Asked for one by one: joined, the view of names would go over every thing there is. */
const codeOf = (id: string) => `(SELECT t.code FROM lot t WHERE t.id = ${id})`;
const bedName = (id: string) => `(SELECT c.name FROM thing_called c WHERE c.id = ${id})`;

// Every step found carries its act with it, so that nothing is looked up twice.
const step =
	'f.act_id, f.seq, f.verb, f.happened_at_ms, f.person, f.from_lot_id, f.to_lot_id, f.to_bed_id';
const way = 'way(act_id, seq, verb, at_ms, person, from_lot_id, to_lot_id, to_bed_id)';
const ways = {
	back: `JOIN flow f ON f.to_lot_id = way.from_lot_id`,
	forward: `JOIN flow f ON f.from_lot_id = way.to_lot_id`
};
/**
 * All that hangs together with some flows, whatever the order in which it happened: what of it is ancestry is
 * for the walk of core to say.
 */
const hangingOn = (seed: string, direction: keyof typeof ways) =>
	`${way} AS (${seed} UNION SELECT ${step} FROM way ${ways[direction]})
	SELECT pl.code AS "from", coalesce(${codeOf('w.to_lot_id')}, 'bed:' || ${bedName('w.to_bed_id')}) AS "to", w.to_lot_id AS toId, w.act_id AS act, w.seq, w.verb, w.at_ms, w.person
	FROM way w CROSS JOIN lot pl ON pl.id = w.from_lot_id
	ORDER BY w.at_ms, w.seq`;

/** What went from where to where, in acts that stand: the grounds of traces and of quarantine. */
export function flowStore(db: Db) {
	const holds = db.prepare<[], { id: number; code: string; reason: string }>(
		`SELECT lot_id AS id, code, reason FROM (
			SELECT q.lot_id, l.code, q.held, q.reason, max(a.seq) FROM quarantine q JOIN standing_act a ON a.id = q.act_id
			JOIN lot l ON l.id = q.lot_id GROUP BY q.lot_id
		) WHERE held = 1`
	);
	const releases = db.prepare<[], { id: number; code: string; reason: string }>(
		`SELECT lot_id AS id, code, act_id AS reason FROM (
			SELECT q.lot_id, l.code, q.held, q.act_id, max(a.seq) FROM quarantine q JOIN standing_act a ON a.id = q.act_id
			JOIN lot l ON l.id = q.lot_id GROUP BY q.lot_id
		) WHERE held = 0`
	);
	/** What is said of some lots, and so of all that was made of them. */
	const saidOf = (own: readonly { id: number; code: string; reason: string }[]) => {
		if (own.length === 0) return new Map<number, readonly string[]>();
		const flows = forward.all({ lotIds: JSON.stringify(own.map(({ id }) => id)) });
		const reasons = handedDown(flows, new Map(own.map(({ code, reason }) => [code, [reason]])));
		const known = new Map([
			...own.map(({ id, code }) => [code, id] as const),
			...flows.flatMap(({ to, toId }) => (toId === null ? [] : [[to, toId] as const]))
		]);
		return new Map(
			[...reasons].flatMap(([node, why]) => {
				const id = known.get(node);
				return id === undefined ? [] : [[id, [...why]] as const];
			})
		);
	};
	const toLot = db.prepare<{ lotId: number }, LoggedFlow>(
		`WITH RECURSIVE ${hangingOn(`SELECT ${step} FROM flow f WHERE f.to_lot_id = @lotId`, 'back')}`
	);
	// A bed is spread on for as long as there are books: its way is asked for some spreads at a time.
	const toBed = db.prepare<{ acts: string }, LoggedFlow>(
		`WITH RECURSIVE arrived(act_id) AS (SELECT value FROM json_each(@acts)), ${hangingOn(`SELECT ${step} FROM arrived JOIN flow f ON f.act_id = arrived.act_id`, 'back')}`
	);
	const forward = db.prepare<{ lotIds: string }, LoggedFlow>(
		`WITH RECURSIVE ${hangingOn(`SELECT ${step} FROM json_each(@lotIds) j JOIN flow f ON f.from_lot_id = j.value`, 'forward')}`
	);
	const linesOf = db.prepare<{ acts: string }, LineRow>(
		`SELECT m.act_id, ${codeOf('m.lot_id')} AS code, ${bedName('m.bed_id')} AS bed, m.account, m.direction, m.volume_ul, m.mass_mg, ${contentsSql} AS contents
		 FROM json_each(@acts) j JOIN movement m ON m.act_id = j.value
		 WHERE m.account IS NULL OR m.account = 'gas-and-ash' ORDER BY m.id`
	);

	const allLinesOf = db.prepare<{ act: string }, LineRow>(
		`SELECT m.act_id, ${codeOf('m.lot_id')} AS code, ${bedName('m.bed_id')} AS bed, m.account, m.direction, m.volume_ul, m.mass_mg, ${contentsSql} AS contents
		 FROM movement m
		 WHERE m.act_id = @act ORDER BY m.id`
	);

	const lots = db.prepare<{ codes: string }, NamedLot>(
		'SELECT l.code, l.kind, l.name FROM json_each(@codes) j JOIN lot l ON l.code = j.value'
	);

	return {
		/** Every flow that hangs together with what went into a lot, oldest first. */
		toLot: (lotId: number): LoggedFlow[] => toLot.all({ lotId }),
		/** The same of some spreads of a bed, by their acts. */
		toBed: (acts: readonly string[]): LoggedFlow[] => toBed.all({ acts: JSON.stringify(acts) }),
		/** Every flow that hangs together with what was taken from a lot. */
		forward: (lotId: number): LoggedFlow[] => forward.all({ lotIds: JSON.stringify([lotId]) }),
		/** The lines of acts at lots, beds, and gas and ash, by act. */
		linesOf: (acts: readonly string[]): Map<string, ActLine[]> => {
			const byAct = new Map<string, ActLine[]>();
			for (const row of linesOf.all({ acts: JSON.stringify(acts) }))
				byAct.set(row.act_id, [...(byAct.get(row.act_id) ?? []), toLine(row)]);
			return byAct;
		},
		/** Every line of one act, what came from outside or left with it too. */
		allLinesOf: (act: string): ActLine[] => allLinesOf.all({ act }).map(toLine),
		/** What lots are, many at once. */
		lots: (codes: readonly string[]): NamedLot[] => lots.all({ codes: JSON.stringify(codes) }),
		/** Every lot that may not move, with the reason: held itself, or made of one that is. */
		held: (): ReadonlyMap<number, string> =>
			new Map([...saidOf(holds.all())].map(([id, why]) => [id, why.join('; ')])),
		/** Every lot that a lifted quarantine lets move, with the acts that lifted it. */
		released: (): ReadonlyMap<number, readonly string[]> => saidOf(releases.all())
	};
}

const toLine = (row: LineRow): ActLine => ({
	node: row.code ?? (row.bed === null ? (row.account ?? '') : bedNode(row.bed)),
	direction: row.direction,
	volume_ul: row.volume_ul,
	mass_mg: row.mass_mg,
	contents: toContents(row.contents)
});
