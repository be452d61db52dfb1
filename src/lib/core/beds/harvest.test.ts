import { describe, expect, it } from 'vitest';
import { days } from '../time';
import { harvestOf } from './index';

describe('when one may eat from a bed raw', () => {
	it('is not said where nothing with germs went on', () => {
		expect(harvestOf([])).toBeUndefined();
		expect(harvestOf([{ code: 'C1', at_ms: 0, germs: 'none' }])).toBeUndefined();
	});

	it('is the latest of all that went on: manure early may outlast urine late', () => {
		const manure = { code: 'C1', at_ms: 0, germs: 'raw-manure' as const };
		const urine = { code: 'C2', at_ms: days(50), germs: 'urine' as const };
		expect(harvestOf([urine, manure])).toMatchObject({
			code: 'C1',
			from_ms: days(90),
			onSoilFrom_ms: days(120)
		});
		expect(harvestOf([manure, { ...urine, at_ms: days(100) }])).toMatchObject({
			code: 'C2',
			from_ms: days(130),
			onSoilFrom_ms: days(130)
		});
	});

	it('off the soil waits for all of it, not only for what rules on the soil', () => {
		const manure = { code: 'C1', at_ms: 0, germs: 'raw-manure' as const };
		const urine = { code: 'C2', at_ms: days(85), germs: 'urine' as const };
		for (const put of [
			[manure, urine],
			[urine, manure]
		])
			expect(harvestOf(put)).toMatchObject({
				code: 'C1',
				from_ms: days(115),
				onSoilFrom_ms: days(120)
			});
	});
});
