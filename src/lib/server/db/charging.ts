import type { PartnerId, ReadyTest, SchoolId } from '../../core/charging';
import { inStockLots } from './ledger';
import type { Db } from './open';

export interface Charge {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	/** The fire its char came from. */
	readonly burnId: number;
	readonly school: SchoolId;
	readonly partner: PartnerId;
	readonly vesselVersionId: number | null;
	readonly char_l: number;
	readonly partner_l: number;
	readonly water_l: number;
	readonly temperature_c: number;
	readonly mix_l: number;
	readonly charShare: { readonly value: number; readonly low: number; readonly high: number };
	readonly density: { readonly value: number; readonly low: number; readonly high: number };
	readonly mineralN: { readonly value: number; readonly low: number; readonly high: number };
	readonly totalN_g: number;
	readonly volume_ml: number;
	readonly dry_g: number;
	readonly startedAt_ms: number;
	/** A soak that was drained and taken out of its tub. */
	readonly drainedAt_ms: number | null;
}

export type NewCharge = Omit<
	Charge,
	'code' | 'name' | 'actId' | 'burnId' | 'volume_ml' | 'dry_g' | 'startedAt_ms' | 'drainedAt_ms'
>;

export interface PartnerLot {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly partner: PartnerId;
	readonly volume_ml: number;
}

export interface LoggedTest extends ReadyTest {
	readonly actId: string;
	readonly lotId: number;
	readonly person: string;
	readonly note: string;
}

interface ChargeRow {
	lot_id: number;
	code: string;
	name: string;
	act_id: string;
	burn_id: number;
	school: SchoolId;
	partner: PartnerId;
	vessel_version_id: number | null;
	char_l: number;
	partner_l: number;
	water_l: number;
	temperature_c: number;
	mix_l: number;
	char_share: number;
	char_share_low: number;
	char_share_high: number;
	density_kg_per_l: number;
	density_low_kg_per_l: number;
	density_high_kg_per_l: number;
	mineral_n_g_per_kg: number;
	mineral_n_low_g_per_kg: number;
	mineral_n_high_g_per_kg: number;
	total_n_g: number;
	volume_ml: number;
	dry_g: number;
	happened_at_ms: number;
	drained_at_ms: number | null;
}

const toCharge = (row: ChargeRow): Charge => ({
	lotId: row.lot_id,
	code: row.code,
	name: row.name,
	actId: row.act_id,
	burnId: row.burn_id,
	school: row.school,
	partner: row.partner,
	vesselVersionId: row.vessel_version_id,
	char_l: row.char_l,
	partner_l: row.partner_l,
	water_l: row.water_l,
	temperature_c: row.temperature_c,
	mix_l: row.mix_l,
	charShare: { value: row.char_share, low: row.char_share_low, high: row.char_share_high },
	density: {
		value: row.density_kg_per_l,
		low: row.density_low_kg_per_l,
		high: row.density_high_kg_per_l
	},
	mineralN: {
		value: row.mineral_n_g_per_kg,
		low: row.mineral_n_low_g_per_kg,
		high: row.mineral_n_high_g_per_kg
	},
	totalN_g: row.total_n_g,
	volume_ml: row.volume_ml,
	dry_g: row.dry_g,
	startedAt_ms: row.happened_at_ms,
	drainedAt_ms: row.drained_at_ms
});

interface TestRow {
	act_id: string;
	lot_id: number;
	passed: number;
	germination_index: number | null;
	happened_at_ms: number;
	person: string;
	note: string;
}

const toTest = (row: TestRow): LoggedTest => ({
	actId: row.act_id,
	lotId: row.lot_id,
	at_ms: row.happened_at_ms,
	person: row.person,
	note: row.note,
	passed: row.passed === 1,
	...(row.germination_index === null ? {} : { germinationIndex: row.germination_index })
});

const chargeSql = `SELECT c.*, l.code, l.name, l.act_id, b.volume_ml, b.dry_g, a.happened_at_ms,
	(SELECT min(da.happened_at_ms) FROM drained d JOIN standing_act da ON da.id = d.act_id WHERE d.lot_id = c.lot_id) AS drained_at_ms,
	(SELECT k.burn_id FROM movement m JOIN char_lot k ON k.lot_id = m.lot_id WHERE m.act_id = l.act_id AND m.volume_ml < 0) AS burn_id
	FROM charge c JOIN lot l ON l.id = c.lot_id JOIN standing_act a ON a.id = l.act_id JOIN balance b ON b.lot_id = l.id`;

