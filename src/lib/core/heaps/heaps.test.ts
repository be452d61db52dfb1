import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dryKg, type Contents } from '../ledger';
import { compositionOf, materialOf, type MaterialId } from '../materials';
import { days, hours } from '../time';
import { exactly, kilograms, litres, metres } from '../units';
import {
	ashFor,
	carbonOf,
	castingsOf,
	depthOf,
	feedPerDay,
	fillFor,
	heapCall,
	heapMaterials,
	heapWay,
	heapWindow,
	heatOf,
	judgeFeeding,
	laidLitres,
	leftAfter,
	leftSince,
	litresAt,
	litresLeft,
	lostOf,
	mend,
	mixOf,
	monthsWorked,
	nitrogenLostAt,
	nitrogenToAdd,
	outturnOf,
	paceAt,
	pathGives,
	pathsFor,
	planSoak,
	readyWithin,
	richness,
	sinksBy,
	sinksOf,
	usualAir,
	ways,
	wormRule,
	type HeapPart,
	type HeatReading
} from '.';

const part = (material: MaterialId, litresOf: number): HeapPart => ({
	composition: compositionOf(material),
	measure: { litres: litres(litresOf) }
});
const cnOf = (material: MaterialId) =>
	mixOf([{ composition: compositionOf(material), measure: { kg: kilograms(10) } }]).cn.value;

describe('what a heap is made of', () => {
	// C ÷ N of the dry mass, by hand from the compiled table.
	it.each<[MaterialId, number]>([
		['grass', 45 / 2.7],
		['kitchen-scraps', 42 / 2.6],
		['weeds', 45 / 1.9],
		['coffee-grounds', 48 / 2.3],
		['stable-manure', 42 / 1.5],
		['autumn-leaves', 60],
		['straw', 46 / 0.6],
		['wood-chips', 49 / 0.16],
		['cardboard', 44 / 0.12],
		['urine', 0.8]
	])('%s has the C : N of its table', (material, cn) => {
		expect(cnOf(material) / cn).toBeGreaterThan(0.97);
		expect(cnOf(material) / cn).toBeLessThan(1.03);
	});

	it('is the sum of carbon over the sum of nitrogen, and of water over all that was laid', () => {
		const heap = mixOf([part('grass', 312), part('straw', 390)]);
		const grass = mixOf([part('grass', 312)]);
		const straw = mixOf([part('straw', 390)]);
		expect(heap.cn.value).toBeCloseTo(
			(grass.carbon.value + straw.carbon.value) / (grass.nitrogen.value + straw.nitrogen.value),
			9
		);
		expect(heap.dry.value).toBeCloseTo(grass.dry.value + straw.dry.value, 9);
		expect(heap.volume.value).toBeCloseTo(702, 6);
		expect(heap.coarse).toBeCloseTo(390 / 702, 9);
		expect(heap.cn.low).toBeLessThan(heap.cn.value);
		expect(heap.water.high).toBeGreaterThan(heap.water.value);
	});

	it('fills pores with what is poured on', () => {
		const dry = mixOf([part('straw', 400)]);
		const wet = mixOf([part('straw', 400), part('urine', 20)]);
		expect(wet.volume.value).toBeCloseTo(dry.volume.value, 9);
		expect(wet.water.value).toBeGreaterThan(dry.water.value);
	});

	it('lies between its stuffs, whatever they are', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						of: fc.constantFrom(...heapMaterials.filter((one) => one !== 'garden-soil')),
						l: fc.double({ min: 1, max: 500, noNaN: true })
					}),
					{ minLength: 1, maxLength: 6 }
				),
				(stuffs) => {
					const { cn, water, coarse } = mixOf(stuffs.map(({ of, l }) => part(of, l)));
					const each = stuffs.map(({ of }) => cnOf(of));
					expect(cn.value).toBeGreaterThanOrEqual(Math.min(...each) - 1e-6);
					expect(cn.value).toBeLessThanOrEqual(Math.max(...each) + 1e-6);
					expect(water.value).toBeGreaterThan(0);
					expect(water.value).toBeLessThan(1);
					expect(coarse).toBeGreaterThanOrEqual(0);
					expect(coarse).toBeLessThanOrEqual(1);
				}
			),
			{ numRuns: 100 }
		);
	});

	it('refuses a heap of nothing', () => {
		expect(() => mixOf([])).toThrow(RangeError);
	});
});

