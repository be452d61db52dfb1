import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	chanceOf,
	curvesOf,
	fitArms,
	isControl,
	judgeArms,
	judgePairs,
	layOut,
	meanOf,
	measureIds,
	measureOf,
	outcomeOf,
	powerOf,
	ranked,
	stripPlace,
	type Arm,
	type Given,
	type Judged,
	type Look,
	type TrialBehind
} from './index';

const ofArms = (...arms: readonly (readonly number[])[]): Given[] =>
	arms.flatMap((values, arm) => values.map((value) => ({ arm, value })));
/** Arms by rows, blocks by columns; undefined is a lost pot. */
const inBlocks = (...arms: readonly (readonly (number | undefined)[])[]): Given[] =>
	arms.flatMap((values, arm) =>
		values.flatMap((value, block) => (value === undefined ? [] : [{ arm, block, value }]))
	);
const judged = (given: readonly Given[], shares?: readonly (number | undefined)[]): Judged => {
	const told = judgeArms(given, shares);
	if (told.status !== 'judged') throw new Error(told.status);
	return told;
};
const pair = ({ comparisons }: Judged, arm: number, beside: number) =>
	comparisons.find((one) => one.arm === arm && one.beside === beside)!;

describe('published examples, to their digits', () => {
	it('one way: dried weights of plants under three conditions (Dobson 1983)', () => {
		const told = judged(
			ofArms(
				[4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
				[4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
				[6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26]
			)
		);
		expect(told.f).toBeCloseTo(4.846, 3);
		expect([told.df1, told.df2]).toEqual([2, 27]);
		expect(told.p).toBeCloseTo(0.01591, 5);
		const second = pair(told, 2, 1);
		expect(second.difference).toBeCloseTo(0.865, 6);
		expect(second.low).toBeCloseTo(0.1737839, 3);
		expect(second.high).toBeCloseTo(1.5562161, 3);
		expect(second.tukey).toBeCloseTo(0.0120064, 4);
		expect(pair(told, 1, 0).tukey).toBeCloseTo(0.3908711, 4);
		expect(pair(told, 2, 0).tukey).toBeCloseTo(0.197996, 4);
	});

	it('unequal numbers: weights of chicks by feed (McNeil 1977)', () => {
		const told = judged(
			ofArms(
				[368, 390, 379, 260, 404, 318, 352, 359, 216, 222, 283, 332],
				[179, 160, 136, 227, 217, 168, 108, 124, 143, 140],
				[309, 229, 181, 141, 260, 203, 148, 169, 213, 257, 244, 271],
				[325, 257, 303, 315, 380, 153, 263, 242, 206, 344, 258],
				[243, 230, 248, 327, 329, 250, 193, 271, 316, 267, 199, 171, 158, 248],
				[423, 340, 392, 339, 341, 226, 320, 295, 334, 322, 297, 318]
			)
		);
		expect(told.f).toBeCloseTo(15.365, 3);
		expect([told.df1, told.df2]).toEqual([5, 65]);
		const linseed = pair(told, 2, 1);
		expect(linseed.difference).toBeCloseTo(58.55, 6);
		expect(linseed.low).toBeCloseTo(-10.413543, 1);
		expect(linseed.high).toBeCloseTo(127.513543, 1);
		expect(linseed.tukey).toBeCloseTo(0.1413329, 4);
		expect(pair(told, 4, 0).tukey).toBeCloseTo(0.0083653, 4);
		expect(pair(told, 3, 0).tukey).toBeCloseTo(0.3324584, 4);
	});

	it('in blocks: soybeans that failed to come up, by what their seed was dressed with (Snedecor and Cochran)', () => {
		const told = judged(
			inBlocks(
				[8, 10, 12, 13, 11],
				[2, 6, 7, 11, 5],
				[4, 10, 9, 8, 10],
				[3, 5, 9, 10, 6],
				[9, 7, 5, 5, 3]
			)
		);
		expect(told.f).toBeCloseTo(3.87, 2);
		expect(told.sd ** 2).toBeCloseTo(5.41, 2);
		expect([told.df1, told.df2]).toEqual([4, 16]);
	});

	it('in pairs: hours of sleep gained (Student 1908)', () => {
		const first = [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2];
		const second = [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4];
		const told = meanOf(first.map((one, i) => one - second[i]!))!;
		expect(told.t).toBeCloseTo(-4.0621, 4);
		expect(told.p).toBeCloseTo(0.002833, 6);
		expect(told.low).toBeCloseTo(-2.4598858, 6);
		expect(told.high).toBeCloseTo(-0.7001142, 6);
	});
});

describe('the layout', () => {
	const arms: Arm[] = ['nothing', 'raw', 'charged'].map((kind) => ({
		name: kind,
		kind: kind as Arm['kind']
	}));

	it('has each arm once in each block, whatever the seed, and the same for the same seed', () =>
		fc.assert(
			fc.property(fc.integer(), fc.integer({ min: 1, max: 12 }), (seed, blocks) => {
				const units = layOut({ arms, blocks, order: 'drawn', seed });
				expect(units.map(({ n }) => n)).toEqual(units.map((_, i) => i + 1));
				for (let block = 0; block < blocks; block += 1) {
					const row = units.filter((unit) => unit.block === block).map(({ arm }) => arm);
					expect(row.toSorted()).toEqual([0, 1, 2]);
				}
				expect(layOut({ arms, blocks, order: 'drawn', seed })).toEqual(units);
			})
		));

	it('puts each arm at each place of a block as often as any other', () => {
		const first = Array.from(
			{ length: 3000 },
			(_, seed) => layOut({ arms, blocks: 1, order: 'drawn', seed })[0]!.arm
		);
		for (const arm of [0, 1, 2])
			expect(first.filter((one) => one === arm).length / 3000).toBeCloseTo(1 / 3, 1);
	});

	it('is no layout with one arm', () =>
		expect(() => layOut({ arms: arms.slice(0, 1), blocks: 2, order: 'drawn', seed: 1 })).toThrow(
			RangeError
		));
});

describe('what is missing, too few or the same', () => {
	it('a lost pot: its block counts with the others, and arms are told in an average block', () => {
		// Without any error arms are 0 and 10, blocks 0, 100 and 200; the gap would draw a plain mean away.
		const given = inBlocks([0, 100.1, undefined], [10, 109.9, 210]);
		const told = judged(given);
		expect(told.means.map(({ mean }) => mean)).toEqual([
			expect.closeTo(100.03, 1) as number,
			expect.closeTo(109.97, 1) as number
		]);
		expect(told.means.map(({ n }) => n)).toEqual([2, 3]);
	});

	it('nothing is judged of one arm, of one pot each, or of blocks that share no arm', () => {
		expect(judgeArms(ofArms([1, 2, 3])).status).toBe('one-arm');
		expect(judgeArms(ofArms([1], [2], [3])).status).toBe('no-spread');
		expect(judgeArms(ofArms([2, 2], [2, 2])).status).toBe('no-spread');
		const apart = [
			{ arm: 0, block: 0, value: 1 },
			{ arm: 0, block: 0, value: 2 },
			{ arm: 1, block: 1, value: 3 },
			{ arm: 1, block: 1, value: 5 }
		];
		expect(judgeArms(apart).status).toBe('not-connected');
		expect(fitArms([]).status).toBe('one-arm');
	});

	it('with one degree of freedom Tukey is silent, and the interval has no end', () => {
		const told = judged(inBlocks([1, 2.5], [3, 4]));
		expect(told.df2).toBe(1);
		expect(pair(told, 1, 0).tukey).toBeUndefined();
		expect(pair(told, 1, 0).high).toBe(Infinity);
	});
});

describe('shuffling', () => {
	it('is exact where every order can be tried: three and three, wholly apart', () => {
		const told = judged(ofArms([1, 2, 3], [4, 5, 6]));
		expect(told.shuffled).toMatchObject({ isExact: true });
		// Two of twenty ways to choose three of six.
		expect(told.shuffled.p).toBeCloseTo(2 / 20, 12);
		// They could not be further apart: no p is smaller, and it is told so.
		expect(told.shuffled.least).toBeCloseTo(2 / 20, 12);
		expect(judged(ofArms([1, 2], [4, 5, 6])).shuffled.least).toBeCloseTo(1 / 10, 12);
	});

	it('stays within blocks: four blocks of two say no more than two in sixteen', () => {
		const told = judged(inBlocks([1, 11, 21, 31], [2, 13, 22, 33]));
		expect(told.shuffled.p).toBeCloseTo(2 / 16, 12);
		expect(pair(told, 1, 0).shuffled.p).toBeCloseTo(2 / 16, 12);
		expect(told.shuffled.least).toBeCloseTo(2 / 16, 12);
	});

	it('drawn orders come near to all of them', () => {
		const chance = chanceOf(3);
		const given = Array.from({ length: 24 }, (_, i) => ({
			arm: i % 4,
			block: Math.floor(i / 4),
			value: chance.normal() + (i % 4 === 3 ? 1.2 : 0)
		}));
		const told = judged(given);
		expect(told.shuffled.isExact).toBe(false);
		expect(Math.abs(told.shuffled.p - told.p)).toBeLessThan(0.03);
	});

	it('ranks equal values alike, within each block', () =>
		expect(ranked(inBlocks([3, 1], [3, 2], [5, 2])).map(({ value }) => value)).toEqual([
			1.5, 1, 1.5, 2.5, 3, 2.5
		]));
});

describe('by simulation', () => {
	/** 10,000 trials of three arms in four blocks, in which arms differ by so much. */
	const drawn = (seed: number, differs: number, count = 10_000) => {
		const chance = chanceOf(seed);
		return Array.from({ length: count }, () => {
			const blocks = Array.from({ length: 4 }, () => 3 * chance.normal());
			return [0, 1, 2].flatMap((arm) =>
				blocks.map((level, block) => ({
					arm,
					block,
					value: 10 + level + arm * differs + chance.normal()
				}))
			);
		});
	};

	it('4 to 6 of 100 null trials are significant by F, and as many by the widest pair of Tukey', () => {
		let byF = 0;
		let inside = 0;
		for (const given of drawn(11, 0)) {
			const fit = fitArms(given);
			if (fit.status !== 'fitted') throw new Error(fit.status);
			// F and t at their printed values for 2 and 6, and 6 degrees of freedom.
			if (fit.f > 5.1433) byF += 1;
			const half = 2.4469 * Math.sqrt((fit.mse * 2) / 4);
			if (Math.abs(fit.means[1]! - fit.means[0]!) <= half) inside += 1;
		}
		expect(byF / 10_000).toBeGreaterThan(0.04);
		expect(byF / 10_000).toBeLessThan(0.06);
		expect(inside / 10_000).toBeGreaterThan(0.94);
		expect(inside / 10_000).toBeLessThan(0.96);
	});

	it('intervals of differences hold all pairs at once as often as they are told to', () => {
		let held = 0;
		for (const given of drawn(12, 2)) {
			const fit = fitArms(given);
			if (fit.status !== 'fitted') throw new Error(fit.status);
			// The studentised range of three at 6 degrees of freedom, as printed: 4.339.
			const half = 4.339 * Math.sqrt(fit.mse / 4);
			const [a = 0, b = 0, c = 0] = fit.means;
			const off = [b - a - 2, c - b - 2, c - a - 4];
			if (off.every((one) => Math.abs(one) <= half)) held += 1;
		}
		expect(held / 10_000).toBeGreaterThan(0.94);
		expect(held / 10_000).toBeLessThan(0.96);
	});

	it('power of two arms of 17 a standard deviation apart is 0.807, as printed (Cohen 1988: 17 for 0.80)', () => {
		const asked = { arms: 2, blocks: 17, isBlocked: false, spread: 0.25, difference: 0.25 };
		expect(Math.abs(powerOf(asked, 5, 40_000) - 0.807)).toBeLessThan(0.01);
		expect(powerOf(asked, 5, 2000)).toBe(powerOf(asked, 5, 2000));
	});

	it('power is the level where nothing differs, and rises with pots and with the difference', () => {
		const asked = { arms: 5, blocks: 6, isBlocked: true, spread: 0.15, difference: 0 };
		expect(Math.abs(powerOf(asked, 7) - 0.05)).toBeLessThan(0.01);
		const rising = [3, 6, 12].map((blocks) => powerOf({ ...asked, blocks, difference: 0.2 }, 7));
		expect(rising).toEqual(rising.toSorted((a, b) => a - b));
		expect(() => powerOf({ ...asked, blocks: 1 }, 1)).toThrow(RangeError);
	});

	it('a point of the curve takes less than two seconds', () => {
		const began = performance.now();
		powerOf({ arms: 5, blocks: 16, isBlocked: true, spread: 0.2, difference: 0.25 }, 1);
		expect(performance.now() - began).toBeLessThan(2000);
	});
});

describe('a trial and its looks', () => {
	const day = 86_400_000;
	const arms: Arm[] = [
		{ name: 'bare soil', kind: 'nothing' },
		{ name: 'charged 2.5 %', kind: 'charged', share: 2.5 },
		{ name: 'charged 5 %', kind: 'charged', share: 5 },
		{ name: 'charged 10 %', kind: 'charged', share: 10 },
		{ name: 'charged 15 %', kind: 'charged', share: 15 }
	];
	const behind = (of: readonly Arm[], blocks: number, more: Partial<TrialBehind> = {}) => ({
		arms: of,
		units: layOut({ arms: of, blocks, order: 'drawn' as const, seed: 4711 }),
		order: 'drawn' as const,
		seed: 4711,
		lost: [],
		isBlocked: true,
		isBlind: false,
		...more
	});
	const looked = (trial: TrialBehind, of: (arm: number) => number, spread = 1): Look[] => {
		const chance = chanceOf(trial.seed);
		return trial.units.map(({ n, arm, block }) => ({
			n,
			at_ms: 0,
			value: of(arm) + block + spread * chance.normal()
		}));
	};

	it('five doses in six blocks, two pots lost: fitted without them, and a trend over the doses', () => {
		const trial = behind(arms, 6, { lost: [11, 14] });
		const told = outcomeOf(
			trial,
			'harvest',
			looked(trial, (arm) => 20 + arm * 3)
		);
		expect(told.raw).toMatchObject({ status: 'judged', df2: 18 });
		expect(told.weaknesses).toEqual(['lost', 'unequal', 'not-blind']);
		const raw = told.raw as Judged;
		expect(raw.trend!.slope).toBeGreaterThan(0);
		expect(raw.trend!.p).toBeLessThan(0.001);
		expect(told.findings.find(({ arm, beside }) => arm === 4 && beside === 0)!.is).toBe('shown');
	});

	it('raw, charged and nothing on twelve pots; a null with raw char says so', () => {
		const raw: Arm[] = [
			{ name: 'nothing', kind: 'nothing' },
			{ name: 'raw', kind: 'raw' }
		];
		const trial = behind(raw, 6);
		const chance = chanceOf(9);
		const looks = trial.units.map(({ n }) => ({ n, at_ms: 0, value: 20 + chance.normal() }));
		const told = outcomeOf(trial, 'harvest', looks);
		expect(told.findings.map(({ is }) => is)).toEqual(['not-shown']);
		expect(told.weaknesses).toContain('raw-null');
	});

	it('without a control, of one each, in the order walked: each is named', () => {
		const two = arms.slice(1, 3);
		const trial = behind(two, 1, { order: 'walked' });
		const told = outcomeOf(
			trial,
			'height',
			looked(trial, (arm) => arm)
		);
		expect(told.weaknesses).toEqual(['no-control', 'one-of-each', 'walked', 'not-blind']);
		expect(told.findings).toEqual([]);
	});

	it('three of each of two arms are too few for shuffling, and that is said', () => {
		const trial = behind(arms.slice(0, 2), 3);
		const told = outcomeOf(
			trial,
			'height',
			looked(trial, (arm) => arm * 30)
		);
		expect(told.weaknesses).toContain('too-few-orders');
		const more = behind(arms.slice(0, 2), 8);
		const enough = outcomeOf(
			more,
			'height',
			looked(more, (arm) => arm * 30)
		);
		expect(enough.weaknesses).not.toContain('too-few-orders');
	});

	it('scores are judged by their ranks, and two orders of two blocks are too few for any', () => {
		const trial = behind(arms.slice(0, 2), 2);
		const looks = trial.units.map(({ n, arm }) => ({ n, at_ms: 0, value: 2 + arm }));
		const told = outcomeOf(trial, 'score', [...looks.slice(0, 3), { ...looks[3]!, value: 4 }]);
		expect(told.ranks).toBeDefined();
		expect(told.findings.every(({ is }) => is === 'not-shown')).toBe(true);
	});

	it('germination counted by day is one curve for each pot: its last count and its area', () => {
		const looks = [0, 2, 6].flatMap((d, i) => [{ n: 1, at_ms: d * day, value: [0, 4, 8][i]! }]);
		expect(curvesOf(looks)).toEqual([{ n: 1, looks: 3, last: 8, area: (4 + 24) / 6 }]);
		expect(curvesOf(looks.slice(0, 1))).toEqual([{ n: 1, looks: 1, last: 0 }]);
		const trial = behind(arms.slice(0, 3), 4);
		const chance = chanceOf(1);
		const counted = trial.units.flatMap(({ n, arm }) =>
			[1, 4, 9].map((d) => ({ n, at_ms: d * day, value: d * (1 + arm) + chance.share() }))
		);
		const told = outcomeOf(trial, 'germinated', counted);
		expect(told.area?.status).toBe('judged');
		expect(told.findings.find(({ arm, beside }) => arm === 2 && beside === 0)!.by).toBe('shuffled');
	});

	it('a lost pot that was read before it was lost counts in nothing', () => {
		const trial = behind(arms.slice(0, 2), 3, { lost: [2] });
		const told = outcomeOf(
			trial,
			'height',
			looked(trial, (arm) => arm)
		);
		expect(told.given.some(({ n }) => n === 2)).toBe(false);
	});

	it('every measure has its bounds, and only nothing is a control', () => {
		for (const id of measureIds) expect(measureOf(id).min).toBeLessThan(measureOf(id).max);
		expect(() => measureOf('weight of soul')).toThrow(RangeError);
		expect(arms.map(isControl)).toEqual([true, false, false, false, false]);
	});
});

describe('strips', () => {
	it('seven over three years: a ratio with its interval, and the signs', () => {
		const told = judgePairs(
			[
				[7, 4],
				[5, 5],
				[6, 5],
				[8, 6],
				[5, 6],
				[9, 7],
				[6, 5]
			].map(([treated = 0, untreated = 0]) => ({ treated, untreated }))
		);
		expect(told).toMatchObject({ n: 7, ups: 5, differing: 6 });
		// Five or more of six even throws, both ways: 14 of 64.
		expect(told.signs).toBeCloseTo(14 / 64, 9);
		expect(told.ratio!).toBeGreaterThan(1);
		expect(told.low!).toBeLessThan(told.ratio!);
		expect(told.high!).toBeGreaterThan(told.ratio!);
	});

	it('one pair has a ratio and no interval; noughts count by their sign alone', () => {
		expect(judgePairs([{ treated: 6, untreated: 3 }])).toEqual({
			n: 1,
			ups: 1,
			differing: 1,
			signs: 1,
			ratio: 2
		});
		expect(judgePairs([{ treated: 1, untreated: 0 }]).ratio).toBeUndefined();
		expect(judgePairs([]).signs).toBe(1);
	});

	it('intervals of pairs hold the truth 94 to 96 times in 100', () => {
		const chance = chanceOf(21);
		let held = 0;
		for (let i = 0; i < 10_000; i += 1) {
			const told = meanOf(Array.from({ length: 7 }, () => 0.1 + 0.2 * chance.normal()))!;
			if (told.low <= 0.1 && told.high >= 0.1) held += 1;
		}
		expect(held / 10_000).toBeGreaterThan(0.94);
		expect(held / 10_000).toBeLessThan(0.96);
	});

	it('lie inside the bed and off its ends, drawn; a bed too short has none', () =>
		fc.assert(
			fc.property(
				fc.integer(),
				fc.double({ min: 1.7, max: 40, noNaN: true }),
				fc.integer({ min: 6, max: 60 }),
				(seed, length_m, pieces) => {
					const strip = stripPlace({ length_m }, seed)!;
					if (!('along_m' in strip)) throw new Error('pots in a bed');
					expect(strip.along_m).toBeGreaterThanOrEqual(0.3 - 1e-9);
					expect(strip.along_m + strip.length_m).toBeLessThanOrEqual(length_m - 0.3 + 1e-9);
					const pots = stripPlace({ pieces }, seed)!;
					if (!('pieces' in pots)) throw new Error('a strip among pots');
					expect(pots.piecesBefore + pots.pieces).toBeLessThanOrEqual(pieces);
					expect(stripPlace({ length_m: 1.2 }, seed)).toBeUndefined();
					expect(stripPlace({ pieces: 5 }, seed)).toBeUndefined();
				}
			)
		));
});
