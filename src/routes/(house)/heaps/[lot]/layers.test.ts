import { describe, expect, it } from 'vitest';
import { layersOf } from './layers';

const one = (material: string, litres: number, at_ms: number) => ({
	...{ material: material as 'straw', litres, at_ms, fromCode: `M${at_ms}`, isCounted: true }
});

describe('the layers of a heap', () => {
	it('are one where the same was laid on the same, with its days', () => {
		const layers = layersOf([one('straw', 40, 1), one('grass', 6, 2), one('grass', 4, 5)]);
		expect(layers).toEqual([
			{ material: 'straw', litres: 40, fromCode: 'M1', first_ms: 1, last_ms: 1, times: 1 },
			{ material: 'grass', litres: 10, fromCode: null, first_ms: 2, last_ms: 5, times: 2 }
		]);
		expect(layersOf([])).toEqual([]);
	});
});
