import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tend, type Fed, type Hearth } from '../firemodel';
import { minutes } from '../time';
import { metres } from '../units';
import { capacity, type Shape } from '../vessels';
import {
	adviceOf,
	bedOf,
	courseOf,
	fireAt,
	learnPace,
	modelStart,
	needFor,
	needsOf,
	ownStart,
	paceOf,
	paceSpread,
	presses,
	recordOf,
	smokeMinutes,
	stageOf,
	stageRow,
	starts,
	sumsOf,
	timings,
	usualLayer,
	waterUsed,
	type FireBehind,
	type PressName,
	type Tap
} from './index';

const shape: Shape = {
	kind: 'round',
	rimWidth: metres(1.3),
	floorWidth: metres(0.45),
	depth: metres(0.8)
};
const density = { value: 0.15, low: 0.11, high: 0.2 };
const start = modelStart(0.025, 0.15);
const behind: FireBehind = {
	way: 'open-kiln',
	shape,
	kgPerLitre: { value: 0.12, low: 0.08, high: 0.18 },
	massYield: { value: 0.22, low: 0.16, high: 0.29 },
	density,
	isOwnYield: false,
	start,
	needs: needsOf({ way: 'open-kiln', shape, density, ownWater: [] }),
	front: { low: 50, high: 75 }
};

/** Taps by their names and minutes. */
type Step = readonly [min: number, tap: PressName | Partial<Tap>];
const tapped = (...steps: readonly Step[]): Tap[] =>
	steps.map(([min, tap], i) => ({
		...((typeof tap === 'string' ? presses[tap].told : tap) as Tap),
		id: `tap-${i}`,
		at_ms: minutes(min),
		person: 'Oda'
	}));
/** So many layers, each with white edges after so many minutes and the next on a moment later. */
const steady = (count: number, every: number): Tap[] =>
	tapped(
		...Array.from({ length: count }, (_, i): readonly (readonly [number, PressName])[] => [
			[i * every, 'layer'],
			[i * every + every - 0.3, 'white']
		]).flat()
	);

describe('a course', () => {
	it('is read in the order in which things happened, whatever the order they came in', () => {
		const taps = steady(6, 6);
		fc.assert(
			fc.property(fc.shuffledSubarray(taps, { minLength: taps.length }), (mixed) => {
				expect(courseOf(mixed, 0)).toEqual(courseOf(taps, 0));
			})
		);
	});

	it('knows of each layer when its edges were white, when it flared and when it smoked', () => {
		const { layers } = courseOf(
			tapped([0, 'layer'], [5, 'white'], [6, 'layer-thick'], [7, 'flames'], [8, 'smoke-thick'])
		);
		expect(layers).toMatchObject([
			{ n: 1, white_ms: minutes(5), next_ms: minutes(6), isHigh: false, isSmoky: false },
			{ n: 2, layer: 'thick', isHigh: true, isSmoky: true }
		]);
	});

	it('counts smoke until it is said to end, and no longer than usual where nobody says', () => {
		const said = courseOf(tapped([0, 'smoke-some'], [4, 'smoke-thick'], [9, 'smoke-none']));
		expect(smokeMinutes(said, minutes(60))).toBeCloseTo(9, 9);
		expect(smokeMinutes(courseOf(tapped([0, 'smoke-some'])), minutes(60))).toBeCloseTo(5, 9);
		expect(smokeMinutes(courseOf(tapped([0, 'smoke-some'])), minutes(2))).toBeCloseTo(2, 9);
	});

	it('adds up water by the clock of the hose, cans and tanks', () => {
		const course = courseOf(
			tapped(
				[0, 'water-start'],
				[1, 'water-start'],
				[4, 'water-stop'],
				[5, { is: 'water', water: 'poured', litres: 10 }],
				[6, 'water-start']
			)
		);
		expect(waterUsed(course, 11, minutes(8))).toBeCloseTo(4 * 11 + 10 + 2 * 11, 9);
		expect(waterUsed(course, undefined, minutes(8))).toBe(10);
	});
});