describe('mending a heap', () => {
	const atHand = (['straw', 'grass', 'wood-chips', 'urine'] as const).map((id) =>
		compositionOf(id)
	);

	it('brings its C : N to 28 with so much of what is at hand', () => {
		const parts = [part('grass', 400)];
		const [first] = mend(parts, atHand);
		expect(first).toMatchObject({ what: 'carbon' });
		const after = mixOf([...parts, part(first!.material!, first!.litres)]);
		expect(after.cn.value).toBeCloseTo(28, 6);
	});

	it('brings dry straw down with what has nitrogen, and wets it', () => {
		const parts = [part('straw', 400)];
		const mendings = mend(parts, atHand);
		expect(mendings[0]).toMatchObject({ what: 'nitrogen' });
		const { material, litres: volume } = mendings[0]!;
		expect(mixOf([...parts, part(material!, volume)]).cn.value).toBeCloseTo(28, 6);
		const water = mendings.find(({ what }) => what === 'water');
		// 400 L of straw are 24 kg, 21 dry: to 55 % they hold some 26 kg of water.
		expect(water?.litres).toBeGreaterThan(20);
		expect(water?.litres).toBeLessThan(26);
	});

	it('asks for air where everything is fine and lies close', () => {
		const parts = [part('grass', 200), part('autumn-leaves', 500)];
		const mix = mixOf(parts);
		expect(mix.coarse).toBe(0);
		if (mix.cn.value >= 25)
			expect(mend(parts, atHand).some(({ what }) => what === 'air')).toBe(true);
	});

	it('says nothing to a heap that is as it should be', () => {
		const parts = [part('stable-manure', 300), part('grass', 60), part('straw', 140)];
		const { cn, water } = mixOf(parts);
		expect(cn.value).toBeGreaterThan(25);
		expect(cn.value).toBeLessThan(30);
		expect(water.value).toBeGreaterThan(0.6);
		expect(mend(parts, atHand).map(({ what }) => what)).toEqual(['dry']);
	});
});

describe('nitrogen for leaves', () => {
	const leaves = { carbon_g: 48_000, nitrogen_g: 800 };
	it('counts the carbon that comes along: of manure about twice as much', () => {
		const urine = nitrogenToAdd({ ...leaves, target: 35, ofAdded: 0.8 });
		const manure = nitrogenToAdd({ ...leaves, target: 35, ofAdded: 18 });
		expect(urine).toMatchObject({ status: 'add', nitrogen_g: 20_000 / 34.2, isNear: false });
		expect(manure).toMatchObject({ status: 'add', nitrogen_g: 20_000 / 17 });
		const n = urine.status === 'add' ? urine.nitrogen_g : 0;
		expect((48_000 + 0.8 * n) / (800 + n)).toBeCloseTo(35, 9);
	});
	it('refuses where it is there, or can never come there; warns where it is close', () => {
		expect(nitrogenToAdd({ ...leaves, target: 60, ofAdded: 0.8 }).status).toBe('enough');
		expect(nitrogenToAdd({ ...leaves, target: 18, ofAdded: 18 }).status).toBe('never');
		expect(nitrogenToAdd({ ...leaves, target: 20, ofAdded: 18 })).toMatchObject({ isNear: true });
	});
});

