import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { infiltration, usualRing_m } from '../beds';
import {
	bestTest,
	causeIds,
	causes,
	changeIds,
	changeOf,
	clueIds,
	oneChange,
	pasteOfSlurry,
	rank,
	rescue,
	saysNothing,
	signIds,
	signOf,
	signsOfReadings,
	tellingOf,
	testIds,
	testOf,
	type CauseId,
	type Evidence
} from './index';

const none: Evidence = { seen: [], vain: [], clues: [] };
const given = (more: Partial<Evidence>): Evidence => ({ ...none, ...more });
const leading = (more: Partial<Evidence>) => rank(given(more)).map(({ cause }) => cause);
const chanceOf = (more: Partial<Evidence>, cause: CauseId) =>
	rank(given(more)).find((one) => one.cause === cause)!.probability;
/** Odds against "something else". */
const oddsOf = (more: Partial<Evidence>, cause: CauseId) =>
	chanceOf(more, cause) / chanceOf(more, 'something-else');

const some = <T>(list: readonly T[], most = 8) =>
	fc.uniqueArray(fc.constantFrom(...list), { maxLength: most });
const anything = fc
	.record({ signs: some(signIds, 16), parted: fc.nat(16), clues: some(clueIds) })
	.map(({ signs, parted, clues }) =>
		given({ seen: signs.slice(0, parted), vain: signs.slice(parted), clues })
	);

describe('the table', () => {
	it('has priors of 1.10 in all, base rates within reason, and tells of every sign', () => {
		const sum = causeIds.reduce((total, id) => total + causes[id].prior, 0);
		expect(sum).toBeCloseTo(1.1, 9);
		const told = new Set(causeIds.flatMap((id) => Object.keys(causes[id].signs)));
		expect([...told].sort()).toEqual([...signIds].sort());
		for (const id of signIds) {
			expect(signOf(id).base).toBeGreaterThan(0);
			expect(signOf(id).base).toBeLessThanOrEqual(0.5);
		}
		const clues = new Set(causeIds.flatMap((id) => Object.keys(causes[id].clues)));
		expect([...clues].sort()).toEqual([...clueIds].sort());
	});

	it('has a change for every cause, and tests of causes that there are', () => {
		const helped = new Set(changeIds.flatMap((id) => [...changeOf(id).helps]));
		expect([...helped].sort()).toEqual([...causeIds].sort());
		for (const id of testIds)
			for (const cause of testOf(id).tells) expect(causeIds).toContain(cause);
	});
});

describe('causes by their odds', () => {
	it('of nothing said are the priors of the table', () => {
		expect(chanceOf({}, 'dried-out')).toBeCloseTo(0.14 / 1.1, 12);
		expect(chanceOf({}, 'season')).toBeCloseTo(0.03 / 1.1, 12);
	});

	it('of one sign follow its weight and base rate by hand', () => {
		// Gap: b .15, ++ = 6. Seen 6 ÷ 1.75; in vain 1 ÷ 1.75.
		expect(oddsOf({ seen: ['gap'] }, 'dried-out')).toBeCloseTo((1.4 * 6) / 1.75, 9);
		expect(oddsOf({ vain: ['gap'] }, 'dried-out')).toBeCloseTo(1.4 / 1.75, 9);
		// And against waterlogged: -- = .15, 0.15 ÷ 0.8725.
		expect(oddsOf({ seen: ['gap'] }, 'waterlogged')).toBeCloseTo((0.7 * 0.15) / 0.8725, 9);
	});

	it('a group tells one story: the strongest of it, and not their product', () => {
		const one = oddsOf({ seen: ['gap'] }, 'dried-out');
		expect(oddsOf({ seen: ['gap', 'crust', 'runs-off'] }, 'dried-out')).toBeCloseTo(one, 9);
		// What was looked for in vain beside what was seen of one group says nothing more.
		expect(oddsOf({ seen: ['gap'], vain: ['crust'] }, 'dried-out')).toBeCloseTo(one, 9);
	});

	it('sum to one, each within 0 and 1, whatever is said', () => {
		fc.assert(
			fc.property(anything, (evidence) => {
				const ranked = rank(evidence);
				const sum = ranked.reduce((total, { probability }) => total + probability, 0);
				expect(sum).toBeCloseTo(1, 9);
				for (const { probability } of ranked) {
					expect(probability).toBeGreaterThan(0);
					expect(probability).toBeLessThan(1);
				}
			})
		);
	});

	it('do not care in which order anything was ticked', () => {
		fc.assert(
			fc.property(anything, (evidence) => {
				const { seen, vain, clues } = evidence;
				const turned = {
					seen: [...seen].reverse(),
					vain: [...vain].reverse(),
					clues: [...clues].reverse()
				};
				expect(rank(turned)).toEqual(rank(evidence));
			})
		);
	});

	it('a sign for a cause never lowers its odds against something else', () => {
		fc.assert(
			fc.property(anything, fc.constantFrom(...causeIds), (evidence, cause) => {
				const before = oddsOf(evidence, cause);
				for (const [sign, weight] of Object.entries(causes[cause].signs)) {
					const id = sign as (typeof signIds)[number];
					const without = (ids: readonly string[]) =>
						ids.filter((one) => one !== id) as typeof evidence.seen;
					if (!weight.startsWith('+') || evidence.seen.includes(id)) continue;
					const now = { ...evidence, seen: [...evidence.seen, id], vain: without(evidence.vain) };
					expect(oddsOf(now, cause)).toBeGreaterThanOrEqual(before * (1 - 1e-9));
				}
			}),
			{ numRuns: 300 }
		);
	});

	it('own closed cases weigh against the table as if it rested on twenty', () => {
		const cases = { residue: 20 };
		const table = 0.04 / 1.1;
		expect(chanceOf({ cases }, 'residue')).toBeCloseTo((20 * table + 20) / 40, 9);
	});

	it('all signs looked for in vain leave something else in front of most', () => {
		const ranked = rank(given({ vain: [...signIds] }));
		expect(saysNothing(rank(none))).toBe(true);
		expect(ranked.findIndex(({ cause }) => cause === 'something-else')).toBeLessThan(4);
	});
});

