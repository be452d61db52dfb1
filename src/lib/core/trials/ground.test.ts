import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	acrossSeasons,
	alikeArms,
	chanceOf,
	driftsAlong,
	giftsOf,
	groundDrawn,
	layOut,
	outcomeOf,
	stripPlace,
	unitOn,
	type Arm,
	type TrialBehind
} from './index';

const bed = { name: 'Mere 2', target: 'area' as const, pieces: 1, length_m: 6, width_m: 1.2 };
const pots = { name: 'Pots', target: 'pots' as const, pieces: 24, length_m: 0.26, width_m: 0.26 };

describe('chance from a seed', () => {
	it('is spread over all there is, also for seeds that follow each other', () => {
		const seeds = Array.from({ length: 2000 }, (_, i) => i);
		const first = seeds.map((seed) => chanceOf(seed).share()).sort((a, b) => a - b);
		// Kolmogorov and Smirnov: passed by one of a hundred thousand sets of this size.
		const furthest = Math.max(...first.map((share, i) => Math.abs(share - (i + 0.5) / 2000)));
		expect(furthest).toBeLessThan(2.47 / Math.sqrt(2000));
	});

	it('sets each arm on each place of a row as often', () => {
		const counts = [0, 0, 0, 0];
		for (let seed = 0; seed < 4000; seed += 1) {
			const [first] = layOut({
				arms: [1, 2, 3, 4].map((share) => ({ kind: 'raw', share })),
				blocks: 1,
				order: 'drawn',
				seed
			});
			counts[first!.arm]! += 1;
		}
		for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(130);
	});

	it('lays strips of one bed at other places in other years', () => {
		const along = Array.from({ length: 40 }, (_, seed) => {
			const place = stripPlace({ length_m: 8 }, seed);
			return place && 'along_m' in place ? place.along_m : 0;
		});
		expect(Math.min(...along)).toBeLessThan(1.5);
		expect(Math.max(...along)).toBeGreaterThan(5.5);
		expect(new Set(along.map((at) => at.toFixed(1))).size).toBeGreaterThan(20);
	});
});

describe('the ground of a trial', () => {
	it('is a pot of the group, or a slice across the bed', () => {
		expect(unitOn(pots, 24)).toEqual({ status: 'fits', length_m: 0.26, width_m: 0.26 });
		expect(unitOn(pots, 25)).toEqual({ status: 'too-many', most: 24 });
		expect(unitOn(bed, 12)).toEqual({ status: 'fits', length_m: 0.5, width_m: 1.2 });
		expect(unitOn(bed, 25)).toEqual({ status: 'too-many', most: 24 });
		expect(groundDrawn(pots, 24)).toMatchObject({ isRound: true, each: { width_m: 0.26 } });
		expect(groundDrawn(bed, 99)).toBeUndefined();
	});

	it('what is said to have room has it, whatever the bed', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 60, noNaN: true }),
				fc.integer({ min: 2, max: 300 }),
				(length_m, units) => {
					const told = unitOn({ ...bed, length_m }, units);
					if (told.status === 'fits') expect(told.length_m * units).toBeCloseTo(length_m, 6);
					else if (told.most >= 2)
						expect(unitOn({ ...bed, length_m }, told.most).status).toBe('fits');
				}
			)
		);
	});
});

describe('what the arms get', () => {
	it('bare soil nothing, char and compost two things, water no share', () => {
		const arms: Arm[] = [
			{ kind: 'nothing' },
			{ kind: 'char-and-compost', share: 5 },
			{ kind: 'wet-only', share: 5 },
			{ kind: 'other', name: 'liquor' }
		];
		expect(giftsOf(arms)).toEqual([
			{ arm: 1, stuff: 'char', share: 5 },
			{ arm: 1, stuff: 'compost', share: 5 },
			{ arm: 2, stuff: 'water' },
			{ arm: 3, stuff: 'any' }
		]);
	});

	it('arms that nothing tells apart are named', () => {
		const charged = (share: number, name?: string): Arm => ({ kind: 'charged', share, name });
		expect(alikeArms([{ kind: 'nothing' }, charged(5), charged(10)])).toBeUndefined();
		expect(alikeArms([{ kind: 'nothing' }, charged(5), charged(5)])).toEqual([1, 2]);
		expect(alikeArms([charged(5, 'by urine'), charged(5, 'by compost')])).toBeUndefined();
	});
});

const arms: Arm[] = [{ kind: 'nothing' }, { kind: 'charged', share: 5 }];
const behind = (blocks: number, isBlocked = true): TrialBehind => ({
	...{ arms, order: 'drawn', seed: 5, lost: [], isBlocked, isBlind: true },
	units: layOut({ arms, blocks, order: 'drawn', seed: 5 })
});

