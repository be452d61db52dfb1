import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	byClock,
	byGuess,
	byStage,
	eachOf,
	effortBy,
	fallsTo,
	headMinutes,
	hourBrings,
	judgeEffort,
	perLitreOf,
	readTook,
	shareDay,
	sparedBy,
	stageOfVerb,
	stages,
	stuffsOf,
	tellsItself,
	type FireTold,
	type WorkTold
} from './index';

describe('how long something took', () => {
	it.each<[string, number, number]>([
		['40', 40, 1],
		['40 min', 40, 1],
		['40 min 2', 40, 2],
		['40min x 2', 40, 2],
		['2 x 40 min', 40, 2],
		['3 × 1.5 h', 90, 3],
		['1 h', 60, 1],
		['1 h 20', 80, 1],
		['1h20min', 80, 1],
		['2 hours with 3', 120, 3],
		['1:20', 80, 1],
		['1,5 h', 90, 1],
		['14 h', 840, 1]
	])('%s', (typed, minutes, heads) => {
		expect(readTook(typed)).toEqual({ minutes, heads });
	});

	it.each(['', 'a while', '0 min', '30 h', '40 min 0', '40 L', '2 x 40 min 3', '-5'])(
		'"%s" is none',
		(typed) => {
			expect(readTook(typed)).toBeUndefined();
		}
	);

	it('never throws, whatever is typed', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 30 }), (typed) => {
				const took = readTook(typed);
				if (took) expect(took.minutes * took.heads).toBeGreaterThan(0);
			})
		);
	});
});

describe('hours', () => {
	it('a day is shared out by parts, and is a guess', () => {
		const [gather, cut] = shareDay(7, 2, { gather: 2, cut: 1 });
		expect(gather).toMatchObject({ stage: 'gather', heads: 2, minutes: { value: 280 } });
		expect(cut?.minutes.value).toBe(140);
		expect(cut?.minutes.high).toBeCloseTo(182, 9);
		expect(cut?.minutes.low).toBeCloseTo(140 / 1.3, 9);
		expect(shareDay(7, 1, {})).toEqual([]);
	});

	it('all heads count, and guesses are wrong each by itself', () => {
		const clock = { stage: 'crush', minutes: byClock(40), heads: 2 } as const;
		expect(headMinutes([clock])).toEqual({ value: 80, low: 80, high: 80 });
		const guess = { stage: 'cut', minutes: byGuess(100), heads: 1 } as const;
		const both = headMinutes([guess, guess]);
		expect(both.high - both.value).toBeCloseTo(Math.hypot(30, 30), 9);
		expect(byStage([clock, guess]).map(({ stage }) => stage)).toEqual(['cut', 'crush']);
	});

	it('go to the stage of their act', () => {
		expect(stageOfVerb('crush')).toBe('crush');
		expect(stageOfVerb('record-burn')).toBe('tend');
		expect(stageOfVerb('rename')).toBe('other');
		expect(stageOfVerb('')).toBe('other');
		expect(tellsItself('log-hours')).toBe(true);
		expect(stages).toHaveLength(new Set(stages).size);
	});
});

describe('worth', () => {
	const made = { char_l: 90, compost_l: 200, lime_kg: 0, nitrogen_kg: 1.5, potash_kg: 2 };

	it('is by hand what the same costs to buy', () => {
		expect(sparedBy(made, { char: 1.2, lime: 1, nitrogen: 7 })).toEqual([
			{ of: 'char', amount: 90, price: 1.2, spared: 108 },
			{ of: 'nitrogen', amount: 1.5, price: 7, spared: 10.5 }
		]);
		expect(sparedBy(made, {})).toEqual([]);
	});

	it('of a litre is minutes and cash by hand', () => {
		expect(eachOf(byClock(990), 36, 90)).toEqual({
			minutes: { value: 11, low: 11, high: 11 },
			cash: 0.4
		});
		expect(eachOf(byClock(60), 0, 0)).toBeUndefined();
	});

	it('hazel with gloves and loppers, 14 hours for 90 L, is not worth it at 9 an hour', () => {
		const hazel = judgeEffort(
			{ name: 'hazel', minutes: byClock(14 * 60), cash: 0, char_l: 90 },
			{ char: 1.2, hour: 9 }
		);
		expect(hazel?.brings?.value).toBeCloseTo(108 / 14, 9);
		expect(hazel?.verdict).toBe('not-worth');
	});

	it('chips that came free are, beside it', () => {
		const chips = { name: 'chips', minutes: byClock(150), cash: 0, char_l: 90 };
		expect(judgeEffort(chips, { char: 1.2, hour: 9 })?.verdict).toBe('worth');
		expect(judgeEffort(chips, {})?.verdict).toBe('no-price');
		expect(judgeEffort({ ...chips, char_l: 0 }, { char: 1 })).toBeUndefined();
	});

	it('is open where the guesses leave it so; what costs more cash than it spares never is', () => {
		const guessed = { name: 'brush', minutes: byGuess(720), cash: 0, char_l: 90 };
		expect(judgeEffort(guessed, { char: 1.2, hour: 9 })?.verdict).toBe('unclear');
		const dear = { name: 'bought in', minutes: byClock(30), cash: 200, char_l: 90 };
		expect(judgeEffort(dear, { char: 1.2 })?.verdict).toBe('not-worth');
		expect(hourBrings(100, 0, byClock(0))).toBeUndefined();
	});

	it('more hours never bring more, whatever the price', () => {
		const amount = fc.double({ min: 1, max: 1e4, noNaN: true });
		fc.assert(
			fc.property(amount, amount, amount, (minutes, more, spared) => {
				const few = hourBrings(spared, 0, byClock(minutes))!.value;
				expect(hourBrings(spared, 0, byClock(minutes + more))!.value).toBeLessThanOrEqual(few);
			})
		);
	});
});

