import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { litres, metres, squareMetres } from '../units';
import {
	factsOn,
	isUntreated,
	liesWithin,
	newFacts,
	overlap,
	shareOfWhole,
	soilVolume,
	treatedGround,
	treatedSoil,
	type PartSoil,
	type TargetFact
} from './index';

const ground = { area: squareMetres(8), depth: metres(0.15) };
const plot = (along: number, across: number, length = 1, width = 1) => ({
	along: metres(along),
	across: metres(across),
	length: metres(length),
	width: metres(width)
});
const part = (
	id: number,
	litresOfSoil: number,
	untreated: PartSoil['untreated'] = []
): PartSoil => ({
	id,
	soil: litres(litresOfSoil),
	untreated
});
const spring = { firstDay: '2026-03-01', lastDay: '2026-05-31' };

describe('parts of a bed', () => {
	it('that a trial drew lie all over the ground: beside each other, and beside nothing else', () => {
		expect(overlap({ scattered: 6 }, { scattered: 6 })).toBe(false);
		expect(overlap({ scattered: 6 }, plot(0, 0))).toBe(true);
		expect(overlap({ piecesBefore: 0, pieces: 2 }, { scattered: 6 })).toBe(true);
		expect(liesWithin({ scattered: 6 }, { length: metres(8), width: metres(1), pieces: 1 })).toBe(
			true
		);
	});

	it('may touch and not overlap', () => {
		expect(overlap(plot(0, 0), plot(1, 0))).toBe(false);
		expect(overlap(plot(0, 0), plot(0.9, 0.5))).toBe(true);
		expect(overlap({ piecesBefore: 0, pieces: 6 }, { piecesBefore: 6, pieces: 6 })).toBe(false);
		expect(overlap({ piecesBefore: 0, pieces: 6 }, { piecesBefore: 5, pieces: 1 })).toBe(true);
	});

	it('overlap whichever is asked first', () => {
		const number = fc.double({ min: 0, max: 5, noNaN: true });
		const any = fc
			.tuple(number, number, number, number)
			.map(([a, b, c, d]) => plot(a, b, c + 0.1, d + 0.1));
		fc.assert(fc.property(any, any, (a, b) => overlap(a, b) === overlap(b, a)));
	});

	it('lie wholly inside their whole', () => {
		const whole = { length: metres(8), width: metres(1), pieces: 24 };
		expect(liesWithin(plot(7, 0), whole)).toBe(true);
		expect(liesWithin(plot(7.5, 0), whole)).toBe(false);
		expect(liesWithin({ piecesBefore: 20, pieces: 5 }, whole)).toBe(false);
	});

	it('are passed over while they are left untreated, and take no share then', () => {
		const strip = part(1, 240, [spring]);
		expect(isUntreated(strip, '2026-05-31')).toBe(true);
		expect(isUntreated(strip, '2026-06-01')).toBe(false);
		expect(treatedSoil(ground, [strip], '2026-04-01')).toBeCloseTo(1200 - 240, 9);
		expect(treatedGround(ground, [strip], '2026-04-01').area).toBeCloseTo(6.4, 9);
		expect(treatedGround(ground, [strip], '2026-07-01')).toBe(ground);
		expect(shareOfWhole(strip, ground, [strip], '2026-04-01')).toBe(0);
		expect(shareOfWhole(strip, ground, [strip], '2026-07-01')).toBeCloseTo(0.2, 9);
		// While another strip is passed over, the same litres fall on less soil.
		const other = part(2, 240);
		expect(shareOfWhole(other, ground, [strip, other], '2026-04-01')).toBeCloseTo(0.25, 9);
	});

	it('and the rest of the bed take all of what the whole had, whatever is left out', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.double({ min: 1, max: 300, noNaN: true }), fc.boolean()), {
					minLength: 1,
					maxLength: 3
				}),
				(rows) => {
					const parts = rows.map(([soil, left], i) => part(i, soil, left ? [spring] : []));
					const day = '2026-04-10';
					const toParts = parts.reduce(
						(sum, one) => sum + shareOfWhole(one, ground, parts, day),
						0
					);
					const rest =
						(soilVolume(ground) - parts.reduce((sum, { soil }) => sum + soil, 0)) /
						treatedSoil(ground, parts, day);
					expect(toParts + rest).toBeCloseTo(1, 9);
				}
			)
		));
});

let seq = 0;
const fact = (what: string, found: object, way = 'grower', more: object = {}) =>
	({ what, found, way, seq: (seq += 1), firstDay: null, lastDay: null, ...more }) as TargetFact;

describe('facts of a target', () => {
	it('count by the newest of each way, and between ways by the stricter', () => {
		const facts = [
			fact('ph', { ph: 6.8 }),
			fact('ph', { ph: 5.9 }, 'strip'),
			fact('ph', { ph: 6.1 }, 'strip'),
			fact('eaten-raw', { is: true }),
			fact('eaten-raw', { is: false }, 'sign'),
			fact('acid-lover', { is: true }),
			fact('acid-lover', { is: false })
		];
		expect(factsOn(facts, '2026-06-01')).toMatchObject({
			ph: 6.8,
			eatenRaw: true,
			acidLover: false
		});
		expect(factsOn([...facts, fact('ph', { ph: null })], '2026-06-01').ph).toBe(6.1);
	});

	it('hold on their days only, and what a part lacks is its whole’s', () => {
		const whole = factsOn(
			[fact('crop', { name: 'woad', kind: 'mixed', share: 1, when: 'now' })],
			'x'
		);
		const beans = { name: 'beans', kind: 'leaf-and-fruit', share: 1, when: 'now' };
		const part = [fact('crop', beans, 'grower', spring)];
		expect(factsOn(part, '2026-04-01', whole).crops.map(({ name }) => name)).toEqual(['beans']);
		expect(factsOn(part, '2026-06-01', whole).crops.map(({ name }) => name)).toEqual(['woad']);
	});

	it('keep several crops of one telling, each with its share', () => {
		const one = (name: string, share: number) => ({
			...fact('crop', { name, kind: 'mixed', share, when: 'now' }),
			seq: 900
		});
		expect(factsOn([one('woad', 0.6), one('weld', 0.4)], 'x').crops).toHaveLength(2);
	});

	it('are written where a form says something new', () => {
		const said = {
			crop: 'woad',
			cropKind: 'mixed',
			acidLover: false,
			eatenRaw: true,
			ph: 6
		} as const;
		expect(newFacts(said).map(({ what }) => what)).toEqual(['crop', 'eaten-raw', 'ph']);
		expect(newFacts(said, said)).toEqual([]);
		expect(newFacts({ ...said, ph: null }, said)).toEqual([{ what: 'ph', found: { ph: null } }]);
	});
});