describe('stages', () => {
	const at = (way: FireBehind['way'], ...steps: readonly Step[]) =>
		stageOf(way, courseOf(tapped(...steps), 0));

	it('of a fire in layers: fed, burning down, fed again, quenched', () => {
		expect(stageOf('trench', courseOf([]))).toBe('unlit');
		expect(at('trench')).toBe('feeding');
		expect(at('trench', [1, 'layer'], [9, 'fed'])).toBe('burning-down');
		expect(at('trench', [1, 'layer'], [9, 'fed'], [10, 'layer'])).toBe('feeding');
		expect(at('trench', [1, 'layer'], [9, 'water-start'])).toBe('quenching');
		expect(at('trench', [1, 'layer'], [9, 'water-start'], [12, 'quenched'])).toBe('quenched');
	});

	it('of a barrel: burner, front, through at any sign, stirred, capped, tipped', () => {
		expect(at('barrel')).toBe('burner');
		expect(at('barrel', [5, 'burner'])).toBe('front');
		for (const sign of ['glow', 'ash-drops', 'blue-flame', 'rod'] as const)
			expect(at('barrel', [5, 'burner'], [60, sign])).toBe('through');
		expect(at('barrel', [60, 'glow'], [61, 'stir'])).toBe('stirred');
		expect(at('barrel', [60, 'glow'], [62, 'cap'])).toBe('capped');
		expect(at('barrel', [60, 'glow'], [62, 'cap'], [90, 'tip'])).toBe('quenching');
	});

	it('of a barrel that never lights: out, lit again, given up', () => {
		expect(at('barrel', [20, 'went-out'])).toBe('out');
		expect(at('barrel', [20, 'went-out'], [25, 'lit-again'])).toBe('burner');
		expect(at('barrel', [20, 'went-out'], [25, 'give-up'])).toBe('given-up');
	});

	it('of a retort: it is shut only once its gas fades, and gas may come again', () => {
		expect(at('retort')).toBe('warming');
		expect(at('retort', [20, 'steam'])).toBe('steaming');
		expect(at('retort', [20, 'steam'], [60, 'gas-lit'])).toBe('gassing');
		expect(at('retort', [60, 'gas-lit'], [90, 'gas-fading'])).toBe('fading');
		expect(at('retort', [60, 'gas-lit'], [90, 'gas-fading'], [91, 'gas-lit'])).toBe('gassing');
		for (const stage of ['warming', 'steaming', 'gassing'] as const) {
			const { main, tiles, more } = stageRow(stage, courseOf([]));
			expect([main, ...tiles, ...more]).not.toContain('shut');
		}
	});

	it('offer nothing twice, one key for each, and while the hose runs its end first', () => {
		const ways = ['feeding', 'burning-down', 'burner', 'front', 'through', 'stirred', 'capped'];
		const more = [
			'warming',
			'steaming',
			'gassing',
			'fading',
			'shut',
			'quenching',
			'quenched',
			'out'
		];
		for (const stage of [...ways, ...more] as Parameters<typeof stageRow>[0][])
			for (const taps of [[], tapped([0, 'water-start'])]) {
				const row = stageRow(stage, courseOf(taps));
				const all = [...(row.main ? [row.main] : []), ...row.tiles, ...row.more];
				expect(new Set(all).size).toBe(all.length);
				const keys = all.flatMap((name) =>
					name in presses ? ((presses[name as PressName] as { key?: string }).key ?? []) : []
				);
				expect(new Set(keys).size, `${stage}: ${keys.join('')}`).toBe(keys.length);
				if (taps.length > 0) expect(row.main).toBe('water-stop');
			}
	});
});