describe('own cases', () => {
	it.each<[string, Partial<Evidence>, CauseId]>([
		[
			'a raised bed with a crust and gaps along its boards, chamomile wilting at noon',
			{ seen: ['crust', 'gap', 'wilts-dry'], clues: ['no-cover'] },
			'dried-out'
		],
		[
			'pale old leaves three weeks after raw char',
			{ seen: ['pale-old'], clues: ['raw-char-lately'] },
			'raw-char'
		],
		[
			'hollyhocks yellow from below where chips were dug in',
			{ seen: ['pale-old', 'stunted'], vain: ['tip-burn'], clues: ['chips-lately'] },
			'raw-char'
		],
		[
			'beans with fern-like tips after straw of unknown field',
			{ seen: ['fern-like', 'beans-worst'], clues: ['suspect-stuff'] },
			'residue'
		],
		[
			'seedlings scorched along a line of urine',
			{ seen: ['dead-at-edge', 'tip-burn'], clues: ['strong-lately'] },
			'salt'
		],
		[
			'a bed limed twice and ashed once, young leaves yellow between green veins',
			{ seen: ['young-between-veins', 'only-some'], clues: ['over-cap', 'ph-7.3'] },
			'over-limed'
		],
		[
			'pale and small where nothing was fed',
			{ seen: ['pale-old', 'stunted'], clues: ['no-nitrogen', 'heavy-feeder', 'no-raw-no-chips'] },
			'nitrogen'
		],
		[
			'a wet corner that smells',
			{ seen: ['sour-smell', 'mottled'], clues: ['stays-wet'] },
			'waterlogged'
		],
		[
			'forked roots where the barrow goes',
			{ seen: ['forked-roots', 'spade-stops'], clues: ['trodden'] },
			'compacted'
		],
		['purple leaves in a cold spring', { seen: ['purple'], clues: ['cold-soil'] }, 'phosphorus'],
		[
			'cabbages with stubby roots and moss',
			{ seen: ['stubby-roots', 'moss'], clues: ['ph-5.4'] },
			'sour'
		],
		[
			'holes and slime along the hedge',
			{ seen: ['bitten', 'one-sided'], vain: ['whole-bed'] },
			'pests'
		],
		['spinach that bolts in June', { seen: ['bolting'], clues: ['out-of-window'] }, 'season'],
		[
			'old leaves yellow between veins after much ash',
			{ seen: ['old-between-veins'], vain: ['young-first'], clues: ['much-potash'] },
			'magnesium'
		],
		[
			'scorched rims on sand',
			{ seen: ['scorched-old', 'weak-stems'], clues: ['light-soil'] },
			'potash'
		]
	])('%s', (_, evidence, expected) => {
		expect(leading(evidence).slice(0, 2)).toContain(expected);
		expect(leading(evidence)[0]).toBe(expected);
	});

	it('five signs, each pointing elsewhere, leave no cause above a half', () => {
		const [first] = rank(given({ seen: ['gap', 'purple', 'cupped', 'bolting', 'stubby-roots'] }));
		expect(first!.probability).toBeLessThan(0.5);
	});
});

describe('how long it takes', () => {
	it('a ranking with every sign said and its best test take less than 20 ms', () => {
		const evidence = given({
			seen: signIds.slice(0, 12),
			vain: signIds.slice(12),
			clues: [...clueIds]
		});
		const start = performance.now();
		for (let n = 0; n < 100; n += 1) {
			bestTest(rank(evidence));
		}
		expect((performance.now() - start) / 100).toBeLessThan(20);
	});
});

