import { describe, expect, it } from 'vitest';
import { rows } from '$lib/input/heaps';
import { day, done, envelope, later, start, yard } from '../../../../../tests/fixtures/garden';
import { readAct } from '$lib/input/form';
import { heapSchema } from '$lib/input/heaps';
import { heapLineOf } from '$lib/server/questions/heaps';
import { startHeap } from '$lib/server/usecases/heaps/start-heap';
import { heapAnswer } from './answer';
import { freshHeap, isHeapWay } from './entry';
import { reckonHeap } from './reckoning';

const almanac = { timeZone: 'UTC', now_ms: start };
const yardOf = { stock: [], analyses: {} };
const of = (given: Record<string, string>) => {
	const entry = freshHeap(given, 'metric');
	return { entry, reckoned: reckonHeap(entry, { ...yardOf, system: 'metric' }, start) };
};
const words = (sentence: ReturnType<typeof heapAnswer>) =>
	typeof sentence === 'string'
		? sentence
		: sentence.map((part) => (typeof part === 'string' ? part : part.text)).join('');
const says = (given: Record<string, string>) => {
	const { entry, reckoned } = of(given);
	return words(heapAnswer(entry, reckoned, almanac, 'metric'));
};

describe('a heap that is planned', () => {
	it('has an example of every way, with an answer', () => {
		for (const heapWay of ['leaf-mould', 'compost', 'path', 'worms'])
			expect(says({ heapWay }).length, heapWay).toBeGreaterThan(20);
		expect(says({ heapWay: 'ash-soak' })).toBe(
			'2 L of urine want 2.2–3.3 kg of ash: choose it among your lots'
		);
		expect(isHeapWay('silo')).toBe(false);
		expect(freshHeap({}, 'us').part[0]).toMatch(/gal$/);
	});

	it('comes to the same live as it is kept', () => {
		const typed = {
			heapWay: 'compost',
			stuff1: 'grass',
			part1: '320 L',
			stuff2: 'straw',
			part2: '390 L'
		};
		const { reckoned } = of(typed);
		const books = yard();
		const reading = {
			...{ measures: [], timeZone: 'UTC', person: 'Oda', now_ms: later },
			system: 'metric' as const
		};
		const values = { ...typed, name: 'Kiln yard', actId: 'laid-as-it-was-planned' };
		const read = readAct(heapSchema(reading, values), values, reading);
		if (!read.ok) throw new Error(JSON.stringify(read.issues));
		done(startHeap(books, later, envelope(start + day), read.value.input));
		const kept = heapLineOf(books, 'H1', start + 2 * day)!;
		expect(kept.cn).toBeCloseTo(reckoned!.mix!.cn.value, 9);
		expect(kept.coarse).toBeCloseTo(reckoned!.mix!.coarse, 9);
		expect(kept.heap.laid_l).toBeCloseTo(reckoned!.lies.value, 6);
	});

	it('comes to 28 : 1 with what it says is wanting', () => {
		const typed = { heapWay: 'compost', stuff1: 'grass', part1: '400 L' };
		const [first] = of(typed).reckoned!.mendings;
		expect(first).toMatchObject({ what: 'carbon' });
		const mended = of({ ...typed, stuff2: first!.material!, part2: `${first!.litres} L` });
		expect(mended.reckoned!.mix!.cn.value).toBeCloseTo(28, 6);
		expect(says(typed)).toMatch(/stands at 17 : 1; add \d+ L of/);
	});

	it('trodden leaves come to fewer litres, and say how much urine makes them quick', () => {
		const leaves = { heapWay: 'leaf-mould', stuff1: 'autumn-leaves', part1: '858 L' };
		const trodden = of(leaves).reckoned!;
		const loose = of({ ...leaves, laid: 'loose' }).reckoned!;
		expect(trodden.lies.value).toBeLessThan(loose.lies.value / 2);
		expect(trodden.urine).toMatchObject({ status: 'add', target: 35 });
		expect(trodden.urine!.litres).toBeGreaterThan(20);
		expect(of({ ...leaves, wantedCn: '80' }).reckoned!.urine!.status).toBe('enough');
	});

	it('a path tells its fill beside its outturn, and how deep beds want it', () => {
		const path = {
			...{ heapWay: 'path', stuff1: 'weeds', part1: '400 L', mulchArea: '31.7' },
			...{ heapLength: '9 m', heapWidth: '45 cm', heapDepth: '30 cm' }
		};
		const { path: gives } = of(path).reckoned!;
		expect(gives!.filled_l).toBeCloseTo(1215, 6);
		expect(gives!.out_l.value).toBeCloseTo(607.5, 6);
		expect(gives!.wants).toMatchObject({ paths: 3 });
		expect(says(path)).toMatch(/1200 L are filled, 490–730 L come out/);
	});

	it('reads nothing as nothing', () => {
		expect(of({ heapWay: 'compost', part1: 'x' }).reckoned).toBeUndefined();
		expect(says({ heapWay: 'compost', part1: 'x' })).toMatch(/Say what you have/);
		expect(rows).toHaveLength(8);
	});
});
