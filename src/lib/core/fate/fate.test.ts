import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { days } from '../time';
import {
	bedsToMulch,
	fatesOf,
	fateWays,
	inNeedOrder,
	kits,
	pileStuffs,
	pileUses,
	placed,
	wayOfPart,
	type Pile
} from './index';

const now_ms = Date.UTC(2026, 4, 10);
const pile = (more: Partial<Pile>): Pile => ({
	...{ stuff: 'soft-tops', litres: 100, use: 'any', now_ms, kit: new Set(kits) },
	...{ isMulched: false, isSuspect: false, ...more }
});
const fits = (of: Pile) =>
	fatesOf(of)
		.filter(({ no }) => no === undefined)
		.map(({ way }) => way.id);
const no = (of: Pile, id: string) => fatesOf(of).find(({ way }) => way.id === id)!.no;

describe('what becomes of a pile', () => {
	it('of spring tops wanted on beans in three weeks is a sugar ferment or a liquor', () => {
		const tops = pile({ use: 'feed', litres: 50, wanted_ms: now_ms + days(21) });
		expect(fits(tops).slice(0, 2).toSorted()).toEqual(['steeped-liquor', 'sugar-ferment']);
		expect(no(tops, 'long-ferment')).toBe('late');
		expect(no(tops, 'mulch')).toBe('use');
		// The one is sure to be ready, the other only may be.
		expect(fits(tops)[0]).toBe('sugar-ferment');
	});

	it('of a ferment that would spoil before it is wanted is turned down as too early', () => {
		expect(no(pile({ wanted_ms: now_ms + days(200) }), 'sugar-ferment')).toBe('early');
		expect(no(pile({ wanted_ms: now_ms + days(200) }), 'long-ferment')).toBeUndefined();
	});

	it('of prunings is chips next month and char next year', () => {
		const wood = { stuff: 'woody-thin', litres: 800 } as const;
		expect(fits(pile({ ...wood, use: 'mulch', wanted_ms: now_ms + days(30) }))).toEqual([
			'chip-mulch'
		]);
		expect(fits(pile({ ...wood, use: 'char', wanted_ms: now_ms + days(365) }))).toEqual(['char']);
		expect(placed(800, [400, 400])).toEqual({ placed_l: 800, left_l: 0, over_l: 0 });
	});

	it('of October leaves for potting in eight months is leaf mould, if it is hurried', () => {
		const leaves = pile({
			stuff: 'dry-leaves',
			litres: 2400,
			use: 'potting',
			wanted_ms: now_ms + days(243)
		});
		expect(fits(leaves)).toEqual(['hot-compost', 'leaf-mould']);
		expect(no({ ...leaves, wanted_ms: now_ms + days(200) }, 'leaf-mould')).toBe('late');
	});

	it('of windfalls beside a neighbour is nothing that stinks', () => {
		const windfalls = pile({ stuff: 'fruit-waste', litres: 45, neighbour_m: 4 });
		expect(no(windfalls, 'long-ferment')).toBe('smell');
		expect(no(windfalls, 'hot-compost')).toBe('little');
		expect(fits(windfalls)).toEqual(expect.arrayContaining(['worm-feed', 'sugar-ferment']));
		const worms = fatesOf(windfalls).find(({ way }) => way.id === 'worm-feed')!;
		expect(worms.lacks).toContain('much');
		expect(worms.takes_l).toBe(30);
	});

	it.each([
		['beds that have their mulch get no second', pile({ isMulched: true }), 'mulch', 'mulched'],
		['what may be ill goes where it is hot', pile({ isSuspect: true }), 'mulch', 'suspect'],
		['seedy weeds are never mulch', pile({ stuff: 'seedy-weeds' }), 'mulch', 'stuff'],
		['nor a path', pile({ stuff: 'seedy-weeds' }), 'compost-path', 'stuff']
	] as const)('%s', (_name, of, id, why) => {
		expect(no(of, id)).toBe(why);
	});

	it('tells what is not at hand, and how long it takes', () => {
		const [first] = fatesOf(pile({ stuff: 'woody-thick', kit: new Set(), litres: 300 }));
		expect(first!.lacks).toEqual(['kit']);
		expect(first!.kit.length).toBeGreaterThan(0);
		const chips = fatesOf(pile({ stuff: 'woody-thick', litres: 300, hours: 1 })).find(
			({ way }) => way.id === 'chip-mulch'
		)!;
		expect(chips.hours).toBeCloseTo(2.4, 9);
		expect(chips.lacks).toEqual(['hours']);
	});

	it('is ranked: none that is turned down stands before one that is not, whatever is asked', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...pileStuffs),
				fc.constantFrom(...pileUses),
				fc.integer({ min: 1, max: 5000 }),
				fc.option(fc.integer({ min: 0, max: 900 }), { nil: undefined }),
				fc.subarray([...kits]),
				(stuff, use, litres, ahead, kit) => {
					const all = fatesOf(
						pile({
							...{ stuff, use, litres, kit: new Set(kit) },
							wanted_ms: ahead === undefined ? undefined : now_ms + days(ahead)
						})
					);
					expect(all).toHaveLength(fateWays.length);
					const turned = all.map((one) => (one.no === undefined ? 0 : 1));
					expect(turned).toEqual(turned.toSorted((a, b) => a - b));
					for (const one of all) expect(one.takes_l).toBeLessThanOrEqual(litres);
				}
			)
		);
	});

	it('goes the first way that fits, unless another was chosen', () => {
		const fates = fatesOf(pile({ use: 'feed', litres: 50, wanted_ms: now_ms + days(21) }));
		expect(wayOfPart(fates, '')?.way.id).toBe('sugar-ferment');
		expect(wayOfPart(fates, 'steeped-liquor')?.way.id).toBe('steeped-liquor');
		expect(wayOfPart(fatesOf(pile({ stuff: 'woody-thick', use: 'potting' })), '')).toBeUndefined();
	});

	it('is parted in the order in which its parts are wanted, those of no day last', () => {
		const parts = [
			{ id: 'later', wanted_ms: 20 },
			{ id: 'whenever' },
			{ id: 'soon', wanted_ms: 10 },
			{ id: 'ever', wanted_ms: undefined }
		];
		expect(inNeedOrder(parts).map(({ id }) => id)).toEqual(['soon', 'later', 'whenever', 'ever']);
	});

	it('lies on beds without a cover, and on none with kin of its crop', () => {
		const beds = [
			{ name: 'bare', isCovered: false, families: ['cabbage'] },
			{ name: 'covered', isCovered: true, families: [] },
			{ name: 'kin', isCovered: false, families: ['nightshade', 'onion'] }
		];
		expect(bedsToMulch(beds).map(({ name }) => name)).toEqual(['bare', 'kin']);
		expect(bedsToMulch(beds, 'nightshade').map(({ name }) => name)).toEqual(['bare']);
	});
});
