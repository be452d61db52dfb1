import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { rateForms } from '$lib/core/beds';
import { exactly, litres, metres, squareMetres } from '$lib/core/units';
import { plainStands, soundThing } from '../../../../../tests/fixtures/judged';
import { bedAnswer } from './answer';
import { freshDose, leftOf, reckonDose, type BedLot } from './reckoning';

const bed = {
	ground: { area: squareMetres(8), depth: metres(0.15) },
	char_l: 0,
	firstSeason: true,
	stands: plainStands
};
const lot: BedLot = {
	code: 'C1',
	charShare: exactly(0.5),
	density: exactly(0.2),
	litresLeft: litres(100),
	charLitresLeft: 50,
	isReady: true,
	thing: soundThing,
	contents: {}
};
const dose = (form: string, amount: string, lots: readonly BedLot[] = [lot]) =>
	reckonDose({ lot: 'C1', form, amount, moisture: '35' }, bed, lots, 0);

describe('a dose as typed', () => {
	it('is the same litres whatever form it is typed in', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.1, max: 12, noNaN: true }), (rate) => {
				const typed = dose('L/m2', String(rate));
				for (const form of rateForms) {
					const again = dose(form, String(typed?.inForms[form]));
					expect(again?.dose.charLitres).toBeCloseTo(typed?.dose.charLitres ?? -1, 6);
				}
			})
		);
	});
	it.each(['', 'some', '-2', '0', '1,250', '400'])('of %j is none yet', (amount) => {
		expect(dose('L/m2', amount)).toBeUndefined();
	});
	it('of an unknown lot or form is none', () => {
		expect(dose('cwt/acre', '2')).toBeUndefined();
		expect(dose('L/m2', '2', [])).toBeUndefined();
	});
	it('carries what speaks against the lot before what speaks against the dose', () => {
		const raw = { ...lot, thing: { ...soundThing, isRaw: true } };
		expect(dose('percent', '4', [raw])?.cautions.map(({ code }) => code)).toEqual([
			'char-raw',
			'char-first-season'
		]);
	});
	it('leaves what is not carried, never less than nothing', () => {
		const small = dose('L/m2', '2');
		expect(small && leftOf(lot, small.dose).value).toBeCloseTo(100 - 32, 9);
		const large = dose('L/m2', '10');
		expect(large && leftOf(lot, large.dose).value).toBe(0);
	});
});

describe('the dose offered', () => {
	it('stays within a first dose and within the stock, in the grower’s form', () => {
		// 3 % of 1200 L is 36 L of char on 8 m²
		expect(freshDose({}, bed, [lot], 'metric')).toMatchObject({ form: 'L/m2', amount: '4.5' });
		expect(freshDose({}, bed, [{ ...lot, charLitresLeft: 8 }], 'metric').amount).toBe('1');
		const us = freshDose({}, bed, [lot], 'us');
		expect(us.form).toBe('cup/ft2');
		expect(reckonDose(us, bed, [lot], 0)?.cautions).toEqual([]);
	});
	it('is none for a bed past its target, and what was typed wins', () => {
		expect(freshDose({}, { ...bed, char_l: 70, firstSeason: false }, [lot], 'metric').amount).toBe(
			''
		);
		expect(freshDose({ amount: '9' }, bed, [lot], 'metric').amount).toBe('9');
	});
});

describe('what a bed answers', () => {
	it('says how much of what, in own measures, and what it will hold', () => {
		const measures = [{ name: 'grey tub', litres: 38 }];
		expect(wordsOf(bedAnswer('Mere 2', 0, dose('L/m2', '2.37'), 'metric', measures))).toBe(
			'Put 1 grey tub, 38 L, of C1 on Mere 2; it will then hold 1.6 %'
		);
	});
	it('without a lot says what it holds', () => {
		expect(wordsOf(bedAnswer('Mere 2', 0.021, undefined, 'metric', []))).toBe(
			'Mere 2 holds 2.1 % char'
		);
	});
});