describe('the test that tells most', () => {
	it('falls the entropy as counting every outcome does', () => {
		fc.assert(
			fc.property(anything, fc.constantFrom(...testIds), (evidence, test) => {
				const now = rank(evidence);
				const bits = (ps: readonly number[]) => -ps.reduce((sum, p) => sum + p * Math.log2(p), 0);
				// Enumerated from the joint of causes and outcomes, without the code under test.
				const p = (cause: CauseId) =>
					(testOf(test).tells as readonly CauseId[]).includes(cause) ? 0.85 : 0.15;
				const so = now.reduce((sum, one) => sum + one.probability * p(one.cause), 0);
				const after = now.map((one) => (one.probability * p(one.cause)) / so);
				const not = now.map((one) => (one.probability * (1 - p(one.cause))) / (1 - so));
				const fall =
					bits(now.map(({ probability }) => probability)) - so * bits(after) - (1 - so) * bits(not);
				expect(tellingOf(test, now).bits).toBeCloseTo(fall, 9);
				expect(tellingOf(test, now).chance).toBeCloseTo(so, 9);
			})
		);
	});

	it('of a dried bed is a finger at ten centimetres; both ways it says what it would mean', () => {
		const told = bestTest(rank(given({ seen: ['gap', 'wilts-dry'] })))!;
		expect(told.test).toBe('bone-dry');
		expect(told.ifSo.probability).toBeGreaterThan(told.ifNot.probability);
		expect(told.ifSo.cause).toBe('dried-out');
	});

	it('is another once that was made, and none where none parts the two in front', () => {
		const seen = ['gap', 'wilts-dry'] as const;
		const tested = [{ test: 'bone-dry', isSo: false }] as const;
		expect(bestTest(rank(given({ seen, tested })), tested)?.test).not.toBe('bone-dry');
		const hungry = given({ seen: ['pale-old', 'stunted'], clues: ['no-nitrogen'] });
		expect(
			rank(hungry)
				.slice(0, 2)
				.map(({ cause }) => cause)
				.sort()
		).toEqual(['nitrogen', 'raw-char']);
		expect(bestTest(rank(hungry))).toBeUndefined();
		expect(oneChange(rank(hungry))).toBe('feed-nitrogen');
	});

	it('is none once the first is as good as sure', () => {
		const seen = ['gap', 'wilts-dry', 'few-worms'] as const;
		const tested = [{ test: 'bone-dry', isSo: true }] as const;
		const ranked = rank(given({ seen, tested, clues: ['no-cover', 'ten-dry-days'] }));
		expect(ranked[0]!.probability).toBeGreaterThan(0.9);
		expect(bestTest(ranked, tested)).toBeUndefined();
	});

	it('the change is of the first cause where no change helps both', () => {
		expect(oneChange(rank(given({ seen: ['gap', 'wilts-dry'] })))).toBe('water-and-cover');
		expect(oneChange(rank(none))).toBe('water-and-cover');
	});
});

describe('readings of a bed', () => {
	it('444 mL in a six-inch ring stand an inch deep', () => {
		expect(infiltration(0.444, 60)).toBeCloseTo(24.3, 1);
		expect(infiltration(0.444, 11, usualRing_m)).toBeCloseTo(132.8, 0);
		expect(() => infiltration(0.444, 0)).toThrow(RangeError);
	});

	it('are signs as well: few worms seen, a spade that goes deep looked for in vain', () => {
		expect(signsOfReadings({ worms: 2, spade_m: 0.22, smell: 'rotten', stood_h: 1 })).toEqual({
			seen: ['few-worms', 'sour-smell'],
			vain: ['spade-stops', 'water-stands']
		});
		expect(signsOfReadings({})).toEqual({ seen: [], vain: [] });
	});

	it('a slurry tells the paste by the soil', () => {
		expect(pasteOfSlurry(0.5, 'loam')).toBeCloseTo(4.5, 9);
		expect(pasteOfSlurry(0.5, 'sand')).toBeCloseTo(7, 9);
	});
});

describe('the rescue of a tired bed', () => {
	it('waters before it feeds and feeds before it covers, by the size of the bed', () => {
		const steps = rescue(7.2, { compost: 'M31', mulch: 'M5' });
		expect(steps.map(({ id }) => id)).toEqual([
			...['water', 'cut-nothing', 'compost', 'minerals', 'feed', 'cover', 'look']
		]);
		expect(steps[0]!.litres).toEqual({ low: 180, high: 216 });
		expect(steps[2]).toMatchObject({ lot: 'M31', litres: { low: 36, high: 72 } });
		const days = steps.map(({ day }) => day);
		expect(days).toEqual([...days].sort((a, b) => a - b));
	});

	it('takes castings before compost, and less of them', () => {
		const [, , step] = rescue(10, { castings: 'M7', compost: 'M31' });
		expect(step).toMatchObject({ lot: 'M7', litres: { low: 10, high: 20 } });
	});
});
