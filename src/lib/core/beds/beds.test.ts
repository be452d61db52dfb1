import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	between,
	exactly,
	kgDryPerLitre,
	litres,
	litresPerM2,
	metres,
	share,
	squareMetres,
	wetBasis
} from '../units';
import {
	inOrderOfWant,
	isFirstSeason,
	planDose,
	rateForms,
	rateInLitres,
	roomUnder,
	soilVolume,
	suggestRate,
	translateRate,
	wantOf,
	type BedTraits,
	type Ground,
	type RateForm
} from './index';

const depth = metres(0.15);
const density = kgDryPerLitre(0.18);
const terms = { density, depth, moisture: wetBasis(0.4) };
const ground: Ground = { area: squareMetres(8), depth };
const lot = { charShare: exactly(0.5), density: exactly(0.18), litresLeft: litres(100) };

/** Litres per m² of a rate that fits the soil. */
function inLitres(form: RateForm, amount: number) {
	const typed = rateInLitres(form, amount, terms);
	if (typed.status !== 'rate') throw new Error(`${amount} ${form} is more than the soil`);
	return typed.rate;
}

describe('a rate', () => {
	it('of more char than the working depth holds soil is no rate, in any form', () => {
		expect(rateInLitres('percent', 100, terms).status).toBe('rate');
		expect(rateInLitres('percent', 101, terms)).toEqual({
			status: 'more-than-soil',
			most: expect.closeTo(100, 9)
		});
		expect(rateInLitres('lb/ft2', 9999, terms)).toMatchObject({
			status: 'more-than-soil',
			most: expect.closeTo((150 * 0.18) / 4.882, 2)
		});
	});
	it('of 5 % in 15 cm is 7.5 L/m²', () => {
		expect(inLitres('percent', 5)).toBeCloseTo(7.5, 12);
	});
	it('of 2 kg/m² at 0.18 kg/L is 11 L/m²', () => {
		expect(inLitres('kg/m2', 2)).toBeCloseTo(11.11, 2);
	});
	it('of 1 US cup/ft² is 2.547 L/m², of 1 lb/ft² 4.882 kg/m²', () => {
		expect(inLitres('cup/ft2', 1)).toBeCloseTo(2.547, 3);
		expect(inLitres('lb/ft2', 1) * density).toBeCloseTo(4.882, 3);
	});
	it('translates into every form and back', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.01, max: 5, noNaN: true }),
				fc.constantFrom(...rateForms),
				(amount, form) => {
					const forms = translateRate(inLitres(form, amount), terms);
					expect(forms[form]).toBeCloseTo(amount, 9);
				}
			)
		);
	});
});

const had = (char_l: number, firstSeason = char_l <= 0) => ({ char_l, firstSeason });

describe('a dose', () => {
	it('is held to the first-dose limit all through the first season, whatever a token dose went before', () => {
		const full = { ...lot, litresLeft: litres(1000) };
		expect(planDose(litresPerM2(5), ground, had(0.1, true), full).over).toEqual(['first-dose']);
		expect(planDose(litresPerM2(5), ground, had(0.1, false), full).over).toEqual([]);
		expect(suggestRate(ground, had(0.1, true), 900)).toBe(4.4);
		expect(suggestRate(ground, had(0.1, false), 900)).toBe(7.4);
		expect([0, 179, 181].map((days) => isFirstSeason(0, days * 86_400_000))).toEqual([
			true,
			true,
			false
		]);
		expect(isFirstSeason(null, 0)).toBe(true);
	});

	it('counts only the char of a mix, and credits what is there', () => {
		const dose = planDose(litresPerM2(2.5), ground, had(7.2), lot);
		expect(dose.charLitres).toBeCloseTo(20, 9);
		expect(dose.mixLitres.value).toBeCloseTo(40, 9);
		expect(dose.shareBefore).toBeCloseTo(0.006, 9);
		expect(dose.shareAfter).toBeCloseTo((7.2 + 20) / 1200, 9);
		expect(dose.over).toEqual([]);
	});
	it('says which limits it passes', () => {
		expect(
			planDose(litresPerM2(5), ground, had(0), { ...lot, litresLeft: litres(1000) }).over
		).toEqual(['first-dose']);
		expect(
			planDose(litresPerM2(16), ground, had(1), { ...lot, litresLeft: litres(1000) }).over
		).toEqual(['ceiling']);
		expect(
			planDose(litresPerM2(4), ground, had(1), { ...lot, litresLeft: litres(63) }).over
		).toEqual(['stock']);
		expect(
			planDose(litresPerM2(4.5), ground, had(0), { ...lot, litresLeft: litres(72) }).over
		).toEqual([]);
	});
	it('carries the doubt of the char share', () => {
		const dose = planDose(litresPerM2(2), ground, had(0), { ...lot, charShare: between(0.5, 0.6) });
		expect(dose.mixLitres.low).toBeLessThan(dose.mixLitres.value);
	});
	it('suggested never passes its limits', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 200, noNaN: true }),
				fc.double({ min: 0, max: 200, noNaN: true }),
				(already, stock) => {
					const rate = suggestRate(ground, had(already), stock);
					expect(
						planDose(rate, ground, had(already), {
							...lot,
							litresLeft: litres(stock / 0.5)
						}).over.filter((limit) => limit !== 'ceiling' || already < 120)
					).toEqual([]);
				}
			)
		);
	});
});

describe('room', () => {
	it('under the ceiling of 10 % is a tenth of the soil less what is there', () => {
		expect(soilVolume(ground)).toBeCloseTo(1200, 9);
		expect(roomUnder(0.1, 20, ground)).toBeCloseTo(100, 9);
		expect(roomUnder(0.1, 500, ground)).toBe(0);
	});
});

describe('whether a bed wants char', () => {
	const bed: BedTraits = {
		texture: 'sandy-silt',
		drainage: 'dries-out',
		humus: 'usual',
		cropKind: 'mixed',
		ph: 5.4,
		acidLover: false,
		share: share(0)
	};
	it('is much on sour sand that dries out, little on rich loam, careful where it is alkaline or acid lovers grow', () => {
		expect(wantOf(bed)).toEqual({ want: 'much', reasons: ['sandy', 'dries-out', 'sour'] });
		expect(wantOf({ ...bed, texture: 'loam', drainage: 'even', ph: 6.6 }).want).toBe('little');
		expect(wantOf({ ...bed, ph: 7.2 }).want).toBe('careful');
		expect(wantOf({ ...bed, acidLover: true }).reasons).toEqual(['acid-lover']);
		expect(wantOf({ ...bed, share: share(0.1) }).want).toBe('none');
	});
	it('serves the neediest first, and of two alike the emptier', () => {
		const order = inOrderOfWant([
			{ ...bed, share: share(0.02) },
			{ ...bed, texture: 'loam' as const, drainage: 'even' as const, ph: 6.6 },
			bed
		]);
		expect(order.map((b) => b.share)).toEqual([0, 0.02, 0]);
	});
});