const fire = (id: number, more: Partial<FireTold> = {}): FireTold => ({
	...{ id, charLotId: id + 100, charWood: 'light-hardwood', charLitres: 100 },
	stacks: [{ lotId: id + 200, name: 'alder', kg: 30 }],
	...more
});
const told = (stage: WorkTold['stage'], minutes: number, ...about: number[]): WorkTold => ({
	...{ stage, heads: 1, about },
	minutes: byClock(minutes)
});

describe('hours of a litre', () => {
	it('go by the fires of which any were told: the others were not free', () => {
		const burns = [fire(1), fire(2), fire(3)];
		const work = [told('tend', 120, 1), told('crush', 60)];
		// 120 min on the 100 L of F1, 60 min on all 300 L.
		expect(perLitreOf(work, burns, 6)?.minutes.value).toBeCloseTo(1.2 + 0.2, 9);
		expect(perLitreOf(work, burns, 6)?.cash).toBeCloseTo(0.02, 9);
		expect(perLitreOf(work, [], 0)).toBeUndefined();
	});

	it('go stage by stage: cutting told of one fire’s wood does not fall to another that was only tended', () => {
		const burns = [fire(1), fire(2)];
		const work = [told('cut', 300, 201), told('tend', 100, 2)];
		// 3 min a litre of cutting, of the 100 L of F1; 1 of tending, of the 100 L of F2.
		expect(perLitreOf(work, burns, 0)?.minutes.value).toBeCloseTo(4, 9);
	});

	it('told of a stack fall to its stuff, told of a fire to its woods by mass, the rest by litres', () => {
		const mixed = fire(2, {
			stacks: [
				{ lotId: 202, name: 'alder', kg: 10 },
				{ lotId: 203, name: 'hazel', kg: 30 }
			]
		});
		const work = [told('cut', 300, 203), told('tend', 80, 2), told('gather', 50)];
		const rows = effortBy(
			{ work, cash: [{ paid: 8, about: [2] }], burns: [fire(1), mixed], prices: {} },
			stuffsOf
		);
		const of = (name: string) => rows.find((row) => row.name === name)!;
		// Of 200 L hazel gave 75: 300 + 60 told, and 50 × 75/200.
		expect(of('hazel').minutes.value).toBeCloseTo(360 + 18.75, 9);
		expect(of('hazel').cash).toBeCloseTo(6, 9);
		// Alder gave 25 L of the fire that was told, and 100 of one that was not: five times 20, and 50 × 125/200.
		expect(of('alder').minutes.value).toBeCloseTo(100 + 31.25, 9);
		expect(rows[0]?.name).toBe('hazel');
	});

	it('told with an act about a fire, its char, its wood and its vessel fall once', () => {
		const burns = [fire(1)];
		const work = [told('tend', 100, 1, 101, 201, 999)];
		const cash = [{ paid: 9, about: [1, 101, 999] }];
		const [alder] = effortBy({ work, cash, burns, prices: {} }, stuffsOf);
		expect(alder?.minutes.value).toBeCloseTo(100, 9);
		expect(alder?.cash).toBeCloseTo(9, 9);
	});

	it('of what nobody told anything nothing is said', () => {
		expect(effortBy({ work: [], cash: [], burns: [fire(1)], prices: {} }, stuffsOf)).toEqual([]);
		expect(stuffsOf(fire(1, { stacks: [] }))[0]?.share).toBe(1);
		expect(fallsTo(byClock(60), 10, 0).value).toBe(0);
	});
});