describe('the pace', () => {
	const hearth: Hearth = {
		depth_m: 1,
		areaAt: (fill) => Math.PI * (0.35 + 0.4 * Math.max(0.1, fill)) ** 2,
		volumeTo: (fill) =>
			(Math.PI / 3) * fill * ((0.35 + 0.4 * fill) ** 2 + (0.35 + 0.4 * fill) * 0.35 + 0.35 ** 2)
	};
	/** Minutes from layer to layer at the cue, the middle one once the bed has grown. */
	function ofModel(diameter_m: number, water: number): number {
		const moisture = (wet: number) => wet / (1 - wet);
		const first: Fed = {
			dry_kg: 7 * hearth.areaAt(0.1),
			diameter_m: 0.025,
			moisture: moisture(0.13)
		};
		const { intervals_s } = tend(
			hearth,
			first,
			(at_s) => ({
				layer: (_fill, area) => ({
					dry_kg: usualLayer.kg_m2 * area,
					diameter_m: at_s < 2400 ? 0.025 : diameter_m,
					moisture: moisture(at_s < 2400 ? 0.15 : water)
				}),
				full_m: 0.93,
				weather: () => ({ wind_m_s: 1.5, gust_m_s: 0 })
			}),
			{ most_s: 3 * 3600 }
		);
		const sorted = intervals_s.slice(8).sort((a, b) => a - b);
		return (sorted[sorted.length >> 1] ?? 0) / 60;
	}

	it.each([
		[0.012, 0.15],
		[0.025, 0.15],
		[0.025, 0.25],
		[0.05, 0.2]
	])('begins with what the fire model gives for %f m at %f of water', (diameter, water) => {
		expect(modelStart(diameter, water).minutes / ofModel(diameter, water)).toBeCloseTo(1, 1);
	});

	it('lies between the rows of its table and never beyond', () => {
		expect(modelStart(0.012, 0.1).minutes).toBe(2.8);
		expect(modelStart(0.5, 0.9).minutes).toBe(starts.minutes.at(-1)?.by.at(-1));
		expect(modelStart(0.025, 0.125).minutes).toBeCloseTo((4.3 + 5.2) / 2, 9);
	});

	it('learns within the fire, from what is seen of each layer', () => {
		const slow = courseOf(steady(10, 9)).layers;
		const learnt = learnPace(start, slow);
		expect(Math.exp(learnt.log)).toBeGreaterThan(7.8);
		expect(learnt.variance).toBeLessThan(start.spread ** 2);
		expect(learnt.layers).toBe(10);
	});

	it('rests on one’s own fires of the vessel where there are any', () => {
		const own = ownStart(start, [9, 9.4, 8.7]);
		expect(own).toMatchObject({ fires: 3 });
		expect(own.minutes).toBeGreaterThan(7.5);
		expect(own.spread).toBeLessThan(start.spread);
		expect(ownStart(start, [])).toBe(start);
	});

	it('covers four of five, by simulation of fires that differ as it is told they do', () => {
		let seed = 7;
		const uniform = () => {
			seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
			return (seed + 0.5) / 2 ** 32;
		};
		const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
		let [within, all] = [0, 0];
		for (let fire = 0; fire < 600; fire += 1) {
			let log = Math.log(start.minutes) + paceSpread.ofModel * normal();
			let at = 0;
			const taps: [number, PressName][] = [];
			for (let n = 0; n < 12; n += 1) {
				taps.push([at, 'layer']);
				const lasts = Math.exp(log + paceSpread.withinFire * normal());
				const pace = paceOf(courseOf(tapped(...taps)), start);
				if (pace && n > 0) {
					all += 1;
					const white_ms = minutes(at + lasts);
					if (white_ms >= pace.low_ms && white_ms <= pace.high_ms) within += 1;
				}
				taps.push([at + lasts, 'white']);
				at += lasts + 0.3;
				log += paceSpread.drift * normal();
			}
		}
		expect(within / all).toBeGreaterThan(0.77);
		expect(within / all).toBeLessThan(0.83);
	});

	it('calls a layer early that came into the flames, late where white edges stood long', () => {
		const { layers } = courseOf(
			tapped(
				[0, 'layer'],
				[5, 'white'],
				[5.5, 'layer'],
				[6.5, 'layer'],
				[12, 'white'],
				[19, 'layer']
			)
		);
		expect(timings(layers, start)).toEqual([undefined, 'right', 'early', 'late']);
	});
});

