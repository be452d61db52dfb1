import { z } from 'zod';
import type { CressTest, ReadyCheck, ReadyTest } from '../../core/charging';
import { inStockLots } from './lot-row';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

export interface LoggedTest extends ReadyTest {
	readonly actId: string;
	readonly lotId: number;
	readonly person: string;
	readonly note: string;
	readonly found: TestFound;
}

/** What a test looked at one by one, its cress as counted, the pH that was read. */
export interface TestFound {
	readonly checks?: readonly ReadyCheck[];
	readonly cress?: CressTest;
	readonly ph?: number;
}

interface TestRow {
	act_id: string;
	lot_id: number;
	passed: number;
	germination_index: number | null;
	happened_at_ms: number;
	person: string;
	note: string;
	found_json: string;
}

export const readTest = jsonOf<TestFound>(
	z.looseObject({
		checks: z.array(z.string()).optional(),
		cress: z.looseObject({ germinated: z.number(), seeds: z.number() }).optional(),
		ph: z.number().optional()
	})
);

const toTest = (row: TestRow): LoggedTest => ({
	actId: row.act_id,
	lotId: row.lot_id,
	at_ms: row.happened_at_ms,
	passed: row.passed === 1,
	...(row.germination_index === null ? {} : { germinationIndex: row.germination_index }),
	person: row.person,
	note: row.note,
	found: readTest(row.found_json)
});

// A test is of what was in the batch then: it lapses when anything is added.
const testSql = `SELECT t.*, a.happened_at_ms, a.person, a.note FROM ready_test t JOIN standing_act a ON a.id = t.act_id
	WHERE NOT EXISTS (SELECT 1 FROM ingredient i JOIN standing_act ia ON ia.id = i.act_id
		WHERE i.batch_lot_id = t.lot_id AND ia.happened_at_ms > a.happened_at_ms)`;

/** Ready tests of batches. */
export function testStore(db: Db) {
	const inStock = db.prepare<[], TestRow>(
		`${testSql} AND t.lot_id IN ${inStockLots} ORDER BY a.happened_at_ms, a.seq`
	);
	const ofLot = db.prepare<{ lotId: number }, TestRow>(
		`${testSql} AND t.lot_id = @lotId ORDER BY a.happened_at_ms, a.seq`
	);
	const insert = writing(
		db,
		'INSERT INTO ready_test (act_id, lot_id, passed, germination_index, found_json) VALUES (@actId, @lotId, @passed, @germinationIndex, @found)'
	);
	return {
		/** Those that still hold, oldest first. */
		of: (lotId: number): LoggedTest[] => ofLot.all({ lotId }).map(toTest),
		/** Every test that still holds of the batches in stock. */
		inStock: (): LoggedTest[] => inStock.all().map(toTest),
		insert: (test: {
			actId: string;
			lotId: number;
			passed: boolean;
			germinationIndex: number | null;
			found?: TestFound;
		}): void => {
			insert.run({
				...test,
				passed: test.passed ? 1 : 0,
				found: toJson(test.found ?? {}, readTest)
			});
		}
	};
}
