import { describe, expect, it } from 'vitest';
import { kindByCode, kindOf, kinds, lotKinds, type KindFacts } from '.';

const all: readonly KindFacts[] = kinds;

describe('kinds of things', () => {
	it('go by names, letters and paths of their own', () => {
		for (const mark of ['id', 'letter', 'word'] as const) {
			const marks = all.flatMap((kind) => kind[mark] ?? []);
			expect(new Set(marks).size).toBe(marks.length);
		}
		expect(lotKinds.every(({ letter }) => /^\p{Lu}$/u.test(letter))).toBe(true);
	});

	it('are found by a code in either case', () => {
		expect(kindByCode('c4')).toBe(kindOf('charge'));
		expect(kindByCode('9')).toBeUndefined();
		expect(() => kindOf('moon' as 'bed')).toThrow(RangeError);
	});
});