describe('the bed', () => {
	it('grows with each layer, wider as it rises, within what the vessel holds', () => {
		const bed = bedOf(courseOf(steady(14, 6)), behind);
		for (const [i, one] of bed.strata.entries()) {
			const before = bed.strata[i - 1];
			if (!before) continue;
			expect(one.from_m).toBeCloseTo(before.to_m, 9);
			expect(one.dry_kg).toBeGreaterThanOrEqual(before.dry_kg);
		}
		expect(bed.full.high).toBeLessThanOrEqual(1);
		expect(bed.char.low).toBeLessThan(bed.char.value);
	});

	it('takes no more wood than was set down, and a stick wins over the eye', () => {
		const taps = steady(30, 6);
		const load = { value: 40, low: 32, high: 48 };
		expect(bedOf(courseOf(taps), { ...behind, load }).wood.value).toBeCloseTo(40, 1);
		const dipped = bedOf(
			courseOf([...taps, ...tapped([500, { is: 'depth', depth_m: 0.4 }])]),
			behind
		);
		expect(dipped.isDipped).toBe(true);
		expect(dipped.char.high / dipped.char.low).toBeCloseTo(1.1 / 0.9, 6);
	});

	it('counts a measured layer by its litres', () => {
		const bed = bedOf(courseOf(tapped([0, { is: 'layer', layer: 'usual', litres: 50 }])), behind);
		expect(bed.wood).toMatchObject({ value: 6, low: 4, high: 9 });
	});

	it('wants water along the rows of its plan', () => {
		const rows = behind.needs;
		for (const { char_l, need_l } of rows)
			expect(needFor(rows, { value: char_l, low: char_l, high: char_l }).need_l).toBeCloseTo(
				need_l,
				9
			);
		expect(rows.at(-1)!.need_l).toBeGreaterThan(rows[2]!.need_l);
	});
});

describe('what a fire comes to', () => {
	const load = { value: 40, low: 32, high: 48 };
	const endAt = (layers: number, of: FireBehind) =>
		fireAt(of, steady(layers, 6), 0, minutes(layers * 6)).ending;

	it('of the wood that was set down: all of its char, in fewer layers with each that is laid', () => {
		const few = [1, 3, 5].map((layers) => endAt(layers, { ...behind, load })!);
		for (const { by, char } of few) {
			expect(by).toBe('wood');
			expect(char.value).toBeCloseTo((40 * 0.22) / 0.15, 6);
		}
		const [first, second, third] = few.map(({ layers }) => layers.value);
		expect(first!).toBeGreaterThan(second!);
		expect(second!).toBeGreaterThan(third!);
	});

	it('without a plan: as full as it gets, between nine tenths and the rim', () => {
		const end = endAt(4, behind)!;
		const room_l = capacity(shape);
		expect(end.by).toBe('room');
		expect([end.char.low / room_l, end.char.high / room_l]).toEqual([0.9, 1]);
		expect(end.low_ms).toBeLessThan(end.high_ms);
		expect(end.low_ms).toBeGreaterThan(minutes(24));
	});

	it('is silent before the first layer, once all is on, and once feeding is done', () => {
		expect(endAt(0, behind)).toBeUndefined();
		expect(endAt(60, behind)).toBeUndefined();
		const fed = [...steady(4, 6), ...tapped([30, 'fed'])];
		expect(fireAt(behind, fed, 0, minutes(31)).ending).toBeUndefined();
	});

	it('with less room than wood it ends at the rim, whatever a stick says on the way', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 40 }),
				fc.double({ min: 0.1, max: 0.7, noNaN: true }),
				(n, dip) => {
					const taps = [...steady(n, 6), ...tapped([n * 6 + 1, { is: 'depth', depth_m: dip }])];
					const { ending } = fireAt({ ...behind, load }, taps, 0, minutes(n * 6 + 2));
					if (!ending) return;
					const { low, value, high } = ending.char;
					expect(low).toBeLessThanOrEqual(value);
					expect(value).toBeLessThanOrEqual(high);
					expect(high).toBeLessThanOrEqual(capacity(shape) + 1e-9);
				}
			)
		));
});

