import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exactly } from '../units';
import {
	carbonModel,
	carbonPartOf,
	carbonShares,
	charFates,
	elsewhere,
	methanes,
	permanences,
	type CarbonPart,
	type CharAct,
	type CharLine
} from './index';

const wood = (kg: number, more: Partial<CarbonPart> = {}): CarbonPart => ({
	...{ char_kg: exactly(kg), class: 'wood', heat: 'hot', methane: 'dry' },
	...more
});
const model = carbonModel();
const netOf = (...parts: CarbonPart[]) => model.of(parts).net;

describe('carbon kept', () => {
	it('has the values of its source', () => {
		expect(Object.values(carbonShares).map(({ value, within }) => [value, within])).toEqual([
			[0.77, 0.42],
			[0.52, 0.52],
			[0.65, 0.45],
			[0.74, 0.39],
			[0.38, 0.49],
			[0.49, 0.41]
		]);
		expect(Object.values(permanences).map(({ value, within }) => [value, within])).toEqual([
			[0.89, 0.13],
			[0.8, 0.11],
			[0.65, 0.15]
		]);
		expect(Object.values(methanes).map(({ mean, sd }) => [mean, sd])).toEqual([
			[30, 60],
			[8, 10]
		]);
	});

	it('is by hand char × 0.77 × 0.89 × 44/12, less 27 times its methane', () => {
		const { gross, methane } = model.of([wood(10)]);
		expect(gross.value).toBeCloseTo(10 * 0.77 * 0.89 * (44 / 12), 0);
		// Median of a lognormal of mean 8 and spread 10.
		expect(methane.value).toBeCloseTo((10 * 8 * 27) / 1000 / Math.sqrt(1 + (10 / 8) ** 2), 1);
	});

	it('a factor of ± 42 % moves the gross by about as much either way', () => {
		const { gross } = model.of([wood(100)]);
		const middle = 100 * 0.77 * 0.89 * (44 / 12);
		expect(gross.low / middle).toBeCloseTo(1 - Math.hypot(0.42, 0.13), 1);
		expect(gross.high / middle).toBeLessThan(0.95 / (0.77 * 0.89));
	});

	it('of a wet and smoky burn may be below nought, of a dry one is not', () => {
		expect(netOf(wood(10, { methane: 'field' })).low).toBeLessThan(0);
		expect(netOf(wood(10)).low).toBeGreaterThan(0);
	});

	it('of many fires is surer than of one: their methane evens out', () => {
		const many = Array.from({ length: 40 }, () => wood(10, { methane: 'field' }));
		const [one, all] = [netOf(wood(10, { methane: 'field' })), netOf(...many)];
		expect((all.high - all.low) / 40).toBeLessThan(one.high - one.low);
		expect(all.low).toBeGreaterThan(0);
	});

	it('very many fires, drawn as their sum, are as many drawn each', () => {
		const parts = (n: number) =>
			Array.from({ length: n }, (_, i) => wood(5 + (i % 4) * 3, { methane: 'field' }));
		const [each, summed] = [model.of(parts(100)).methane, model.of(parts(104)).methane];
		for (const end of ['value', 'low', 'high'] as const)
			expect(Math.abs(summed[end] / 104 / (each[end] / 100) - 1)).toBeLessThan(0.06);
	});

	it('fires are drawn each by itself: of a hundred the doubt is a tenth of that of one', () => {
		const parts = Array.from({ length: 100 }, () => wood(1, { methane: 'field' }));
		const { low, high } = model.of(parts).methane;
		const sd = (60 * 27) / 1000;
		expect((high - low) / 100 / ((2 * 1.96 * sd) / 10)).toBeCloseTo(1, 1);
	});

	it('an own ash share overrides the share of the class, and narrows it', () => {
		const of = model.of([wood(10, { ash: 0.07 })]).gross;
		expect(of.value).toBeCloseTo(10 * 0.93 * 0.88 * 0.89 * (44 / 12), 0);
		const byClass = model.of([wood(10)]).gross;
		expect(of.high - of.low).toBeLessThan(0.6 * (byClass.high - byClass.low));
	});

	it('says what one measure would narrow most', () => {
		const [first] = model.halved([wood(100)]);
		expect(first?.doubt).toBe('share wood');
		expect(first?.width).toBeGreaterThan(0.45);
		expect(first?.width).toBeLessThan(0.8);
		expect(model.halved([wood(10, { methane: 'field' })])[0]?.doubt).toBe('methane field');
		expect(model.halved([wood(100, { ash: 0.07 })])[0]?.doubt).not.toBe('share wood');
		expect(model.halved([])).toEqual([]);
	});

	it('counts what the wood would else have given off only where that is asked', () => {
		const burnt = wood(10, { wood: { kg: 50, else: 'bonfire' } });
		expect(model.of([wood(10)]).else).toEqual({ value: 0, low: 0, high: 0 });
		expect(model.of([burnt]).else.value).toBeCloseTo(
			((50 * 6.1 * 27) / 1000) * (1 / Math.sqrt(1 + (2.2 / 6.1) ** 2)),
			1
		);
		expect(netOf(burnt).value).toBeGreaterThan(netOf(wood(10)).value);
	});

	it('its ends are the same from seed to seed within 1 % of the gross', () => {
		const parts = [wood(40), wood(25, { methane: 'field' }), wood(30, { class: 'herbaceous' })];
		const of = (seed: number) => carbonModel(undefined, seed).of(parts);
		const first = of(1);
		for (const seed of [2, 3, 4, 5, 6])
			for (const end of ['value', 'low', 'high'] as const)
				expect(Math.abs(of(seed).gross[end] - first.gross[end])).toBeLessThan(
					0.01 * first.gross.value
				);
	});

	it('gross never falls with more dry char', () => {
		const small = carbonModel(500);
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 500, noNaN: true }),
				fc.double({ min: 0.01, max: 100, noNaN: true }),
				fc.constantFrom('wood', 'herbaceous', 'straw' as const),
				(kg, more, kind) => {
					const at = (all: number) =>
						small.of([wood(all, { class: kind as CarbonPart['class'] })]).gross;
					for (const end of ['low', 'value', 'high'] as const)
						expect(at(kg + more)[end]).toBeGreaterThanOrEqual(at(kg)[end]);
				}
			),
			{ numRuns: 60 }
		);
	});
});

