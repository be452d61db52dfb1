import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dryBasis, kgDry, kilograms, litres, metres, wetBasis } from '../units';
import {
	dryFromWet,
	dryWood,
	isPlausibleSize,
	judgeMoisture,
	looseVolume,
	moistureFigures,
	parsePieces,
	partOfWood,
	outlines,
	solidVolume,
	stackForms,
	wetFromDry,
	woodClasses,
	type PieceReading,
	type StackMeasure
} from './index';

const pin = (...percents: number[]) =>
	judgeMoisture({ method: 'pin', pieces: percents.map((percent) => ({ percent })) });
const box = (length: number, width: number | undefined, height: number): StackMeasure => ({
	size: {
		by: 'outline',
		outline: 'box',
		length: metres(length),
		height: metres(height),
		width: width === undefined ? undefined : metres(width)
	},
	form: 'rods',
	wood: 'light-hardwood',
	seasoned: false
});

describe('a stack', () => {
	it('of 2 × 1 × 1.2 m bundled rods holds volume × packing × density', () => {
		const dry = dryWood(box(2, 1, 1.2));
		expect(dry.value).toBeCloseTo(2.4 * Math.sqrt(0.35 * 0.5) * Math.sqrt(370 * 480), 6);
		expect(dry.low).toBeLessThan(dry.value);
		expect(dry.high / dry.value).toBeCloseTo(
			Math.exp(Math.hypot(Math.log(0.5 / 0.35) / 2, Math.log(480 / 370) / 2)),
			9
		);
	});

	it('seasoned holds about a tenth more than the same outline green', () => {
		const green = box(2, 1, 1.2);
		expect(dryWood({ ...green, seasoned: true }).value / dryWood(green).value).toBeCloseTo(
			Math.sqrt(1.08 * 1.12),
			9
		);
	});

	it('without a width says so, and its range widens', () => {
		const guessed = dryWood(box(2, undefined, 1.2));
		const taped = dryWood(box(2, 1, 1.2));
		expect(guessed.value).toBeCloseTo(taped.value, 9);
		expect(guessed.high).toBeGreaterThan(taped.high);
		expect(looseVolume(box(2, undefined, 1.2)).from).toContainEqual(
			expect.objectContaining({ name: 'width', origin: 'default' })
		);
	});

	it('as a ridge fills half its box, and in own measures what was counted', () => {
		expect(
			looseVolume({
				...box(2, 1, 1),
				size: {
					by: 'outline',
					outline: 'ridge',
					length: metres(2),
					width: metres(1),
					height: metres(1)
				}
			}).value
		).toBeCloseTo(1000, 9);
		expect(
			looseVolume({
				...box(1, 1, 1),
				size: { by: 'measures', litres: litres(156), typed: '2 barrows' }
			})
		).toMatchObject({
			value: 156,
			low: 156,
			high: 156
		});
	});

	it('of bundles is as many times the one that was weighed, less its water', () => {
		const bundles = (size: object, rest: object = {}): StackMeasure => ({
			...box(1, 1, 1),
			...rest,
			size: { by: 'weighed', count: 14, one: kilograms(9), ...size }
		});
		const read = dryWood(bundles({ water: wetBasis(0.2) }));
		expect(read.value).toBeCloseTo(14 * 9 * 0.8, 9);
		expect([read.low, read.high].map((kg) => kg / read.value)).toEqual([
			expect.closeTo(0.9, 2),
			expect.closeTo(1.1, 2)
		]);
		// Unread, wood that died standing is wetter than seasoned and drier than green.
		const [green, dead, seasoned] = [
			{ seasoned: false },
			{ seasoned: true, standingDead: true },
			{ seasoned: true }
		].map((rest) => dryWood(bundles({}, rest)).value) as readonly number[] as [
			number,
			number,
			number
		];
		expect(green).toBeLessThan(dead);
		expect(dead).toBeLessThan(seasoned);
		expect(dead).toBeCloseTo(14 * 9 * (1 - Math.sqrt((0.25 / 1.25) * (0.45 / 1.45))), 6);
		// Its pile: as one was measured, or back from its dry wood through the same packing and density.
		expect(looseVolume(bundles({ oneHolds: litres(40) })).value).toBe(560);
		const pile = bundles({ water: wetBasis(0.2) });
		const back = {
			...pile,
			size: { by: 'measures' as const, litres: looseVolume(pile).value, typed: '' }
		};
		expect(dryWood(back).value).toBeCloseTo(dryWood(pile).value, 6);
		expect(solidVolume(pile).value).toBeCloseTo(solidVolume(back).value, 6);
	});

	it('has less solid wood than outline, in every form', () => {
		for (const { id } of stackForms) {
			const stack = { ...box(1, 1, 1), form: id };
			expect(solidVolume(stack).high).toBeLessThan(looseVolume(stack).value);
		}
	});
});

