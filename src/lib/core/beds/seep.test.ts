import { describe, expect, it } from 'vitest';
import { factsOn, slow_mm_h, weighWant, type BedTraits, type TargetFact } from './index';
import { share } from '../units';

const ring = (seq: number, minutes: number, run?: 'first' | 'second'): TargetFact => ({
	...{ what: 'seep', way: 'read', seq, firstDay: null, lastDay: null },
	found: { water_l: 0.444, minutes, ...(run ? { run } : {}) }
});
const seepOf = (...facts: TargetFact[]) => factsOn(facts, '2026-11-24').seep_mm_h;

const bed: BedTraits = {
	...{ texture: 'loam', drainage: 'even', humus: 'usual', cropKind: 'mixed' },
	...{ acidLover: false, share: share(0) }
};
const water = (more: Partial<BedTraits>) =>
	weighWant({ ...bed, ...more }).find(({ about }) => about === 'water');

describe('what a ring says of a bed', () => {
	it('the newest counts, and any second run before a first, which dry ground drinks', () => {
		expect(seepOf(ring(1, 60), ring(2, 120))).toBeCloseTo(12.17, 2);
		expect(seepOf(ring(1, 120, 'second'), ring(2, 10, 'first'))).toBeCloseTo(12.17, 2);
		expect(seepOf(ring(1, 60, 'first'))).toBeCloseTo(24.34, 2);
		expect(seepOf()).toBeUndefined();
	});

	it('speaks for char where it hardly drinks or drinks slowly', () => {
		expect(water({ seep_mm_h: slow_mm_h.waterlogged - 0.1 })).toMatchObject({
			...{ says: 'for', reason: 'seeps-not' }
		});
		expect(water({ seep_mm_h: slow_mm_h.compacted - 0.1 })?.reason).toBe('seeps-slowly');
		expect(water({ seep_mm_h: slow_mm_h.compacted })?.says).toBe('nothing');
	});

	it('goes before what was told: ground that drinks does not stay wet, and may dry out', () => {
		expect(water({ drainage: 'stays-wet' })?.reason).toBe('stays-wet');
		expect(water({ drainage: 'stays-wet', seep_mm_h: 60 })?.says).toBe('nothing');
		expect(water({ drainage: 'dries-out', seep_mm_h: 60 })?.reason).toBe('dries-out');
	});
});