describe('a hoop that sinks', () => {
	const ring = { shape: 'ring', across: metres(1.1) } as const;
	it('holds what its ring and depth say, there and back', () => {
		expect(litresAt(ring, metres(1))).toBeCloseTo(950.3, 1);
		expect(depthOf(ring, 950.33)).toBeCloseTo(1, 4);
		expect(litresAt({ shape: 'box', length: metres(2), width: metres(0.5) }, metres(0.4))).toBe(
			400
		);
	});
	it('takes eleven barrows of loose leaves once they are trodden', () => {
		const trodden = laidLitres(11 * 78, 'trodden');
		expect(trodden.value).toBeGreaterThan(300);
		expect(trodden.value).toBeLessThan(480);
		expect(laidLitres(858, 'loose')).toEqual(exactly(858));
		expect(laidLitres(858, 'shredded').value).toBeGreaterThan(trodden.value);
	});
	it('keeps its last litres, goes faster shredded and slower tough, and never grows', () => {
		const plain = sinksOf({ isTough: false, isFast: false });
		expect(leftAfter(plain, 0).value).toBe(1);
		expect(leftAfter(plain, 1e4).value).toBeCloseTo(0.32, 6);
		expect(leftAfter(plain, 11).value).toBeCloseTo(0.32 + 0.68 / Math.E, 9);
		expect(leftAfter(sinksOf({ isTough: false, isFast: true }), 6).value).toBeLessThan(
			leftAfter(plain, 6).value
		);
		expect(leftAfter(sinksOf({ isTough: true, isFast: false }), 6).value).toBeGreaterThan(
			leftAfter(plain, 6).value
		);
		const after = [0, 2, 5, 9, 20].map((t) => leftAfter(plain, t).value);
		expect(after.toSorted((a, b) => b - a)).toEqual(after);
	});
	it('goes through what a stick read, within three times either way', () => {
		const plain = sinksOf({ isTough: false, isFast: false });
		fc.assert(
			fc.property(
				fc.double({ min: 0.45, max: 0.9, noNaN: true }),
				fc.integer({ min: 2, max: 14 }),
				(read, t) => {
					const by = sinksBy(plain, read, t);
					const isHeld =
						by.months.value > plain.months.value / 2.99 &&
						by.months.value < plain.months.value * 2.99;
					if (isHeld) expect(leftAfter(by, t).value).toBeCloseTo(read, 6);
					expect(by.months.low).toBeLessThan(by.months.high);
				}
			)
		);
		expect(sinksBy(plain, 0.2, 6).months.value).toBeCloseTo(11 / 3, 9);
		expect(sinksBy(plain, 1.2, 6).months.value).toBeCloseTo(33, 9);
		expect(sinksBy(plain, 0.5, 0)).toBe(plain);
	});
	it('goes on from what a stick read, and never above it', () => {
		const plain = sinksOf({ isTough: false, isFast: false });
		expect(leftSince(plain, 0.6, 0)).toEqual(exactly(0.6));
		expect(leftSince(plain, 0.6, 1e4).value).toBeCloseTo(0.32, 6);
		expect(leftSince(plain, 0.3, 5).value).toBeCloseTo(0.3, 12);
		const later = [0, 1, 4, 9].map((t) => leftSince(plain, 0.7, t).value);
		expect(later.toSorted((a, b) => b - a)).toEqual(later);
	});
	it('works by the warmth of the year: nothing in frost, double for ten degrees', () => {
		expect(paceAt(3)).toBe(0);
		expect(paceAt(25) / paceAt(15)).toBeCloseTo(2, 12);
		expect(paceAt(60)).toBe(paceAt(35));
		const july = Date.UTC(2026, 6, 24);
		expect(usualAir(july, 54)).toBeCloseTo(10.8 + 8.1, 1);
		expect(usualAir(july, -54)).toBeLessThan(5);
		const year = monthsWorked(july, july + days(365), 54);
		expect(year).toBeGreaterThan(5);
		expect(year).toBeLessThan(11);
		expect(monthsWorked(july, july)).toBe(0);
	});
});

describe('the heat of a heap', () => {
	const read = (hour: number, ...probes: number[]): HeatReading => ({ at_ms: hours(hour), probes });
	it.each<[string, HeatReading[], number]>([
		['nothing read', [], 0],
		['one reading vouches for nothing', [read(0, 62)], 0],
		['two a day apart', [read(0, 62, 58, 55), read(24, 60, 57, 56)], 1],
		['two further apart do not count', [read(0, 62), read(25, 62)], 0],
		['one probe below is not hot', [read(0, 62, 54), read(12, 62, 58)], 0],
		['a gap in the middle', [read(0, 60), read(12, 60), read(60, 60), read(72, 60)], 1],
		['it fell in between', [read(0, 60), read(12, 50), read(24, 60)], 0],
		['out of order as they were typed', [read(24, 60), read(0, 60), read(12, 60)], 1]
	])('%s', (_, log, hot_days) => {
		expect(heatOf(log, []).hot_days).toBeCloseTo(hot_days, 9);
	});

	it('counts as a windrow only with fifteen days and five turnings', () => {
		const log = Array.from({ length: 33 }, (_, i) => read(i * 12, 60, 58));
		const turned = [3, 6, 9, 12, 15].map(days);
		expect(heatOf(log, turned)).toMatchObject({ hot_days: 16, turnings: 5, isHot: true });
		expect(heatOf(log, turned.slice(1)).isHot).toBe(false);
		expect(heatOf(log.slice(4), turned).isHot).toBe(false);
		expect(heatOf(log, [...turned.slice(1), days(40)]).isHot).toBe(false);
	});

	it('calls for turning when it is too hot, when it fell, and when it smells', () => {
		expect(heapCall([read(72, 71, 66)], [])).toEqual({ why: 'too-hot', does: 'turn' });
		expect(heapCall([read(0, 60), read(48, 62), read(96, 49)], [])).toEqual({
			why: 'falling',
			does: 'turn'
		});
		expect(heapCall([read(0, 60), read(96, 49)], [hours(97)])).toBeUndefined();
		expect(heapCall([read(0, 40)], [])).toBeUndefined();
		expect(heapCall([], [], { is: 'ammonia', at_ms: 5 })).toEqual({
			why: 'ammonia',
			does: 'cover'
		});
		expect(heapCall([], [days(1)], { is: 'sour', at_ms: 5 })).toBeUndefined();
	});
});

