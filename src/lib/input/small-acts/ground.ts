import { length, number, volume } from '../limit';
import { smallAct, type SmallAct } from './declare';

/** Small readings of a bed's ground: how fast it drinks, how deep it is, what lives in it and how it grows. */
export const ofGround: readonly SmallAct[] = [
	smallAct({
		verb: 'read-seep',
		what: 'seep',
		on: ['bed'],
		fields: [
			{
				name: 'seepWater',
				key: 'water_l',
				label: 'Water poured into the ring',
				said: 'water',
				hint: 'An inch in a six-inch ring is 444 mL',
				reads: volume(0.02, 40, '444 mL', '15 fl oz')
			},
			{
				name: 'seepMinutes',
				key: 'minutes',
				label: 'Gone after, minutes',
				said: 'minutes',
				reads: number(0.1, 2880, '11')
			},
			{
				name: 'seepRing',
				key: 'ring_m',
				label: 'Across the ring',
				said: 'ring',
				hint: 'Empty: six inches, 15.2 cm',
				isOptional: true,
				reads: length(0.05, 1, '15 cm', '6 in')
			},
			{
				name: 'seepRun',
				key: 'run',
				label: 'Which run',
				said: 'run',
				isOptional: true,
				oneOf: [
					{ value: 'second', label: 'The second: the ground is wet' },
					{ value: 'first', label: 'The first: dry ground drinks more' }
				]
			}
		],
		isDated: true,
		did: 'ring read',
		asks: 'Pour water into a ring',
		button: 'Keep the reading',
		sheet: 'seeps'
	}),
	smallAct({
		verb: 'count-worms',
		what: 'worms',
		on: ['bed'],
		fields: [
			{
				name: 'worms',
				key: 'worms',
				label: 'Worms in a spit of moist ground',
				said: 'worms',
				reads: number(0, 500, '7')
			}
		],
		isDated: true,
		did: 'worms counted',
		asks: 'Count the worms in a spit',
		button: 'Keep the count',
		line: {
			word: 'worms',
			about: 'a bed',
			example: 'worms Mere 2 7',
			does: 'worms in a spit of its ground'
		},
		sheet: 'worm-counts'
	}),
	smallAct({
		verb: 'try-spade',
		what: 'spade',
		on: ['bed'],
		fields: [
			{
				name: 'spadeDepth',
				key: 'depth_m',
				label: 'How deep a spade goes by its own push',
				said: 'depth',
				reads: length(0, 1, '18 cm', '7 in')
			}
		],
		isDated: true,
		did: 'spade tried',
		asks: 'Try how deep a spade goes',
		button: 'Keep the depth',
		sheet: 'spade-depths'
	}),
	smallAct({
		verb: 'read-bed-salt',
		what: 'bed-salt',
		on: ['bed'],
		fields: [
			{
				name: 'bedSalt',
				key: 'dS_m',
				label: 'Conductivity of a slurry 1 : 5, dS/m',
				said: 'conductivity, dS/m',
				hint: 'One part of soil in five of rain water, stirred, an hour',
				reads: number(0, 20, '0.3')
			}
		],
		isDated: true,
		did: 'salt read',
		asks: 'Read the salt of its ground',
		button: 'Keep the reading',
		sheet: 'bed-salts'
	}),
	smallAct({
		verb: 'rate-vigour',
		what: 'vigour',
		on: ['bed'],
		fields: [
			{
				name: 'vigour',
				key: 'vigour',
				label: 'How it grows, 1 to 5',
				said: 'vigour',
				reads: number(1, 5, '3')
			}
		],
		isDated: true,
		did: 'vigour rated',
		asks: 'Say how it grows',
		button: 'Keep it',
		line: {
			word: 'vigour',
			about: 'a bed',
			example: 'vigour Mere 2 3',
			does: 'how it grows, from 1 to 5'
		},
		sheet: 'vigours'
	}),
	smallAct({
		verb: 'smell-bed',
		what: 'bed-smell',
		on: ['bed'],
		fields: [
			{
				name: 'bedSmell',
				key: 'is',
				label: 'A spit of it smells',
				said: 'smell',
				oneOf: [
					{ value: 'earthy', label: 'Of earth' },
					{ value: 'none', label: 'Of nothing' },
					{ value: 'sour', label: 'Sour' },
					{ value: 'rotten', label: 'Rotten, of eggs' }
				]
			}
		],
		isDated: true,
		did: 'ground smelt',
		asks: 'Smell a spit of it',
		button: 'Keep the smell',
		sheet: 'bed-smells'
	}),
	smallAct({
		verb: 'time-standing-water',
		what: 'water-stood',
		on: ['bed'],
		fields: [
			{
				name: 'stoodHours',
				key: 'hours',
				label: 'Water stood after rain, hours',
				said: 'hours',
				reads: number(0, 720, '6')
			}
		],
		isDated: true,
		did: 'standing water timed',
		asks: 'Say how long water stood',
		button: 'Keep it',
		sheet: 'standing-waters'
	})
];