describe('several seasons of one trial', () => {
	/** Season two grows twice as much, and charged char gives a fifth more in both. */
	const seasons = (noise: number) => {
		const chance = chanceOf(3);
		return [30, 60].map((mean) =>
			behind(8).units.map(({ n, arm, block }) => ({
				n,
				value: mean * (1 + 0.2 * arm + 0.02 * block + noise * chance.normal())
			}))
		);
	};

	it('count each pot once, and what differs between seasons falls out', () => {
		const told = acrossSeasons(behind(8), 'harvest', seasons(0.02))!;
		expect(told.given.length).toBe(16);
		expect(told.raw).toMatchObject({ status: 'judged', df2: 7 });
		const [finding] = told.findings;
		expect(finding).toMatchObject({ is: 'shown' });
		// A fifth of the control is 100 · 0.2 ÷ 1.17 of the mean.
		expect(finding!.difference).toBeCloseTo(17, -0.3);
	});

	it('a pot that was not read in one of them is left out of all', () => {
		const [first = [], second = []] = seasons(0.02);
		const told = acrossSeasons(behind(8), 'harvest', [first, second.slice(1)])!;
		expect(told.given.map(({ n }) => n)).not.toContain(second[0]!.n);
		expect(told.given.length).toBe(15);
	});

	it('one season, or a season of nothing, is not judged together', () => {
		const [first = []] = seasons(0);
		expect(acrossSeasons(behind(8), 'harvest', [first])).toBeUndefined();
		const none = first.map(({ n }) => ({ n, value: 0 }));
		expect(acrossSeasons(behind(8), 'harvest', [first, none])).toBeUndefined();
	});
});

describe('a shady corner with the rows laid wrong', () => {
	const looks = (slope: number, isBlocked: boolean) => {
		const chance = chanceOf(17);
		const units = layOut({ arms: four, blocks: 6, order: 'drawn', seed: 2 });
		const at = units.map(({ n, arm, block }) => ({
			n,
			at_ms: 0,
			value: 40 + arm + 0.2 * block + slope * ((n - 1) % 4) + 0.8 * chance.normal()
		}));
		const trial: TrialBehind = {
			...{ arms: four, order: 'drawn', seed: 2, lost: [], isBlocked, isBlind: true },
			units
		};
		return outcomeOf(trial, 'height', at).weaknesses;
	};
	const four: Arm[] = [
		{ kind: 'nothing' },
		{ kind: 'raw', share: 5 },
		{ kind: 'charged', share: 5 },
		{ kind: 'compost', share: 20 }
	];

	it('is said when what is left over goes along the rows, and not where it does not', () => {
		expect(looks(4, true)).toContain('drifts');
		expect(looks(0, true)).not.toContain('drifts');
	});

	it('of chance alone it is said about once in a hundred', () => {
		const chance = chanceOf(23);
		const said = Array.from({ length: 2000 }, () =>
			driftsAlong(Array.from({ length: 24 }, (_, at) => ({ at, residual: chance.normal() })))
		).filter(Boolean).length;
		expect(said / 2000).toBeGreaterThan(0.004);
		expect(said / 2000).toBeLessThan(0.018);
	});

	it('a few pots, or none left over, drift nowhere', () => {
		expect(driftsAlong([1, 2, 3].map((at) => ({ at, residual: at })))).toBe(false);
		const none = Array.from({ length: 12 }, (_, at) => ({ at, residual: 0 }));
		expect(driftsAlong(none)).toBe(false);
	});
});

describe('counts in few rows', () => {
	it('tell that arms differ, and not which: four rows are too few for two arms', () => {
		const three: Arm[] = [{ kind: 'nothing' }, { kind: 'compost' }, { kind: 'charged', share: 3 }];
		const units = layOut({ arms: three, blocks: 4, order: 'drawn', seed: 29 });
		const trial: TrialBehind = {
			...{ arms: three, order: 'drawn', seed: 29, lost: [], isBlocked: true, isBlind: true },
			units
		};
		const told = outcomeOf(
			trial,
			'germinated',
			units.map(({ n, arm }) => ({ n, at_ms: 0, value: 10 + 2 * arm + (n % 2) }))
		);
		expect(told.differs).toBe(true);
		expect(told.findings.every(({ is }) => is === 'not-shown')).toBe(true);
		expect(told.weaknesses).toContain('too-few-for-pairs');
	});
});

describe('scores of which the arms leave nothing over', () => {
	it('are told by rank, with no interval', () => {
		const trial = behind(4, false);
		const told = outcomeOf(
			trial,
			'score',
			trial.units.map(({ n, arm }) => ({ n, at_ms: 0, value: arm === 0 ? 2 : 4 }))
		);
		expect(told.raw.status).toBe('no-spread');
		expect(told.findings).toMatchObject([{ difference: 2, by: 'shuffled', low: -Infinity }]);
		// 70 ways to part four and four, two of them so far apart; the orders are drawn, being over 20,000.
		expect(told.findings[0]!.p).toBeCloseTo(2 / 70, 2);
	});
});