describe('what comes out', () => {
	const mix = { cn: 27, coarse: 0.3, char: 0, isCovered: true };
	it('loses nitrogen by its C : N, less with char, and potash to the rain', () => {
		expect(nitrogenLostAt(15)).toMatchObject({ low: 0.3, high: 0.5 });
		expect(nitrogenLostAt(28)).toMatchObject({ low: 0.15, high: 0.3 });
		expect(nitrogenLostAt(40)).toMatchObject({ low: 0.05, high: 0.15 });
		const plain = lostOf('compost', mix);
		const withChar = lostOf('compost', { ...mix, char: 0.07 });
		expect(withChar.nitrogen.value).toBeCloseTo(plain.nitrogen.value * 0.75, 9);
		expect(withChar.nitrogen.high).toBe(plain.nitrogen.high);
		expect(lostOf('compost', { ...mix, isCovered: false }).potassium.high).toBe(0.2);
		expect(lostOf('compost', { ...mix, coarse: 0.9 }).dry.value).toBeLessThan(plain.dry.value);
		expect(lostOf('leaf-mould', mix).dry).toMatchObject({ low: 0.5, high: 0.7 });
	});

	it('closes to the milligram, whatever went in', () => {
		fc.assert(
			fc.property(
				fc.record({
					other: fc.integer({ min: 0, max: 1e9 }),
					char: fc.integer({ min: 0, max: 1e8 }),
					ash: fc.integer({ min: 0, max: 1e7 }),
					nitrogen: fc.integer({ min: 0, max: 1e7 }),
					phosphorus: fc.integer({ min: 0, max: 1e6 }),
					potassium: fc.integer({ min: 0, max: 1e7 })
				}),
				fc.constantFrom(...ways.map(({ id }) => id)),
				fc.double({ min: 5, max: 80, noNaN: true }),
				(went: Contents, way, cn) => {
					const lost = lostOf(way, { ...mix, cn });
					const { stays, goes } = outturnOf(went, lost);
					for (const of of Object.keys(went) as (keyof Contents)[])
						expect((stays[of] ?? 0) + (goes[of] ?? 0)).toBe(went[of]);
					expect(stays.char ?? 0).toBe(went.char);
					expect(stays.ash ?? 0).toBe(went.ash);
					expect(stays.phosphorus ?? 0).toBe(went.phosphorus);
					if (dryKg(went) > 0) {
						const n = richness(went, lost)!;
						expect(n.low).toBeLessThanOrEqual(n.value + 1e-9);
						expect(n.value).toBeLessThanOrEqual(n.high + 1e-9);
					}
				}
			)
		);
	});

	it('is half of the litres at most, and so told', () => {
		expect(litresLeft('compost', 870)).toMatchObject({ low: 348, high: 522 });
		expect(litresLeft('leaf-mould', 400).value).toBeCloseTo(130, 9);
	});
});

describe('a path that is filled', () => {
	const path = { length_m: 9, width_m: 0.45, filled_m: 0.3 };
	it('gives half of its fill, and mulches as much as that', () => {
		const gives = pathGives(path, 0.05);
		expect(gives.filled_l).toBeCloseTo(1215, 6);
		expect(gives.out_l).toMatchObject({ value: expect.closeTo(607.5, 6) as number });
		expect(gives.out_l.low).toBeCloseTo(486, 6);
		expect(gives.out_l.high).toBeCloseTo(729, 6);
		expect(gives.mulches_m2.value).toBeCloseTo(12.15, 6);
	});
	it('is filled as deep as a mulch wants, back and forth', () => {
		const fill = fillFor(path, 12.15, 0.05);
		expect(fill.value).toBeCloseTo(0.3, 9);
		expect(fill.low).toBeLessThan(0.3);
		expect(pathsFor(path, 12.15, 0.05)).toBe(1);
		expect(pathsFor(path, 6 * 5.28, 0.05)).toBe(3);
	});
});

