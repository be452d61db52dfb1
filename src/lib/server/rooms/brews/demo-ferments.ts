import { readSalt, smellBrew, tendBrew, readTemperature } from '../../demo/small';
import { celsius, kilograms, litres } from '../../../core/units';
import type { Diary, Moment } from '../../demo/diary';
import { startBrew } from '../../usecases/brews/start-brew';
import { strainBrew } from '../../usecases/brews/strain-feed';
import { takeAway } from '../../usecases/count-lot';
import { layTub } from './demo-cultures';

const on = (daysAgo: number, hour: number, by: Moment['by'], note = ''): Moment => ({
	daysAgo,
	hour,
	by,
	...(note ? { note } : {})
});
const behindTheShed = {
	downwind: true,
	shade: true,
	house_m: 45,
	boundary_m: 12,
	water_m: 60
} as const;

/**
 * What stands behind the shed: comfrey at its smelliest, hop bines shut for eleven weeks under a lid that leaks,
 * nettle in sugar, whey on the shelf and ash tea in a plastic pail.
 */
export function growBarrelsOfBrew(diary: Diary): void {
	layTub(diary, 'Red pail', 0.3, 0.38);
	layTub(diary, 'Comfrey barrel', 0.48, 0.7);
	layTub(diary, 'Hop barrel', 0.48, 0.7);
	layTub(diary, 'Nettle jar', 0.16, 0.26);
	layTub(diary, 'Wash jar', 0.12, 0.2);
	layTub(diary, 'Whey jar', 0.16, 0.24);
	const comfrey = diary.enter(on(24, 10, 'Bram', 'the second cut'), startBrew, {
		recipe: 'steeped-liquor',
		name: 'comfrey liquor',
		vessel: 'Comfrey barrel',
		base: { litres: litres(90) },
		water: { source: 'rain' },
		parts: [{ id: 'leaves', stuff: 'fresh-leaves', measure: { kg: kilograms(9) } }],
		place: { ...behindTheShed, lid: 'breathing' },
		temperature: celsius(17)
	});
	for (const daysAgo of [20, 14, 9, 4])
		diary.enter(on(daysAgo, 9, 'Ines'), tendBrew, { code: comfrey, how: 'stirred' });
	for (const [daysAgo, warm] of [
		[18, 16],
		[11, 15],
		[4, 14]
	] as const)
		diary.enter(on(daysAgo, 9, 'Ines'), readTemperature, {
			at: 'lot',
			name: comfrey,
			temperature: celsius(warm)
		});
	diary.enter(on(1, 9, 'Ines', 'one smells it from the gate'), smellBrew, {
		code: comfrey,
		smell: 'strong'
	});
	const hops = diary.enter(on(77, 10, 'Oda'), startBrew, {
		recipe: 'submerged-ferment',
		name: 'nettle and hop-bine ferment',
		vessel: 'Hop barrel',
		base: { litres: litres(70) },
		water: { source: 'well' },
		parts: [
			{ id: 'leaves', stuff: 'greens', measure: { kg: kilograms(22) } },
			{ id: 'seed', stuff: 'garden-soil' }
		],
		place: { ...behindTheShed, lid: 'vented' },
		temperature: celsius(18)
	});
	for (const daysAgo of [65, 50, 36, 22, 9])
		diary.enter(on(daysAgo, 9, 'Oda'), tendBrew, { code: hops, how: 'vented' });
	diary.enter(on(2, 9, 'Bram', 'a wet ring on the boards'), tendBrew, {
		code: hops,
		how: 'lid-leaks'
	});
	diary.enter(on(1, 9, 'Bram'), smellBrew, { code: hops, smell: 'strong' });
	const nettle = diary.enter(on(52, 15, 'Oda'), startBrew, {
		recipe: 'sugar-ferment',
		name: 'nettle in sugar',
		vessel: 'Nettle jar',
		base: { kg: kilograms(0.4) },
		baseStuff: { stuff: 'fresh-leaves' },
		parts: [{ id: 'sugar', stuff: 'sugar' }],
		place: { lid: 'breathing' },
		temperature: celsius(19)
	});
	diary.enter(on(38, 15, 'Oda'), smellBrew, { code: nettle, smell: 'sweet-sour' });
	diary.enter(on(38, 16, 'Oda'), strainBrew, { code: nettle, drawn: litres(0.5) });
	diary.enter(on(37, 10, 'Oda'), readSalt, { code: nettle, dS_m: 14 });
	const wash = diary.enter(on(30, 8, 'Ines'), startBrew, {
		recipe: 'grain-wash',
		vessel: 'Wash jar',
		base: { litres: litres(1.2) },
		water: { source: 'rain' },
		parts: [{ id: 'grain', stuff: 'cereal-grain' }],
		temperature: celsius(20)
	});
	diary.enter(on(26, 8, 'Ines'), smellBrew, { code: wash, smell: 'sour' });
	const whey = diary.enter(on(26, 9, 'Ines'), startBrew, {
		recipe: 'milk-culture',
		name: 'whey culture',
		vessel: 'Whey jar',
		base: { litres: litres(3) },
		baseStuff: { stuff: 'milk' },
		parts: [{ id: 'starter', stuff: 'grain-wash', lot: wash }],
		place: { lid: 'breathing' },
		temperature: celsius(20)
	});
	diary.enter(on(25, 9, 'Ines'), takeAway, {
		code: wash,
		part: 'all',
		how: 'dispose',
		reason: 'the rest on the heap'
	});
	diary.enter(on(20, 9, 'Ines'), smellBrew, { code: whey, smell: 'clear-whey' });
	diary.enter(on(20, 10, 'Ines'), strainBrew, { code: whey, drawn: litres(2.4) });
	diary.enter(on(19, 10, 'Ines'), readTemperature, {
		at: 'lot',
		name: whey,
		temperature: celsius(7)
	});
	diary.enter(on(5, 11, 'Bram'), startBrew, {
		recipe: 'ash-tea',
		vessel: 'Green pail',
		base: { litres: litres(15) },
		water: { source: 'rain' },
		parts: [{ id: 'ash', stuff: 'hardwood-ash' }],
		place: { plastic: true },
		temperature: celsius(16)
	});
}
