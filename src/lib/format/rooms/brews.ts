import type { BrewState, Smell, SmellVerdict } from '../../core/brews';
import { say } from '../figure';
import type { Complaints, Names } from '../room-words';

export const smellWords: Readonly<
	Record<Smell, { readonly name: string; readonly means: string }>
> = {
	earthy: { name: 'earthy, watery', means: 'as it should' },
	sweet: { name: 'sweetish', means: 'still feeding: wait' },
	sour: { name: 'sour', means: 'wait and smell again' },
	stink: { name: 'any stink', means: 'failed: on no food' }
};

export const verdictWords: Readonly<Record<SmellVerdict, string>> = {
	'as-it-should': 'It smells as it should',
	'not-yet': 'Not yet: smell it again later',
	failed: 'It has failed: pour it on a heap, not on food'
};

export const brewWords: Readonly<Record<BrewState, string>> = {
	working: 'working',
	'wants-smell': 'wants a nose',
	ripe: 'ripe',
	fading: 'fading',
	past: 'off',
	failed: 'failed'
};

export const acts: Names = {
	brew: 'set going',
	smell: 'smelt',
	'stop-pump': 'pump stopped',
	drench: 'watered in'
};

export const fields: Names = {
	recipe: 'recipe',
	partnerLot: 'in the bag',
	partner: 'how much of it',
	water: 'water',
	parts: 'parts of water to one',
	diluted: 'diluted',
	smell: 'smell'
};

export const complaints: Complaints = {
	'no-brew': ({ code }) => `${code} is no brew.`,
	'wrong-bag': ({ code, recipe }) =>
		`${code} makes no ${recipe}: it takes worm castings or finished compost.`,
	'no-room-for-froth': ({ name, most_l }, system) =>
		`With its froth that runs over: ${name} takes ${say(Number(most_l), 'L', system)} of water at most.`,
	'already-stopped': ({ code }) => `The pump of ${code} is stopped already.`,
	'brew-stinks': ({ code }) =>
		`${code} stinks, and what grows here is eaten raw. Pour it on a heap instead.`,
	'brew-reason-wanted': ({ code, state }) =>
		`${code} is not ripe by clock and nose (${brewWords[state as BrewState]}). Say why it is right here.`,
	'odd-dilution': ({ finest }) =>
		`It goes undiluted to 1 : ${finest}. Is that parts of water to one of brew? If it is, say why.`,
	'line-brew': () =>
		'Write the vessel, the water, the lot and how much of it: brew Pail 18 L M30 1 L.',
	'line-smell': ({ code }) => `What does ${code} smell of: earthy, sweet, sour or stink?`,
	'line-drench': ({ code }) =>
		`${code} is thinned: write the bed, the ratio and how much is poured: drench Mere 2 ${code} 1:4 24 L.`,
	'line-pour-why': ({ code }) => `Why? Add it after a semicolon: pour ${code} all; gone off.`
};