describe('worms', () => {
	it('eat by their warmth', () => {
		expect(feedPerDay(20)).toMatchObject({ low: 0.5, high: 1 });
		expect(feedPerDay(12).value).toBeCloseTo(0.375, 9);
		expect(feedPerDay(4).value).toBe(0);
		expect(feedPerDay(31).value).toBe(0);
		expect(feedPerDay(5).value).toBe(0);
	});
	it('are not fed twenty litres in one go in July', () => {
		const feeding = { kg: 10, litres: 20, area_m2: 0.25, temperature_c: 22 };
		expect(judgeFeeding(feeding)).toMatchObject({ says: 'too-thick', deep_m: 0.08 });
		expect(judgeFeeding({ ...feeding, temperature_c: 32 }).says).toBe('too-hot');
		expect(judgeFeeding({ ...feeding, temperature_c: 3 })).toMatchObject({
			says: 'too-cold',
			eaten_days: undefined
		});
		expect(judgeFeeding({ ...feeding, kg: 2, litres: 4 }).says).toBe('fine');
		expect(judgeFeeding({ ...feeding, kg: 4, litres: 8, daysSince: 1 }).says).toBe('too-much');
		expect(castingsOf(10)).toEqual({ value: 2.5, low: 2, high: 3 });
		expect(wormRule.deepest_m).toBe(0.04);
	});
});

describe('ash that soaks up urine', () => {
	it('keeps the nitrogen of fresh urine, and loses most of what stood', () => {
		const fresh = planSoak({ ash_kg: 10, urine: 'fresh' });
		const stored = planSoak({ ash_kg: 10, urine: 'stored' });
		expect(fresh.urine_l).toMatchObject({ low: 6, high: 9 });
		expect(fresh.nitrogen_g.value).toBeCloseTo(7.5 * 6 * 0.8, 9);
		expect(stored.nitrogen_g.value).toBeCloseTo(7.5 * 6 * 0.25, 9);
		expect(fresh.dry_kg.value).toBeCloseTo(10 + 7.5 * 0.05, 9);
	});
	it('says how much ash takes up so much urine', () => {
		expect(ashFor(9)).toMatchObject({ low: 10, high: 15 });
	});
	it('judges fresh as stored once its pH falls below 10', () => {
		expect(planSoak({ ash_kg: 10, urine: 'fresh', ph: 12 }).isHeld).toBe(true);
		expect(planSoak({ ash_kg: 10, urine: 'fresh', ph: 9.4 }).kept.high).toBe(0.4);
		expect(planSoak({ ash_kg: 10, urine: 'stored', ph: 12 }).isHeld).toBe(false);
	});
});

describe('when it is ready', () => {
	const start = Date.UTC(2025, 10, 1);
	const plain = { isTough: false, isFast: false, times: 1 };
	it('is a range by way, later for tough leaves, sooner shredded', () => {
		const { best_ms } = readyWithin('leaf-mould', start, plain);
		expect(best_ms).toEqual([start + days(365), start + days(730)]);
		expect(readyWithin('leaf-mould', start, { ...plain, isTough: true }).best_ms[1]).toBe(
			start + days(730 * 2.4)
		);
		expect(readyWithin('leaf-mould', start, { ...plain, isFast: true }).best_ms[0]).toBeLessThan(
			best_ms[0]
		);
	});
	it('comes in the order of time, by every way', () => {
		for (const { id } of ways) {
			const { usable_ms, best_ms, fading_ms, past_ms } = heapWindow(id, start, plain);
			const all = [start, usable_ms!, best_ms!, fading_ms!, past_ms!];
			expect(all.toSorted((a, b) => a - b)).toEqual(all);
		}
	});
});

describe('its tables', () => {
	it('have carbon for every stuff of a heap, and give a material of the books', () => {
		for (const id of heapMaterials) {
			expect(materialOf(id).id).toBe(id);
			const { ofDry, g_per_L } = carbonOf(id)!;
			expect((ofDry ?? 0) > 0 || (g_per_L ?? 0) > 0, id).toBe(true);
		}
		for (const way of ways) {
			expect(materialOf(way.gives)).toBeDefined();
			expect(way.source).not.toBe('');
			expect(way.left.low).toBeLessThan(way.left.high);
			expect(heapWay(way.id)).toBe(way);
		}
		expect(() => heapWay('silo' as never)).toThrow(RangeError);
	});
});
