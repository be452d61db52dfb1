import { describe, expect, it } from 'vitest';
import { once, withLater } from './later';

describe('an object with parts found later', () => {
	it('finds a part when it is looked at, not before', () => {
		let asked = 0;
		const heap = withLater({ name: 'leaves' }, { litres: once(() => ++asked * 40) });
		expect(asked).toBe(0);
		expect([heap.name, heap.litres, heap.litres, asked]).toEqual(['leaves', 40, 40, 1]);
	});

	it('asks anew where the finding is not kept', () => {
		let litres = 3;
		const pail = withLater({}, { litres: () => litres });
		litres = 5;
		expect(pail.litres).toBe(5);
	});

	it('is copied, written out and compared with all its parts and nothing else', () => {
		const heap = withLater({ name: 'leaves' }, { litres: () => 40 });
		expect({ ...heap }).toEqual({ name: 'leaves', litres: 40 });
		expect(JSON.stringify(heap)).toBe('{"name":"leaves","litres":40}');
		expect(Reflect.ownKeys({ ...heap })).toEqual(['name', 'litres']);
	});

	it('shares its getters, so that none of them holds what one object was made from', () => {
		const getterOf = (one: object) => Object.getOwnPropertyDescriptor(one, 'litres')?.get;
		const [one, other] = [1, 2].map((litres) => withLater({}, { litres: () => litres }));
		expect([one!.litres, other!.litres]).toEqual([1, 2]);
		expect(getterOf(one!)).toBe(getterOf(other!));
	});
});
