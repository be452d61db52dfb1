import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { days, hours, momentOf, warmthOf } from '../time';
import { celsius } from '../units';
import {
	brewWindow,
	dueDays,
	linesOf,
	placeKin,
	recipes,
	roundAt,
	roundsOf,
	startsFor,
	trustFigure,
	type Kin,
	type RecipeId
} from '.';

const kin = (
	code: string,
	recipe: RecipeId,
	from: readonly string[] = [],
	more: Partial<Kin> = {}
): Kin => ({
	code,
	recipe,
	name: code,
	at_ms: Number(code.slice(1)),
	from,
	outcome: 'worked',
	isMarked: false,
	left_l: 1,
	...more
});

describe('a line of cultures', () => {
	const line = [
		kin('B1', 'grain-culture'),
		kin('B2', 'kept-culture', ['B1']),
		kin('B3', 'kept-culture', ['B2']),
		kin('B4', 'kept-culture', ['B3'], { outcome: 'failed' }),
		kin('B5', 'microbe-tea', ['B3']),
		kin('B6', 'microbe-tea', ['B4'], { outcome: 'pending' }),
		kin('B7', 'aerated-tea')
	];

	it('counts its generations from the wild, a tea by its starter', () => {
		const placed = placeKin(line);
		const of = (code: string) => placed.get(code)!.generation;
		expect(['B1', 'B2', 'B3', 'B4'].map(of)).toEqual([1, 2, 3, 4]);
		expect(of('B5')).toBe(3);
		expect(of('B7')).toBe(0);
		expect(placed.get('B5')?.root).toBe('B1');
	});

	it('throws its doubt forward: on what came of a jar that failed, not on what was before', () => {
		const placed = placeKin(line);
		expect(placed.get('B6')?.doubtedFor).toEqual(['B4']);
		expect(placed.get('B5')?.doubtedFor).toEqual([]);
		const marked = placeKin([kin('B1', 'grain-culture', [], { isMarked: true }), ...line.slice(1)]);
		expect(marked.get('B3')?.doubtedFor).toEqual(['B1']);
		expect(marked.get('B6')?.doubtedFor).toEqual(['B1', 'B4']);
	});

	it('is trusted by how many worked, and a short line less than a long one', () => {
		const [only] = linesOf(placeKin(line));
		expect(only).toMatchObject({ root: 'B1', generations: 4, worked: 4, failed: 1 });
		expect(only?.trust).toBeCloseTo(5 / 7, 12);
		const two = linesOf(placeKin([...line, kin('B9', 'grain-culture')]));
		expect(two.map(({ root }) => root)).toEqual(['B1', 'B9']);
	});

	it('tells the range of its trust: wide for few, narrow for many', () => {
		const width = (worked: number, failed: number) => {
			const { low, high, value } = trustFigure({ worked, failed });
			expect(low).toBeLessThan(value);
			expect(high).toBeGreaterThan(value);
			expect(low).toBeGreaterThanOrEqual(0);
			expect(high).toBeLessThanOrEqual(1);
			return high - low;
		};
		expect(width(1, 0)).toBeGreaterThan(width(40, 4));
	});

	it('holds the true share in four cases of five, by simulation', () => {
		// A small generator with a fixed seed: the same draws on every run.
		let seed = 42;
		const draw = () => {
			seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
			return seed / 2 ** 32;
		};
		let held = 0;
		const trials = 4000;
		for (let trial = 0; trial < trials; trial += 1) {
			// A line as good as any: its true share anywhere, its length up to twenty.
			const share = draw();
			const n = 1 + Math.floor(draw() * 20);
			const worked = Array.from({ length: n }, draw).filter((one) => one < share).length;
			const { low, high } = trustFigure({ worked, failed: n - worked });
			if (share >= low && share <= high) held += 1;
		}
		expect(held / trials).toBeGreaterThan(0.74);
		expect(held / trials).toBeLessThan(0.88);
	});
});