describe('moisture', () => {
	it('converts 25 % dry basis to 20 % wet basis and back', () => {
		expect(wetFromDry(dryBasis(0.25))).toBeCloseTo(0.2, 12);
		expect(dryFromWet(wetBasis(0.2))).toBeCloseTo(0.25, 12);
	});

	it('round-trips between the bases', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 0.9, noNaN: true }), (wb) => {
				expect(wetFromDry(dryFromWet(wetBasis(wb)))).toBeCloseTo(wb, 9);
			})
		);
	});

	it.each([
		['ready', [19, 22, 24]],
		['ready', [20, 24, 30]],
		['slower', [26, 27, 28]],
		['too-few', [15, 16]],
		['undecided', [18, 19, 31]]
	] as const)('is %s at %j on a pin meter', (verdict, readings) => {
		expect(pin(...readings).verdict).toBe(verdict);
	});

	it.each([
		['ready', [18, 19, 22]],
		['slower', [18, 19, 24]],
		['hold-back', [18, 19, 26]],
		['hold-back', [30, 32, 35]],
		['wont-burn', [40, 41, 45]]
	] as const)('is %s at %j in the oven, wet basis', (verdict, percents) => {
		expect(
			judgeMoisture({ method: 'oven', pieces: percents.map((percent) => ({ percent })) }).verdict
		).toBe(verdict);
	});

	it('keeps the spread of the pieces: 18, 19 and 22 % have s = 2.08', () => {
		const state = judgeMoisture({
			method: 'oven',
			pieces: [18, 19, 22].map((percent) => ({ percent }))
		});
		expect(state.spread! * 100).toBeCloseTo(2.0817, 4);
		expect(state.highest).toBeCloseTo(0.22, 12);
	});

	it('beyond a pin meter is a bound without a spread: 45, 50 and 60 % are over 23 %, undecided', () => {
		const state = pin(45, 50, 60);
		expect(state).toMatchObject({ verdict: 'undecided', bound: 'over' });
		expect(state.mean).toBeCloseTo(0.3 / 1.3, 9);
		expect(state.spread).toBeUndefined();
		expect(pin(5, 6, 20).bound).toBe('under');
		expect(pin(19, 22, 24).bound).toBeUndefined();
	});

	it('from an oven keeps the sign it was written with', () => {
		const oven = (...pieces: PieceReading[]) => judgeMoisture({ method: 'oven', pieces });
		const over20 = oven({ percent: 20, end: 'over' }, { percent: 18 }, { percent: 18 });
		expect(over20).toMatchObject({ verdict: 'undecided', bound: 'over', beyondMeter: true });
		// What lies over a limit already is not made ready by a sign.
		expect(oven({ percent: 42, end: 'over' }, { percent: 41 }, { percent: 40 }).verdict).toBe(
			'wont-burn'
		);
	});

	it('on dry basis is the mean of the dry-basis readings', () => {
		const figures = moistureFigures({
			method: 'pin',
			pieces: [10, 20, 30].map((percent) => ({ percent }))
		});
		expect(figures?.meanDry.value).toBeCloseTo(0.2, 12);
		expect(figures?.mean.value).toBeCloseTo((0.1 / 1.1 + 0.2 / 1.2 + 0.3 / 1.3) / 3, 12);
	});

	it('has no verdict without readings', () => {
		expect(judgeMoisture({ method: 'pin', pieces: [] })).toEqual({
			verdict: 'too-few',
			count: 0,
			beyondMeter: false
		});
	});
});

describe('the wood tables', () => {
	it('are positive, ordered and unique', () => {
		for (const table of [woodClasses, stackForms, outlines])
			expect(new Set(table.map((row) => row.id)).size).toBe(table.length);
		for (const { packing } of stackForms)
			expect(packing[0] > 0 && packing[0] < packing[1] && packing[1] < 1).toBe(true);
		for (const w of woodClasses) {
			expect(w.basicDensityKgPerM3[0]).toBeLessThan(w.basicDensityKgPerM3[1]);
			// Char is always lighter than the wood it came from.
			expect(w.charLooseKgPerM3[1]).toBeLessThan(w.basicDensityKgPerM3[0]);
		}
	});
});

describe('readings as people write them', () => {
	it('are read with commas, semicolons and a meter’s two ends', () => {
		expect(parsePieces('19 22,5; >30 <7 18%')).toEqual({
			status: 'ok',
			pieces: [
				{ percent: 19 },
				{ percent: 22.5 },
				{ percent: 30, end: 'over' },
				{ percent: 7, end: 'under' },
				{ percent: 18 }
			]
		});
	});
	it.each([
		['19 wet 24', 'wet'],
		['19 22 95', '95'],
		['-5', '-5'],
		['0 0 0', '0']
	])('of %j stop at the word that is none', (text, part) => {
		expect(parsePieces(text)).toEqual({ status: 'bad', part });
	});
	it('never throw, whatever is written', () => {
		fc.assert(
			fc.property(fc.string(), (text) => {
				const read = parsePieces(text);
				if (read.status === 'ok')
					for (const { percent } of read.pieces) expect(percent).toBeLessThanOrEqual(90);
			})
		);
	});
	it('become figures that carry every piece with its basis', () => {
		const figures = moistureFigures({ method: 'pin', pieces: [{ percent: 25 }, { percent: 31 }] });
		expect(figures?.highest.value).toBeCloseTo(0.3 / 1.3, 9);
		expect(figures?.mean.value).toBeCloseTo((0.2 + 0.3 / 1.3) / 2, 9);
		expect(figures?.mean.from[0]?.source).toContain('the true one lies over it');
		expect(figures?.mean.from.slice(1).map(({ name, source }) => `${name}: ${source}`)).toEqual([
			'piece 1: pin meter, dry basis',
			'piece 2, or more: pin meter, dry basis'
		]);
		expect(moistureFigures({ method: 'oven', pieces: [] })).toBeUndefined();
	});
});

describe('a part of a stack', () => {
	it('is known no better and no worse than the whole', () => {
		const part = partOfWood({ value: 200, low: 150, high: 260 }, kgDry(50));
		expect(part).toEqual({ value: 50, low: 37.5, high: 65 });
	});
	it('larger than any yard is not believed', () => {
		const size = (length: number, width?: number) =>
			isPlausibleSize({
				by: 'outline',
				outline: 'box',
				length: metres(length),
				height: metres(4),
				...(width === undefined ? {} : { width: metres(width) })
			});
		expect(size(100)).toBe(true);
		expect(size(100, 30)).toBe(false);
	});
});
