import { smellBrew, readTemperature } from '../../demo/small';
import { celsius, litres, metres, type Litres } from '../../../core/units';
import type { Diary, Moment } from '../../demo/diary';
import { drenchBeds } from '../../usecases/brews/drench-beds';
import { growCultures } from './demo-cultures';
import { growBarrelsOfBrew } from './demo-ferments';
import { startBrew } from '../../usecases/brews/start-brew';
import { stockUp } from '../../usecases/bring-in';
import { takeAway } from '../../usecases/count-lot';
import { measureVessel } from '../../usecases/measure-vessel';

const on = (daysAgo: number, hour: number, by: Moment['by'], note = ''): Moment => ({
	daysAgo,
	hour,
	by,
	...(note ? { note } : {})
});

/**
 * Worm tea in two pails: one put on two beds and the rest poured out, one whose air stone slipped out
 * in the night and which stinks, and one that a cold night held back and that is ripe now.
 */
export function grow(diary: Diary): void {
	for (const name of ['White pail', 'Blue pail', 'Green pail'])
		diary.enter(on(40, 10, 'Oda'), measureVessel, {
			name,
			usedFor: 'tub',
			isNew: true,
			shape: {
				kind: 'round',
				rimWidth: metres(0.32),
				floorWidth: metres(0.28),
				depth: metres(0.38)
			}
		});
	const castings = diary.enter(on(30, 9, 'Ines'), stockUp, {
		material: 'castings',
		name: 'castings from the steps bin',
		measure: { litres: litres(45) }
	});
	const brew = (moment: Moment, vessel: string, water: number, bag: Litres, warm: number) =>
		diary.enter(moment, startBrew, {
			recipe: 'aerated-tea',
			vessel,
			base: { litres: litres(water) },
			water: { source: 'rain' },
			parts: [{ id: 'bag', stuff: 'castings', lot: castings, measure: { litres: bag } }],
			temperature: celsius(warm)
		});
	used(diary, brew(on(16, 16, 'Ines'), 'White pail', 20, litres(1.5), 18));
	const failed = brew(on(3, 15, 'Bram', 'the stone was old'), 'Blue pail', 20, litres(2), 19);
	diary.enter(on(2, 8, 'Bram', 'the hose had slipped off in the night'), smellBrew, {
		code: failed,
		smell: 'stink'
	});
	const ripe = brew(on(2, 16, 'Ines'), 'White pail', 21, litres(1.8), 17);
	for (const [daysAgo, hour, temperature] of [
		[2, 22, 13],
		[1, 7, 18],
		[1, 22, 13.5],
		[0, 7, 17]
	] as const)
		diary.enter(on(daysAgo, hour, 'Ines'), readTemperature, {
			at: 'lot',
			name: ripe,
			temperature: celsius(temperature)
		});
	diary.enter(on(0, 9, 'Ines'), smellBrew, { code: ripe, smell: 'earthy' });
	growCultures(diary);
	growBarrelsOfBrew(diary);
}

function used(diary: Diary, code: string): void {
	diary.enter(on(15, 15, 'Ines'), smellBrew, { code, smell: 'earthy' });
	diary.enter(on(15, 16, 'Ines', 'a dull evening'), drenchBeds, {
		lot: code,
		parts: 4,
		basis: 'diluted',
		onto: 'soil',
		stops: [{ bed: 'Mere 2', ask: { by: 'all', litres: 24 }, field: 'diluted' }]
	});
	diary.enter(on(15, 17, 'Ines'), drenchBeds, {
		lot: code,
		parts: 4,
		basis: 'diluted',
		onto: 'soil',
		stops: [{ bed: 'Middle 5', ask: { by: 'all', litres: 40 }, field: 'diluted' }]
	});
	diary.enter(on(14, 9, 'Ines'), takeAway, {
		code,
		part: 'all',
		how: 'dispose',
		reason: 'onto the heap by the kiln yard: past its hours'
	});
}
