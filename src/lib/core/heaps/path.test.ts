import { describe, expect, it } from 'vitest';
import { judge } from '../cautions';
import { days } from '../time';
import { metres } from '../units';
import {
	heapCaseOf,
	heapRules,
	pathDates,
	seasonEnds,
	type HeapBefore,
	type HeapWay,
	type LaidOn
} from './index';

const may = Date.UTC(2026, 4, 1);

describe('a path', () => {
	it('is turned about every six weeks, and no more once its season is over', () => {
		const ends = seasonEnds(may, 54);
		expect(new Date(ends).getUTCMonth()).toBeGreaterThanOrEqual(9);
		expect(pathDates(may, [], may, 54)).toEqual({ turn_ms: may + days(42), ends_ms: ends });
		const turned = may + days(50);
		expect(pathDates(may, [turned], turned, 54).turn_ms).toBe(turned + days(42));
		// A turning that is not yet counts for nothing.
		expect(pathDates(may, [turned], may, 54).turn_ms).toBe(may + days(42));
		expect(pathDates(may, [ends - days(10)], ends, 54).turn_ms).toBeUndefined();
		// Filled in the cold it waits for the spring.
		const november = Date.UTC(2026, 10, 20);
		const first = new Date(pathDates(november, [], november, 54).turn_ms!);
		expect([first.getUTCFullYear(), first.getUTCMonth()]).toEqual([2027, 3]);
	});

	it('has its season in the other half of the year south of the equator, and all year where it is warm', () => {
		const south = new Date(seasonEnds(Date.UTC(2026, 10, 1), -54)).getUTCMonth();
		expect(south).toBeGreaterThanOrEqual(3);
		expect(south).toBeLessThan(8);
		expect(seasonEnds(may, 5)).toBe(may + days(365));
	});
});

const before = (way: HeapWay, more: Partial<HeapBefore> = {}): HeapBefore => ({
	...{ name: 'Kiln yard', way, size: undefined, laid_l: 0, ash_l: 0, char_l: 0 },
	...{ forAcidLovers: false, isStreet: false, ...more }
});
const stuff = (litres: number, more: Partial<LaidOn> = {}): LaidOn => ({
	...{ litres, kg: litres * 0.3, isLiquid: false, isAsh: false, isRich: false, char_l: 0 },
	...more
});
const said = (of: HeapBefore, ...laid: readonly LaidOn[]) =>
	judge(heapRules, heapCaseOf(of, laid)).map(({ code }) => code);

describe('a heap as its rules look at it', () => {
	it.each<[string, HeapBefore, readonly LaidOn[], readonly string[]]>([
		['nothing but straw', before('compost'), [stuff(400)], []],
		[
			'char to a sixth of it',
			before('compost'),
			[stuff(100), stuff(20, { char_l: 20 })],
			['heap-char-much']
		],
		[
			'char that came in manure, on top of what lay there',
			before('compost', { laid_l: 100, char_l: 14 }),
			[stuff(20, { char_l: 8 })],
			['heap-char-much']
		],
		[
			'what is poured adds no litres to dilute ash',
			before('compost'),
			[stuff(100), stuff(400, { isLiquid: true }), stuff(0.6, { isAsh: true })],
			['heap-ash-much']
		],
		[
			'ash beside what it drives off',
			before('compost'),
			[stuff(900), stuff(9, { isRich: true, isLiquid: true }), stuff(1, { isAsh: true })],
			['heap-ash-ammonium']
		],
		[
			'ash for heathers',
			before('leaf-mould', { forAcidLovers: true }),
			[stuff(900), stuff(1, { isAsh: true })],
			['heap-ash-acid']
		],
		[
			'a soak is all ash and says only what it is',
			before('ash-soak', { urine: 'fresh' }),
			[stuff(4, { isAsh: true }), stuff(1.5, { isLiquid: true, isRich: true })],
			['soak-caustic']
		],
		['the bed of worms itself is laid deep', before('worms'), [stuff(60)], []],
		[
			'worms fed 20 L on a common bin',
			before('worms', { laid_l: 60 }),
			[stuff(60)],
			['worms-thick']
		],
		[
			'worms on a wide bed',
			before('worms', { laid_l: 60, size: { shape: 'box', length: metres(2), width: metres(1) } }),
			[stuff(60)],
			[]
		],
		[
			'worms in heat',
			before('worms', { laid_l: 60, temperature_c: 33 }),
			[stuff(4)],
			['worms-warmth']
		]
	])('%s', (_name, of, laid, codes) => {
		expect(said(of, ...laid)).toEqual(codes);
	});
});
