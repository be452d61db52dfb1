import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

/** What is measured of a mix. */
export const ofMixes: readonly SmallAct[] = [
	smallAct({
		verb: 'drain-mix',
		what: 'mix-air',
		on: ['mix'],
		fields: [
			{
				name: 'filledWith',
				key: 'filled_l',
				label: 'Mix filled in',
				said: 'filled',
				reads: limits.mix.filledWith
			},
			{
				name: 'caught',
				key: 'caught_l',
				label: 'Water that ran out in an hour',
				said: 'caught',
				hint: 'Fill, soak, drain an hour into a tray',
				reads: limits.mix.caught
			}
		],
		did: 'air measured',
		asks: 'Measure the air in it',
		button: 'Keep the measure',
		sheet: 'mix-airs'
	}),
	smallAct({
		verb: 'read-mix-salt',
		what: 'mix-salt',
		on: ['mix'],
		fields: [
			{
				name: 'paste',
				key: 'dS_m',
				label: 'Conductivity of its wet paste, dS/m',
				said: 'conductivity',
				hint: 'Wet it until it just shines, wait an hour',
				reads: limits.mix.paste
			}
		],
		did: 'salt read',
		asks: 'Read its salt',
		button: 'Keep the reading',
		sheet: 'mix-salts'
	})
];
