import { beanVerdicts, heapSmells, stages } from '../../core/heaps';
import { lotKinds, type Place } from '../../core/kinds';
import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

const suspects: readonly Place[] = lotKinds
	.map(({ id }) => id)
	.filter((id) => ['stock', 'heap', 'stack', 'charge', 'mix'].includes(id));

/** What is seen, read and smelt at a heap. */
export const ofHeaps: readonly SmallAct[] = [
	smallAct({
		verb: 'look',
		what: 'looked-at',
		on: ['heap'],
		fields: [],
		did: 'looked at',
		asks: 'Looked at it',
		button: 'Looked: nothing to note',
		line: { word: 'looked', about: 'a heap', example: 'looked H1', does: 'a corner was looked at' }
	}),
	smallAct({
		verb: 'read-heat',
		what: 'heat',
		on: ['heap'],
		fields: [
			{
				name: 'heat',
				key: 'temperature_c',
				label: 'At each probe',
				said: 'heat',
				hint: 'Like 62 58 55: several places tell whether all of it is hot',
				reads: limits.heap.heat,
				isList: true
			}
		],
		did: 'heat read',
		asks: 'Read its heat',
		button: 'Keep the heat',
		isDated: true,
		line: {
			word: 'heat',
			about: 'a heap',
			example: 'heat H3 62 58 55',
			does: 'what a thermometer says of it at several places'
		},
		sheet: 'heats'
	}),
	smallAct({
		verb: 'read-depth',
		what: 'sunk',
		on: ['heap'],
		fields: [
			{
				name: 'sunk',
				key: 'depth_m',
				label: 'It stands now at',
				said: 'depth',
				hint: 'By a stick, from the ground up',
				reads: limits.heap.sunk
			}
		],
		did: 'depth read',
		asks: 'Read how deep it stands',
		button: 'Keep the depth',
		line: {
			word: 'sunk',
			about: 'a heap',
			example: 'sunk H1 40 cm',
			does: 'how deep it stands by a stick'
		},
		sheet: 'depths'
	}),
	smallAct({
		verb: 'tell-stage',
		what: 'stage',
		on: ['heap'],
		fields: [
			{
				name: 'stage',
				key: 'stage',
				label: 'It is',
				said: 'stage',
				oneOf: stages.map((value) => ({ value, label: value }))
			}
		],
		did: 'stage told',
		asks: 'Say how far it is',
		button: 'Keep the stage',
		line: {
			word: 'stage',
			about: 'a heap',
			example: 'stage H1 browning',
			does: 'how far it is: packed, browning, broken, crumbly'
		},
		sheet: 'stages'
	}),
	smallAct({
		verb: 'smell-heap',
		what: 'heap-smell',
		on: ['heap'],
		fields: [
			{
				name: 'heapSmell',
				key: 'is',
				label: 'It smells',
				said: 'smell',
				oneOf: heapSmells.map((value) => ({ value, label: value }))
			}
		],
		did: 'smelt',
		asks: 'Say how it smells',
		button: 'Keep the smell',
		line: {
			word: 'nose',
			about: 'a heap',
			example: 'nose H3 ammonia',
			does: 'what a nose finds at it: earthy, sour, ammonia'
		},
		sheet: 'heap-smells'
	}),
	smallAct({
		verb: 'read-soak',
		what: 'ph',
		on: ['heap'],
		fields: [
			{
				name: 'soakPh',
				key: 'ph',
				label: 'pH of a pinch of it in water',
				said: 'pH',
				hint: 'At mixing, and again: below 10 its nitrogen goes',
				reads: limits.charIn.sheetPh
			}
		],
		did: 'pH read',
		asks: 'Read its pH',
		button: 'Keep the pH'
	}),
	smallAct({
		verb: 'place-on-walk',
		what: 'walk',
		on: ['heap'],
		fields: [
			{
				name: 'walk',
				key: 'number',
				label: 'Its number on your round',
				said: 'number on the round',
				hint: '1 is where you begin',
				reads: limits.heap.walk
			}
		],
		did: 'placed on the round',
		asks: 'Say where it stands on your round',
		button: 'Keep the number',
		line: {
			word: 'walk',
			about: 'a heap',
			example: 'walk H1 2',
			does: 'its number on the round of the corners'
		},
		sheet: 'walks'
	}),
	smallAct({
		verb: 'bean-test',
		what: 'bean-test',
		on: suspects,
		fields: [
			{
				name: 'beans',
				key: 'verdict',
				label: 'The beans',
				said: 'beans',
				oneOf: beanVerdicts.map((value) => ({
					value,
					label:
						value === 'sown'
							? 'are sown: three pots of it, three of clean soil'
							: value === 'straight'
								? 'grew straight in both'
								: 'curled or cupped in it, straight in the clean'
				}))
			},
			{
				name: 'pots',
				key: 'pots',
				label: 'Pots of each',
				said: 'pots of each',
				hint: 'Empty: three',
				isOptional: true,
				reads: limits.heap.pots
			}
		],
		did: 'tried with beans',
		asks: 'Try it with beans',
		button: 'Keep what the beans say',
		line: {
			word: 'beans',
			about: 'a suspect stuff',
			example: 'beans M12 curled',
			does: 'beans in it beside beans in clean soil: sown, straight or curled'
		},
		sheet: 'bean-tests'
	})
];
