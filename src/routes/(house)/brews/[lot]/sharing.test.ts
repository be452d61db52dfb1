import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainStands, soundThing } from '../../../../../tests/fixtures/judged';
import { shareOut, type ShareBed, type ShareTyped } from './sharing';

const bed = (name: string, area = 8): ShareBed => ({
	name,
	pieces: 1,
	area_m2: area,
	size: { watered: 'area', size: area },
	last_ms: null,
	stands: { ...plainStands, name, area_m2: area }
});
const beds = [bed('Mere 2'), bed('Upper 4', 5), bed('Middle 5', 7)];
const typed = (amounts: Record<string, string>, more: Partial<ShareTyped> = {}): ShareTyped => ({
	parts: '4',
	onto: 'soil',
	basis: 'diluted',
	first: '',
	can: '9 L',
	amounts,
	salt: '',
	seedlings: false,
	...more
});
const brew = (held_l: number) => ({ held_l, contents: {}, thing: soundThing });

describe('sharing a brew out', () => {
	it('turns litres as they are poured into litres of brew', () => {
		const shared = shareOut(brew(22), typed({ 'Mere 2': '24 L', 'Middle 5': '60' }), beds, 0, {});
		expect(shared?.goes_l).toBe(110);
		expect(shared?.stops.map((stop) => stop.bed)).toEqual(['Mere 2', 'Middle 5']);
		expect(shared?.needs_l).toBeCloseTo(16.8, 9);
		expect(shared?.left_l).toBeCloseTo(5.2, 9);
		expect(shared?.fills).toMatchObject({ whole: 9 });
		expect(shareOut(brew(22), typed({}, { parts: 'x' }), beds, 0, {})).toBeUndefined();
		expect(shareOut(brew(22), typed({ 'Mere 2': 'much' }), beds, 0, {})?.stops).toEqual([
			{ bed: 'Mere 2' }
		]);
	});

	it('reads rates by the ground, and litres of the brew itself where they are told so', () => {
		const rate = shareOut(brew(22), typed({ 'Mere 2': '3 L/m2' }), beds, 0, {});
		expect(rate?.total_l).toBeCloseTo(24, 9);
		const neat = shareOut(brew(22), typed({ 'Mere 2': '2 L' }, { basis: 'brew' }), beds, 0, {});
		expect(neat?.total_l).toBeCloseTo(10, 9);
		expect(neat?.needs_l).toBeCloseTo(2, 9);
		// Twelve plants want twelve litres, whatever the bed: that is not odd.
		const plants = shareOut(brew(22), typed({ 'Mere 2': '4 plants' }), beds, 0, {});
		expect(plants?.stops[0]).toMatchObject({ total_l: 4 });
		expect(plants?.stops[0]?.odd).toBeUndefined();
		expect(shareOut(brew(22), typed({ 'Mere 2': '240 L' }), beds, 0, {})?.stops[0]?.odd).toEqual({
			low_l: 16,
			high_l: 40
		});
	});

	it('tells what is wanting until somebody says who goes first, and then serves in that turn', () => {
		const amounts = { 'Mere 2': '40 L', 'Upper 4': '25 L', 'Middle 5': '35 L' };
		const short = shareOut(brew(10), typed(amounts), beds, 0, {})!;
		expect(short.short_l).toBeCloseTo(10, 9);
		const served = shareOut(brew(10), typed(amounts, { first: 'as-listed' }), beds, 0, {})!;
		expect(served.stops.map(({ gets_l }) => Math.round(gets_l ?? 0))).toEqual([40, 10, 0]);
		expect(served.left_l).toBeCloseTo(0, 9);
	});

	it('adds up: what the beds take and what is left are what there was', () => {
		const amounts = fc.dictionary(
			fc.constantFrom('Mere 2', 'Upper 4', 'Middle 5'),
			fc.integer({ min: 1, max: 30 })
		);
		fc.assert(
			fc.property(amounts, fc.integer({ min: 0, max: 20 }), (asked, parts) => {
				const asTyped = Object.fromEntries(Object.entries(asked).map(([k, n]) => [k, `${n} L`]));
				const shared = shareOut(
					brew(22),
					typed(asTyped, { parts: String(parts), first: 'all-alike' }),
					beds,
					0,
					{}
				)!;
				const poured = shared.stops.reduce((sum, { brew_l }) => sum + (brew_l ?? 0), 0);
				expect(poured + shared.left_l).toBeCloseTo(22, 9);
				expect(poured * (1 + parts)).toBeCloseTo(shared.total_l, 9);
			})
		);
	});
});