export function chargingStore(db: Db) {
	const inStock = db.prepare<[], ChargeRow>(
		`${chargeSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const byLot = db.prepare<{ lotId: number }, ChargeRow>(`${chargeSql} WHERE c.lot_id = @lotId`);
	const byCode = db.prepare<{ code: string }, ChargeRow>(`${chargeSql} WHERE l.code = @code`);
	const insert = db.prepare(
		`INSERT INTO charge (lot_id, school, partner, vessel_version_id, char_l, partner_l, water_l, temperature_c, mix_l,
			char_share, char_share_low, char_share_high, density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l,
			mineral_n_g_per_kg, mineral_n_low_g_per_kg, mineral_n_high_g_per_kg, total_n_g)
		 VALUES (@lotId, @school, @partner, @vesselVersionId, @char_l, @partner_l, @water_l, @temperature_c, @mix_l,
			@share, @shareLow, @shareHigh, @density, @densityLow, @densityHigh, @n, @nLow, @nHigh, @totalN_g)`
	);
	const insertDrained = db.prepare('INSERT INTO drained (act_id, lot_id) VALUES (@actId, @lotId)');
	const tests = db.prepare<[], TestRow>(
		`SELECT t.*, a.happened_at_ms, a.person, a.note FROM ready_test t
		 JOIN standing_act a ON a.id = t.act_id WHERE t.lot_id IN ${inStockLots} ORDER BY a.happened_at_ms, a.seq`
	);
	const testByAct = db.prepare<{ actId: string }, TestRow>(
		`SELECT t.*, a.happened_at_ms, a.person, a.note FROM ready_test t JOIN standing_act a ON a.id = t.act_id WHERE t.act_id = @actId`
	);
	const testsOf = db.prepare<{ lotId: number }, TestRow>(
		`SELECT t.*, a.happened_at_ms, a.person, a.note FROM ready_test t JOIN standing_act a ON a.id = t.act_id
		 WHERE t.lot_id = @lotId ORDER BY a.happened_at_ms, a.seq`
	);
	const insertTest = db.prepare(
		'INSERT INTO ready_test (act_id, lot_id, passed, germination_index) VALUES (@actId, @lotId, @passed, @germinationIndex)'
	);
	const partners = db.prepare<[], PartnerLot>(
		`SELECT p.lot_id AS lotId, l.code, l.name, p.partner, b.volume_ml FROM partner_lot p JOIN lot l ON l.id = p.lot_id
		 JOIN standing_act a ON a.id = l.act_id JOIN balance b ON b.lot_id = l.id WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const insertPartner = db.prepare(
		'INSERT INTO partner_lot (lot_id, partner) VALUES (@lotId, @partner)'
	);
	return {
		inStock: (): Charge[] => inStock.all().map(toCharge),
		byLot: (lotId: number): Charge | null => {
			const row = byLot.get({ lotId });
			return row ? toCharge(row) : null;
		},
		maybeOne: (code: string): Charge | null => {
			const row = byCode.get({ code });
			return row ? toCharge(row) : null;
		},
		insert: (c: NewCharge): void => {
			insert.run({
				lotId: c.lotId,
				school: c.school,
				partner: c.partner,
				vesselVersionId: c.vesselVersionId,
				char_l: c.char_l,
				partner_l: c.partner_l,
				water_l: c.water_l,
				temperature_c: c.temperature_c,
				mix_l: c.mix_l,
				share: c.charShare.value,
				shareLow: c.charShare.low,
				shareHigh: c.charShare.high,
				density: c.density.value,
				densityLow: c.density.low,
				densityHigh: c.density.high,
				n: c.mineralN.value,
				nLow: c.mineralN.low,
				nHigh: c.mineralN.high,
				totalN_g: c.totalN_g
			});
		},
		insertDrained: (drained: { actId: string; lotId: number }): void => {
			insertDrained.run(drained);
		},
		testsOf: (lotId: number): LoggedTest[] => testsOf.all({ lotId }).map(toTest),
		/** Every test of the charges in stock. */
		testsInStock: (): LoggedTest[] => tests.all().map(toTest),
		testByAct: (actId: string): LoggedTest | null => {
			const row = testByAct.get({ actId });
			return row ? toTest(row) : null;
		},
		insertTest: (test: {
			actId: string;
			lotId: number;
			passed: boolean;
			germinationIndex: number | null;
		}): void => {
			insertTest.run({ ...test, passed: test.passed ? 1 : 0 });
		},
		/** Those with anything left. */
		partnersInStock: (): PartnerLot[] => partners.all(),
		insertPartner: (partner: { lotId: number; partner: PartnerId }): void => {
			insertPartner.run(partner);
		}
	};
}
