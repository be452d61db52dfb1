import { describe, expect, it } from 'vitest';
import { capacity } from '../core/vessels';
import type { Reading } from './form';
import { vesselSchema } from './vessels';

const reading: Reading = {
	measures: [],
	timeZone: 'UTC',
	person: 'Oda',
	now_ms: 0,
	system: 'metric'
};
const read = (values: Record<string, string>, known?: string) =>
	vesselSchema(reading, known, values).safeParse(values);
const kiln = {
	name: 'Pan',
	usedFor: 'open-kiln',
	rimWidth: '1.2 m',
	floorWidth: '60 cm',
	depth: '0.7'
};
const shapeOf = (values: Record<string, string>) => {
	const parsed = read(values);
	if (!parsed.success) throw new Error(parsed.error.message);
	return parsed.data.shape;
};

describe('a vessel from a form', () => {
	it('is round unless it says square', () => {
		expect(shapeOf(kiln).kind).toBe('round');
		expect(shapeOf({ ...kiln, outline: 'round' }).kind).toBe('round');
		const square = shapeOf({ ...kiln, outline: 'square' });
		expect(square.kind).toBe('square');
		expect(capacity(square)).toBeCloseTo(588, 6);
	});

	it('has straight sides where no floor was measured', () => {
		expect(shapeOf({ ...kiln, floorWidth: '', outline: 'square' })).toMatchObject({
			rimWidth: 1.2,
			floorWidth: 1.2
		});
	});

	it('that is a pit has two lengths and no outline', () => {
		const pit = { ...kiln, usedFor: 'trench', rimLength: '2.6 m', outline: 'square' };
		expect(shapeOf(pit)).toMatchObject({ kind: 'trench', rimLength: 2.6, floorLength: 2.6 });
		const short = read({ ...pit, rimLength: '' });
		expect(short.error?.issues.map(({ path }) => path[0])).toEqual(['rimLength']);
	});

	it('means the same in inches', () => {
		const inches = { ...kiln, rimWidth: '47.24 in', floorWidth: '23.62 in', depth: '27.56 in' };
		expect(capacity(shapeOf(inches))).toBeCloseTo(capacity(shapeOf(kiln)), 0);
	});

	it.each([
		[{ outline: 'star' }, 'outline'],
		[{ outline: '' }, 'outline'],
		[{ usedFor: 'cauldron' }, 'usedFor'],
		[{ depth: '0' }, 'depth'],
		[{ rimWidth: '25 m' }, 'rimWidth'],
		[{ name: '' }, 'name']
	])('with %o is refused at that field', (change, field) => {
		const parsed = read({ ...kiln, ...(change as Record<string, string>) });
		expect([...new Set(parsed.error?.issues.map(({ path }) => path[0]))]).toEqual([field]);
	});

	it('measured again keeps the name it goes by', () => {
		const parsed = read({ ...kiln, name: 'Other' }, 'Pan');
		expect(parsed.data).toMatchObject({ name: 'Pan', isNew: false });
	});
});
