import fc from 'fast-check';
import highs from 'highs';
import { describe, expect, it } from 'vitest';
import {
	bestBlend,
	pastBy,
	programOf,
	textOf,
	valueAt,
	type Candidate,
	type Solve,
	type Solved,
	type Wanted
} from './program';

const solver = highs();
const solve: Solve = async (text) => (await solver).solve(text) as unknown as Solved;

const stuff = (
	id: string,
	n: number,
	p: number,
	k: number,
	more: Partial<Candidate> = {}
): Candidate => ({
	...{ id, name: id, brings: [n / 100, p / 100, k / 100], lime: 0, isSalty: false },
	...{ isOwn: false, price: 1, ...more }
});
const bone = stuff('bone', 3, 15, 0, { price: 1.8 });
const castings = stuff('castings', 0.5, 0.4, 0.35, { isOwn: true, price: 0, atHand_kg: 40 });
const soak = stuff('soak', 4, 2, 9, { isOwn: true, price: 0, atHand_kg: 6, lime: 0.4 });
const seaweed = stuff('seaweed', 1, 0, 2, { price: 3, atHand_kg: 1, isSalty: true });
const seed = stuff('seed', 6, 2, 1, { price: 1.1 });
const wanted = (grams: Wanted['grams'], more: Partial<Wanted> = {}): Wanted => ({
	...{ grams, off: 0.05, isWhole: false, aim: 'cost', ...more }
});

describe('a blend backwards', () => {
	it('of 4 : 4 : 6 with at least half of one’s own is found, and every limit holds', async () => {
		const all = [bone, castings, soak, seaweed, seed];
		const program = programOf(all, wanted([240, 240, 360], { leastOwn: 0.5, mostLime: 0.35 }));
		const found = await bestBlend(program, solve);
		if (found.status !== 'found') throw new Error('none');
		for (const row of program.rows) expect(pastBy(row, found.kg)).toBeLessThan(1e-6);
		const total = found.kg.reduce((a, b) => a + b, 0);
		expect((found.kg[1]! + found.kg[2]!) / total).toBeGreaterThanOrEqual(0.5 - 1e-9);
		expect(found.cost).toBeGreaterThan(0);
	});

	it('of 10 : 2 : 2 from compost and ash there is none, and nitrogen is what lacks', async () => {
		const compost = stuff('compost', 1.2, 0.5, 0.8, { isOwn: true, price: 0 });
		const ash = stuff('ash', 0, 1.2, 5, { isOwn: true, price: 0 });
		const found = await bestBlend(programOf([compost, ash], wanted([100, 20, 20])), solve);
		if (found.status !== 'none') throw new Error('found');
		expect(found.ways.map(({ name }) => name)).toContain('N low');
		expect(found.ways[0]!.by).toBeGreaterThan(0.1);
	});

	it('says what one more kilogram of what runs out would save', async () => {
		const program = programOf([soak, bone, seed, seaweed], wanted([300, 200, 600], { off: 0.3 }));
		const found = await bestBlend(program, solve);
		if (found.status !== 'found') throw new Error('none');
		expect(found.binds).toContain('stock soak');
		expect(found.more.find(({ id }) => id === 'soak')!.saves).toBeGreaterThan(0);
	});

	it('in whole measures is as good as trying all of them', async () => {
		const measured = [
			{ ...bone, measure_kg: 0.4 },
			{ ...soak, measure_kg: 0.5, atHand_kg: 3 },
			{ ...seed, measure_kg: 0.3 }
		];
		await fc.assert(
			fc.asyncProperty(
				fc.tuple(
					fc.integer({ min: 20, max: 120 }),
					fc.integer({ min: 20, max: 120 }),
					fc.integer({ min: 20, max: 160 })
				),
				fc.constantFrom('cost' as const, 'bought' as const),
				async (grams, aim) => {
					const program = programOf(measured, wanted(grams, { off: 0.25, isWhole: true, aim }));
					const found = await bestBlend(program, solve);
					let best = Infinity;
					for (let a = 0; a <= 12; a += 1)
						for (let b = 0; b <= 6; b += 1)
							for (let c = 0; c <= 12; c += 1) {
								const kg = [a * 0.4, b * 0.5, c * 0.3];
								if (program.rows.every((row) => pastBy(row, kg) <= 1e-9))
									best = Math.min(best, valueAt(program, kg));
							}
					if (found.status === 'none') expect(best).toBe(Infinity);
					else expect(valueAt(program, found.kg)).toBeCloseTo(best, 5);
				}
			),
			{ numRuns: 40 }
		);
	});

	it('has no neighbour that is better', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.array(
					fc.record({
						n: fc.integer({ min: 0, max: 12 }),
						p: fc.integer({ min: 0, max: 15 }),
						k: fc.integer({ min: 0, max: 10 }),
						price: fc.integer({ min: 1, max: 9 })
					}),
					{ minLength: 3, maxLength: 6 }
				),
				fc.infiniteStream(fc.double({ min: -1, max: 1, noNaN: true })),
				async (rows, steps) => {
					const all = rows.map(({ n, p, k, price }, i) => stuff(`s${i}`, n, p, k, { price }));
					const program = programOf(all, wanted([100, 80, 90], { off: 0.2 }));
					const found = await bestBlend(program, solve);
					if (found.status === 'none') return;
					const best = valueAt(program, found.kg);
					for (let trial = 0; trial < 200; trial += 1) {
						const kg = found.kg.map((one) => Math.max(0, one + (steps.next().value ?? 0) * 0.2));
						if (program.rows.every((row) => pastBy(row, kg) <= 0))
							expect(valueAt(program, kg)).toBeGreaterThanOrEqual(best - 1e-6);
					}
				}
			),
			{ numRuns: 60 }
		);
	});

	it('of twenty stuffs and eight limits takes no time, whole measures little', async () => {
		const all = Array.from({ length: 20 }, (_, i) =>
			stuff(`s${i}`, (i * 7) % 12, (i * 5) % 15, (i * 3) % 10, {
				...{ price: 1 + (i % 4), measure_kg: 0.3, isOwn: i % 3 === 0, lime: (i % 5) / 10 },
				isSalty: i % 7 === 0
			})
		);
		const asked = wanted([240, 240, 360], { leastOwn: 0.5, mostSalty: 0.1, mostLime: 0.3 });
		await bestBlend(programOf(all, asked), solve);
		const timed = async (program: ReturnType<typeof programOf>) => {
			const from = performance.now();
			expect((await bestBlend(program, solve)).status).toBe('found');
			return performance.now() - from;
		};
		expect(await timed(programOf(all, asked))).toBeLessThan(100);
		expect(await timed(programOf(all, { ...asked, isWhole: true }))).toBeLessThan(1000);
	});

	it('is written with no number a solver would stumble over', () => {
		const text = textOf(programOf([{ ...bone, price: 1e-9 }], wanted([1, 0, 0])));
		expect(text).not.toMatch(/\de[-+]\d/);
	});
});
