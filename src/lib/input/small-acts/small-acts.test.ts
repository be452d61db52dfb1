import { describe, expect, it } from 'vitest';
import { kinds } from '../../core/kinds';
import { whats } from '../../server/db/finding-kinds';
import { smallSchema } from '../small';
import { smallActOf, smallActs } from '.';

const reading = {
	measures: [],
	timeZone: 'UTC',
	person: 'Oda',
	now_ms: Date.UTC(2026, 10, 24, 12),
	system: 'us'
} as const;
const read = (verb: string, values: Record<string, string>) => {
	const result = smallSchema(reading, verb, 'bed', 'Mere 2').safeParse({
		firstDay: '',
		lastDay: '',
		way: '',
		...values
	});
	return result.success ? result.data : result.error.issues.map(({ message }) => message);
};

describe('small acts', () => {
	it('go by verbs, log words and sheets of their own, on kinds there are', () => {
		for (const mark of [
			smallActs.map(({ verb }) => verb),
			smallActs.flatMap(({ line }) => line?.word ?? []),
			smallActs.flatMap(({ sheet }) => sheet ?? [])
		])
			expect(new Set(mark).size).toBe(mark.length);
		const known: readonly string[] = kinds.map(({ id }) => id);
		expect(smallActs.flatMap(({ on }) => on).filter((kind) => !known.includes(kind))).toEqual([]);
		expect(() => smallActOf('dance')).toThrow(RangeError);
	});

	it('write findings that the books can read', () =>
		expect(smallActs.map(({ what }) => what).filter((what) => !whats.includes(what))).toEqual([]));

	it('read their fields by the grower’s units, within their limits', () => {
		expect(read('read-temperature', { temperature: '68' })).toMatchObject({
			found: { temperature_c: 20 }
		});
		expect(read('read-ph', { ph: '12' })).toEqual(['out-of-range-number']);
		expect(read('read-ph', { ph: '6.2', way: 'probe', firstDay: '2026-11-20' })).toMatchObject({
			found: { ph: 6.2 },
			way: 'probe',
			firstDay: '2026-11-20'
		});
		expect(
			read('tell-crop', {
				cropName: 'woad',
				cropKind: 'mixed',
				cropShare: '40',
				cropWhen: 'next'
			})
		).toMatchObject({ found: { name: 'woad', share: 0.4, when: 'next' }, way: 'grower' });
	});

	it('refuse days that run backwards, choices that are none, and words that are missing', () => {
		expect(
			read('cover-ground', { coverWords: 'straw', firstDay: '2026-11-20', lastDay: '2026-11-01' })
		).toEqual(['ends-before']);
		expect(read('cover-ground', { coverWords: ' ' })).toEqual(['bad-empty']);
		expect(
			read('tell-crop', { cropName: 'x', cropKind: 'weed', cropShare: '40', cropWhen: 'now' })
		).toHaveLength(1);
	});
});
