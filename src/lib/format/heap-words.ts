import type { HeapCall, HeapState, HeapWay, Stage, Under } from '../core/heaps';
import { number, type Words } from './field-words';
import { joined, plain, say, show } from './figure';

export const wayWords: Readonly<Record<HeapWay, string>> = {
	'leaf-mould': 'leaf mould',
	compost: 'compost heap',
	path: 'compost path',
	worms: 'worm bed',
	'ash-soak': 'ash soak'
};

/** What a path lies on, and what that asks for. */
export const underWords: Readonly<Record<Under, { readonly is: string; readonly asks: string }>> = {
	earth: { is: 'Bare earth or turf', asks: 'Open below: worms come up by themselves.' },
	paper: {
		is: 'Cardboard or paper',
		asks: 'It smothers grass and rots open: overlap it by a hand, tape and print off.'
	},
	woven: {
		is: 'Woven fabric',
		asks: 'It shuts worms out: seed it with old compost, or take it up.'
	},
	hard: {
		is: 'A hard floor',
		asks: 'Nothing comes up: seed it with old compost or woodland soil, and keep it moist.'
	}
};
export const timberWords = 'Line boards against the damp side, or they rot with the path.';

export const heapStateWords: Readonly<Record<HeapState, string>> = {
	wants: 'wants you',
	forgotten: 'forgotten',
	done: 'done',
	usable: 'can be used',
	look: 'wants a look',
	working: 'works'
};

/** What its last reading or a nose asks for. */
export const callWords: Readonly<Record<NonNullable<HeapCall>['why'], string>> = {
	'too-hot': 'too hot; turn it, before what works in it dies',
	falling: 'falling after a hot spell; turn it, and it heats again',
	sour: 'sour; turn it, it wants air',
	ammonia: 'losing ammonia; cover it with dry brown stuff, and no ash on it',
	wet: 'too wet; turn dry stuff in'
};

export const stageWords: Readonly<Record<Stage, string>> = {
	packed: 'packed as it was laid',
	browning: 'browning',
	broken: 'broken, good for mulch',
	crumbly: 'crumbly, ready to sieve'
};

const share = (facts: Parameters<Words>[0], key: string) =>
	joined(show({ value: number(facts, key), unit: 'share' }, 'metric'));

/** What speaks against what is laid. */
export const heaping: Readonly<Record<string, Words>> = {
	'heap-refused': ({ code, what }) =>
		`${String(code)} is of ${String(what)}: on no heap, since its outturn goes on beds.`,
	'heap-ash-acid': ({ name }) =>
		`What ${String(name)} gives is meant for what bears no lime, and ash is lime: never.`,
	'heap-ash-much': (facts) =>
		`That makes ${share(facts, 'share')} of ${String(facts.name)} ash; a dusting of brown layers is ${share(facts, 'most')} at most. It counts on every bed the outturn goes on.`,
	'heap-ash-ammonium': () =>
		'Ash beside fresh manure or urine drives its nitrogen off as ammonia: lay them apart.',
	'heap-char-much': (facts) =>
		`That makes ${share(facts, 'share')} of ${String(facts.name)} char; 5 to ${share(facts, 'most')} is usual.`,
	'heap-street': () =>
		'Leaves of a street carry litter and oil: pick it over, and keep the mould from what is eaten.',
	'soak-ammonia': () =>
		'Stored urine is ammonium already: on ash most of it goes off. Some do it every year all the same.',
	'soak-caustic': () => 'Caustic: outdoors, upwind, gloves and goggles, and no lid on the fumes.',
	'worms-thick': (facts, system) =>
		`That lies ${say(number(facts, 'deep_m') * 100, 'cm', system)} deep and ferments hot; ${say(number(facts, 'most_m') * 100, 'cm', system)} at most at a time.`,
	'worms-warmth': (facts, system) =>
		`It was read at ${system === 'us' ? `${plain(number(facts, 'temperature_c') * 1.8 + 32, 0)} °F` : `${plain(number(facts, 'temperature_c'), 0)} °C`}: worms eat nothing there.`,
	'worms-harm': () => 'Manure, urine, ash and salt kill worms: on a heap with it.'
};
