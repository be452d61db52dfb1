import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { litres, metres, squareMetres } from '$lib/core/units';
import type { BedLot } from '../[name]/reckoning';
import { plainStands, soundThing } from '../../../../../tests/fixtures/judged';
import { roundAnswer } from './answer';
import { fieldOf, filled, freshRound, reckonRound, roundFigures, type RoundBed } from './reckoning';

const bed = (name: string, want = 'much', char_l = 0): RoundBed => ({
	name,
	want,
	char_l,
	firstSeason: char_l === 0,
	ground: { area: squareMetres(8), depth: metres(0.15) },
	stands: { ...plainStands, name }
});
const lot = {
	code: 'C4',
	litresLeft: litres(50),
	charShare: { value: 1, low: 1, high: 1 },
	density: { value: 0.2, low: 0.18, high: 0.22 },
	thing: soundThing,
	contents: {}
} as unknown as BedLot;
// A name that an object has of itself must be as good as any other.
const beds = [bed('Mere 2'), bed('__proto__'), bed('Upper 1', 'none')];
const round = (values: Record<string, string>) =>
	reckonRound(
		freshRound({ lot: 'C4', form: 'L/m2', ...values }, beds, [lot], 'metric'),
		beds,
		[lot],
		0,
		{}
	);

describe('a round of the beds', () => {
	it('carries a running balance from bed to bed', () => {
		const reckoned = round({ 'amount:Mere 2': '3', 'amount:__proto__': '2' });
		expect(reckoned?.carried_l).toBeCloseTo(40, 9);
		expect(reckoned?.stops.get('Mere 2')?.after).toBeCloseTo(26, 9);
		expect(reckoned?.stops.get('__proto__')?.after).toBeCloseTo(10, 9);
		expect(wordsOf(roundAnswer(reckoned, 'metric'))).toBe(
			'Two beds get 40 L of C4; it leaves 10 L'
		);
	});

	it('tells its sums by what each bed gets', () => {
		const reckoned = round({ 'amount:Mere 2': '3', 'amount:__proto__': '5' })!;
		const { carried, left, beyond } = roundFigures(reckoned);
		const sum = carried.from.reduce((total, { value }) => total + value, 0);
		expect(sum).toBeCloseTo(carried.value, 9);
		expect([carried.value, left.value, beyond.value].map(Math.round)).toEqual([64, 0, 14]);
		expect(beyond.from.map(({ name }) => name)).toEqual(['Mere 2', '__proto__', 'C4 holds']);
	});

	it('says when it wants more than the lot holds', () =>
		expect(wordsOf(roundAnswer(round({ 'amount:Mere 2': '8' }), 'metric'))).toBe(
			'That is 64 L, 14 L more than C4 holds'
		));

	it('unasked, offers only beds that gain, and never more than the lot', () => {
		const entry = freshRound({ lot: 'C4' }, beds, [lot], 'metric');
		expect(entry.amounts['amount:Upper 1']).toBe('');
		const reckoned = reckonRound(entry, beds, [lot], 0, {});
		expect(reckoned?.carried_l).toBeLessThanOrEqual(50 + 1e-9);
		expect(reckoned?.stops.has('Mere 2')).toBe(true);
		const thin = filled(entry, beds, lot, 'thin');
		expect(Number(thin.amounts[fieldOf(beds[0]!)])).toBe(2);
	});

	it('names a bed whose amount cannot be read', () =>
		expect(round({ 'amount:Mere 2': 'much' })?.unread).toEqual(['Mere 2']));
});
