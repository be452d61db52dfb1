import { tendBatch } from './small';
import type { MaterialId, Measure } from '../../core/materials';
import { exactly, kilograms, litres } from '../../core/units';
import { analyseMaterial, stockUp } from '../usecases/bring-in';
import { holdLot } from '../usecases/hold-lot';
import { putOnBed } from '../usecases/put-on-bed';
import { topUpBatch } from '../usecases/top-up-batch';
import type { Diary, Moment } from './diary';

const on = (daysAgo: number, by: Moment['by'], hour = 10, note = ''): Moment => ({
	daysAgo,
	hour,
	by,
	...(note ? { note } : {})
});

/**
 * What is in the stores: compost with the garden's own measure, leaf mould, stove ash, and manure that
 * is held until the beans have shown it clean. Some of it is on beds that have char too, and the
 * newest rest was turned and wetted.
 */
export function fillStores(diary: Diary, resting: string): void {
	const bring = (moment: Moment, material: MaterialId, name: string, measure: Measure) =>
		diary.enter(moment, stockUp, { material, name, measure });
	const put = (moment: Moment, lot: string, bed: string, part: number, note = '') =>
		diary.enter({ ...moment, ...(note ? { note } : {}) }, putOnBed, {
			bed,
			lot,
			part,
			way: 'top-dressed'
		});

	diary.enter(
		on(62, 'Oda', 9, 'ten litres on the kitchen scale, a dish of it dried in the oven'),
		analyseMaterial,
		{
			material: 'finished-compost',
			measured: { density: exactly(0.56), water: exactly(0.45) }
		}
	);
	const compost = bring(on(60, 'Bram'), 'finished-compost', 'garden compost', {
		litres: litres(600)
	});
	const mould = bring(on(58, 'Ines'), 'leaf-mould', 'leaf mould from the Boathouse hoop', {
		litres: litres(250)
	});
	const ash = bring(on(50, 'Oda'), 'hardwood-ash', 'stove ash, sifted', { kg: kilograms(12) });
	const manure = bring(on(20, 'Bram'), 'cattle-manure', 'horse manure from over the lane', {
		litres: litres(400)
	});
	diary.enter(on(19, 'Oda'), holdLot, {
		code: manure,
		held: true,
		reason: 'the hay may have been sprayed: beans first'
	});
	put(on(48, 'Oda', 9), ash, 'Mere 2', 0.9, 'damp, no wind; scratched in a week later');
	put(on(48, 'Oda', 10), ash, 'Upper 1', 0.6);
	put(on(33, 'Ines'), compost, 'Mere 2', 80);
	put(on(33, 'Ines', 11), compost, 'Middle 5', 90);
	put(on(31, 'Bram'), mould, 'Mere 3', 70);
	diary.enter(on(8, 'Ines'), tendBatch, { code: resting, how: 'turned' });
	diary.enter(on(5, 'Ines', 9), topUpBatch, {
		code: resting,
		add: { material: 'rain-water', measure: { litres: litres(6) } }
	});
	diary.enter(on(5, 'Ines', 10), tendBatch, { code: resting, how: 'turned' });
}