describe('a programme', () => {
	const zone = 'Europe/London';
	const phases = [
		{ from: '2026-03-20', until: '2026-04-10', every_days: 7 },
		{ from: '2026-04-10', until: '2026-05-22', every_days: 14 }
	];

	it('is due on local days, each once, whatever the clocks do between', () => {
		expect(dueDays(phases)).toEqual([
			'2026-03-20',
			'2026-03-27',
			'2026-04-03',
			'2026-04-10',
			'2026-04-24',
			'2026-05-08',
			'2026-05-22'
		]);
		// Clocks go forward on 29 March: the evening stays the evening.
		expect(roundAt('2026-04-03', zone) - roundAt('2026-03-27', zone)).toBe(days(7) - hours(1));
		expect(() => dueDays([{ ...phases[0]!, every_days: 0 }])).toThrow(RangeError);
		expect(() => roundAt('someday', zone)).toThrow(RangeError);
	});

	it('moves on from a round that was missed', () => {
		const now = momentOf('2026-04-11T09:00', zone)!;
		const rounds = roundsOf(
			phases,
			[{ due: '2026-03-20', at_ms: roundAt('2026-03-20', zone) }],
			now,
			zone
		);
		expect(rounds.map(({ state }) => state)).toEqual([
			'done',
			'missed',
			'missed',
			'due',
			'ahead',
			'ahead',
			'ahead'
		]);
		const later = roundsOf(phases, [], momentOf('2026-04-14T09:00', zone)!, zone);
		expect(later[3]?.state).toBe('missed');
	});

	it('counts back through the starter and the culture that makes it, by day', () => {
		const due = roundAt('2026-06-10', zone);
		const starts = startsFor('microbe-tea', due, celsius(20), [], zone)!;
		expect(starts.map(({ recipe }) => recipe)).toEqual([
			'microbe-tea',
			'kept-culture',
			'grain-culture'
		]);
		// The tea is set going a day and a half before at the earliest hour that serves, the jar a week before that.
		const [tea, jar, grain] = starts;
		expect(due - tea!.start_ms).toBeGreaterThan(hours(24));
		expect(due - tea!.start_ms).toBeLessThan(hours(48 * 1.3));
		expect(tea!.start_ms - jar!.start_ms).toBeGreaterThanOrEqual(days(7));
		expect(jar!.start_ms - grain!.start_ms).toBeGreaterThan(days(4));
		for (const { start_ms } of starts) {
			const hour = new Date(start_ms).getUTCHours() + 1;
			expect(hour).toBeGreaterThanOrEqual(8);
			expect(hour).toBeLessThanOrEqual(19);
		}
	});

	it('uses the culture that is there, and the sound one of two kinds', () => {
		const due = roundAt('2026-06-10', zone);
		const have = (code: string, recipe: RecipeId, past_ms: number) => ({
			code,
			recipe,
			ripe_ms: due - days(90),
			past_ms
		});
		const uses = (haves: Parameters<typeof startsFor>[3]) =>
			startsFor('microbe-tea', due, celsius(18), haves, zone)?.map(
				({ recipe, uses: code }) => code ?? recipe
			);
		expect(uses([have('B9', 'milk-culture', due), have('B3', 'kept-culture', due)])).toEqual([
			'microbe-tea',
			'B3'
		]);
		expect(uses([have('B3', 'kept-culture', due - days(10))])).toContain('grain-culture');
	});

	it('starts each kind so that it may be used on its day and has not faded, warm or cool', () => {
		const kinds = recipes.filter(({ soil, hours: time }) => soil && time[1] > 0);
		fc.assert(
			fc.property(
				fc.constantFrom(...kinds.map(({ id }) => id)),
				fc.integer({ min: 9, max: 38 }),
				fc.integer({ min: 0, max: 364 }),
				(id, c, day) => {
					const due = roundAt('2026-01-01', zone) + days(day);
					const start = startsFor(id, due, celsius(c), [], zone)![0]!.start_ms;
					const window = brewWindow(id, warmthOf(start, celsius(c), []));
					expect(window.usable_ms).toBeLessThanOrEqual(due + 1);
					expect(window.fading_ms).toBeGreaterThanOrEqual(due - 1);
				}
			)
		);
	});

	it('says that nothing ripens in the cold', () =>
		expect(startsFor('aerated-tea', days(100), celsius(5), [], zone)).toBeNull());
});