describe('what a burn counts as', () => {
	const char_kg = exactly(10);
	const of = (more: Partial<Parameters<typeof carbonPartOf>[0]> = {}) =>
		carbonPartOf({ way: 'open-kiln', wood: 'light-hardwood', char_kg, ...more });

	it('is clean only where the books show dry wood and little smoke', () => {
		expect(of()?.methane).toBe('field');
		expect(of({ water: 0.15, smoke_min: 5 })?.methane).toBe('dry');
		expect(of({ water: 0.15 })?.methane).toBe('field');
		expect(of({ water: 0.25, smoke_min: 5 })?.methane).toBe('field');
		expect(of({ water: 0.15, smoke_min: 40 })?.methane).toBe('field');
	});

	it('takes the heat that was read, else the usual one of its way', () => {
		expect(of()?.heat).toBe('hot');
		expect(of({ hottest_c: 520 })?.heat).toBe('warm');
		expect(of({ hottest_c: 420 })?.heat).toBe('cool');
		expect(of({ way: 'retort' })?.heat).toBe('warm');
	});

	it('by its stuff: reed is no wood, barrels gasify, bones are none', () => {
		expect(of({ wood: 'canes' })?.class).toBe('herbaceous');
		expect(of({ way: 'barrel' })?.class).toBe('gasified');
		expect(of({ way: 'barrel', wood: 'shells' })?.class).toBe('shells');
		expect(of({ wood: 'bones' })).toBeUndefined();
	});
});

const line = (
	node: string,
	direction: 'in' | 'out',
	kg: number,
	is: CharLine['is'] = 'lot'
): CharLine => ({ node, direction, kg, is });
const made = (burn: string, lot: string, kg: number): CharAct => ({
	...{ at_ms: 1, burn },
	lines: [line(lot, 'in', kg)]
});