describe('advice', () => {
	const codes = (taps: readonly Tap[], at_min: number, more: Partial<FireBehind> = {}) =>
		fireAt({ ...behind, ...more }, taps, 0, minutes(at_min)).advice.map(({ code }) => code);

	it('a cone kiln fed too fast: early, high flames, wait', () => {
		const fast = tapped(
			...Array.from({ length: 8 }, (_, i): [number, PressName] => [i * 1.5, 'layer']),
			[11, 'flames']
		);
		expect(codes(fast, 11.2)).toContain('fed-early');
	});

	it('white edges: now; long past its time: are they white?', () => {
		expect(codes(tapped([0, 'layer'], [5, 'white']), 5.2)[0]).toBe('white-now');
		expect(codes(tapped([0, 'layer']), 20)[0]).toBe('late');
	});

	it('a gust at minute 50 is told for some minutes', () => {
		const taps = [...steady(8, 6), ...tapped([50, 'gust'])];
		expect(codes(taps, 51)).toContain('gusty');
		expect(codes(taps, 58)).not.toContain('gusty');
	});

	it('thick limbs: early, now, no more, and only fine stuff at the end', () => {
		const at = (share: number) =>
			codes([...steady(4, 6), ...tapped([25, { is: 'depth', depth_m: 0.8 * share }])], 25);
		expect(at(0.2)).not.toContain('thick-now');
		expect(at(0.65)).toContain('thick-now');
		expect(at(0.86)).toContain('thick-no-more');
		expect(at(0.95)).toContain('fine-last');
		expect(at(1)[0]).toBe('full');
	});

	it('a barrel: look at the floor, cap within five minutes, what late costs', () => {
		const barrel = { way: 'barrel' as const, isFilledOnce: true };
		expect(codes([], 25, barrel)).toContain('never-lit');
		expect(codes(tapped([6, 'burner']), 55, barrel)).toContain('look-at-floor');
		const through = tapped([6, 'burner'], [60, 'glow']);
		const late = fireAt({ ...behind, ...barrel }, through, 0, minutes(72)).advice[0];
		expect(late).toMatchObject({ code: 'cap-late', facts: { low: 0.1, high: 0.2 } });
	});

	it('quenched with too little water: it smoulders; with enough, nothing says that it is out', () => {
		const fed = [...steady(10, 6), ...tapped([61, 'fed'])];
		const water = (litres: number) =>
			codes(
				[...fed, ...tapped([70, { is: 'water', water: 'poured', litres }], [75, 'quenched'])],
				76
			);
		expect(water(5)).toContain('smoulders');
		expect(water(900)).toEqual([]);
	});

	it('keeps nothing back and ends nowhere, whatever is tapped', () => {
		const names = Object.keys(presses) as PressName[];
		const steps = fc.array(
			fc.tuple(fc.double({ min: 0, max: 300, noNaN: true }), fc.constantFrom(...names)),
			{ maxLength: 40 }
		);
		const ways = fc.constantFrom('open-kiln', 'trench', 'barrel', 'retort', 'open-pile', 'stove');
		fc.assert(
			fc.property(steps, ways, (taken, way) => {
				const now = fireAt(
					{ ...behind, way: way as 'open-kiln' },
					tapped(...taken),
					0,
					minutes(300)
				);
				for (const value of [
					now.bed.char.value,
					now.bed.wood.high,
					now.water.used_l,
					now.water.need_l,
					now.water.least_l
				])
					expect(Number.isFinite(value)).toBe(true);
				expect(
					adviceOf(
						{
							way: behind.way,
							stage: now.stage,
							course: now.course,
							bed: now.bed,
							water: now.water
						},
						minutes(300)
					)
				).toBeDefined();
			}),
			{ numRuns: 60 }
		);
	});
});

describe('what a record is filled with', () => {
	it('layers, smoke, heat, water and people, as they were tapped', () => {
		const course = courseOf(
			[
				...steady(6, 6),
				...tapped(
					[10, 'smoke-some'],
					[13, 'smoke-none'],
					[20, { is: 'heat', temperature_c: 640, by: 'probe' }],
					[36, 'layer-thick-pieces'],
					[40, 'gust'],
					[50, { is: 'water', water: 'poured', litres: 90 }]
				)
			],
			0
		);
		expect(recordOf(course, undefined, minutes(60))).toEqual({
			told: {
				lit_ms: 0,
				layers: 7,
				hottest: { c: 640, by: 'probe' },
				people: 'Oda',
				troubles: ['thick-last', 'gusts']
			},
			smoke_min: 3,
			water_l: 90
		});
		expect(sumsOf(course, start, undefined, minutes(60))).toMatchObject({
			layers: 7,
			smoke_min: 3,
			water_l: 90,
			hottest_c: 640
		});
	});

	it('says nothing of what nobody tapped', () =>
		expect(recordOf(courseOf([], 0), undefined, minutes(60))).toEqual({ told: { lit_ms: 0 } }));
});