describe('where the char of a fire went', () => {
	it('a mix gives of each by its share, and what went in later is not in what was taken', () => {
		const { onBeds, inLots, gone } = charFates([
			made('F1', 'K1', 6),
			made('F2', 'K2', 4),
			{ at_ms: 2, lines: [line('K1', 'out', 6), line('C1', 'in', 6)] },
			{ at_ms: 3, lines: [line('C1', 'out', 2), line('Mere 2', 'in', 2, 'bed')] },
			{ at_ms: 4, lines: [line('K2', 'out', 4), line('C1', 'in', 4)] },
			{ at_ms: 5, lines: [line('C1', 'out', 4), line('Mere 3', 'in', 4, 'bed')] },
			{ at_ms: 6, lines: [line('C1', 'out', 1), line('given-away', 'in', 1, 'account')] }
		]);
		expect(onBeds.map(({ origin, bed, kg }) => [origin, bed, kg])).toEqual([
			['F1', 'Mere 2', 2],
			['F1', 'Mere 3', 2],
			['F2', 'Mere 3', 2]
		]);
		expect(gone.map(({ origin, to, kg }) => [origin, to, kg])).toEqual([
			['F1', 'given-away', 0.5],
			['F2', 'given-away', 0.5]
		]);
		expect(inLots.get('F1')).toBeCloseTo(1.5, 9);
		expect(inLots.get('F2')).toBeCloseTo(1.5, 9);
	});

	it('what a count or a better density changes falls on what lies there; what is bought is of elsewhere', () => {
		const counted: CharAct = {
			at_ms: 2,
			lines: [line('K1', 'in', 1), line('counted', 'out', 1, 'account')]
		};
		expect(charFates([made('F1', 'K1', 6), counted]).inLots.get('F1')).toBeCloseTo(7, 9);
		const bought: CharAct = {
			at_ms: 1,
			lines: [line('K9', 'in', 3), line('gathered', 'out', 3, 'account')]
		};
		expect(charFates([bought]).inLots.get(elsewhere)).toBeCloseTo(3, 9);
		const less: CharAct = {
			at_ms: 2,
			lines: [line('K1', 'out', 2), line('counted', 'in', 2, 'account')]
		};
		const after = charFates([made('F1', 'K1', 6), less]);
		expect(after.inLots.get('F1')).toBeCloseTo(4, 9);
		expect(after.gone).toEqual([]);
	});

	it('loses nothing: what was made lies in lots, on beds, or went out', () => {
		const lots = ['A', 'B', 'C'];
		const moves = fc.array(
			fc.record({
				from: fc.constantFrom(...lots),
				to: fc.constantFrom(...lots, 'bed', 'lost'),
				share: fc.double({ min: 0.05, max: 1, noNaN: true })
			}),
			{ maxLength: 30 }
		);
		fc.assert(
			fc.property(moves, (all) => {
				const held = new Map([
					['A', 5],
					['B', 3],
					['C', 2]
				]);
				const acts: CharAct[] = [made('F1', 'A', 5), made('F2', 'B', 3), made('F3', 'C', 2)];
				for (const { from, to, share } of all) {
					const kg = (held.get(from) ?? 0) * share;
					if (kg < 1e-3 || from === to) continue;
					held.set(from, (held.get(from) ?? 0) - kg);
					if (held.has(to)) held.set(to, (held.get(to) ?? 0) + kg);
					const is = to === 'bed' ? 'bed' : to === 'lost' ? 'account' : 'lot';
					acts.push({ at_ms: 2, lines: [line(from, 'out', kg), line(to, 'in', kg, is)] });
				}
				const { onBeds, gone, inLots } = charFates(acts);
				for (const [origin, kg] of [
					['F1', 5],
					['F2', 3],
					['F3', 2]
				] as const) {
					const of = (rows: readonly { origin: string; kg: number }[]) =>
						rows.reduce((sum, row) => (row.origin === origin ? sum + row.kg : sum), 0);
					expect(of(onBeds) + of(gone) + (inLots.get(origin) ?? 0)).toBeCloseTo(kg, 4);
				}
			})
		);
	});
});
