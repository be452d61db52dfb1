import type { BrewState, SmellVerdict } from '../../core/brews';
import { say } from '../figure';
import type { Complaints, Names } from '../room-words';

export const verdictWords: Readonly<Record<SmellVerdict, string>> = {
	'as-it-should': 'It is as it should be',
	'not-yet': 'Not yet: look again later',
	doubtful: 'Some use it; the line is marked as doubtful',
	failed: 'It has failed: on no food'
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
	strain: 'strained',
	'move-brew': 'moved',
	feed: 'fed',
	drench: 'watered in',
	'set-programme': 'programme set',
	'end-programme': 'programme ended'
};

export const fields: Names = {
	recipe: 'recipe',
	base: 'how much',
	'with-base': 'made from',
	water: 'water',
	parts: 'parts of water to one',
	diluted: 'diluted',
	drawn: 'drawn',
	feed: 'fed with',
	feedAmount: 'how much of it',
	basis: 'litres of',
	onto: 'on',
	first: 'who goes first',
	programme: 'programme'
};

export const complaints: Complaints = {
	'no-brew': ({ code }) => `${code} is no brew.`,
	'wrong-part': ({ recipe }) => `That does not go into ${recipe}. Choose from the list.`,
	'line-unused': ({ words }) =>
		`“${words}” has no place in it. Name each stuff once, with its amount after it, or leave it out.`,
	'round-short': ({ code, needs_l, held_l }, system) =>
		`The round takes ${say(Number(needs_l), 'L', system)} of it, and ${code} holds ${say(Number(held_l), 'L', system)}: ${say(Number(needs_l) - Number(held_l), 'L', system)} short for all of its beds.`,
	'starter-wanted': ({ recipe }) =>
		`None of ${recipe} is in the books. Set that going first, or choose a lot of it.`,
	'not-asked': ({ code, recipe }) => `That is not what one looks for in ${code}, ${recipe}.`,
	'no-pump': ({ code }) => `${code} has no pump.`,
	'already-runs': ({ code }) => `The pump of ${code} runs.`,
	'already-stopped': ({ code }) => `The pump of ${code} is stopped already.`,
	'nothing-to-strain': ({ code, recipe }) =>
		`${code} is ${recipe}: nothing steeps loose in it. Pour it through a cloth as you use it.`,
	'already-strained': ({ code }) => `${code} is strained already.`,
	'drawn-more': ({ code, held_l }, system) =>
		`${code} holds ${say(Number(held_l), 'L', system)}: no more can be drawn.`,
	'no-programme': ({ name }) => `${name} is no programme.`,
	'programme-taken': ({ name }) => `There is a programme ${name} already. Choose another name.`,
	'no-such-round': ({ name, due }) => `${name} has no round on ${due}.`,
	'round-walked': ({ name, due }) =>
		`The round of ${name} for ${due} is written down already. Take that back first if it was not walked.`,
	'no-days': () => 'Between those days there is no round.',
	'line-brew': () =>
		'Write the vessel, the water, and each part with how much of it: brew Pail 18 L rain castings 1 L.',
	'line-brew-which': () =>
		'Those parts make no brew that is known. Name it: brew ash tea Pail 10 L rain ash 80 g plastic.',
	'line-no-brew': ({ code }) => `${code} is no brew in stock: only brews are smelt.`,
	'line-smell': ({ code, options }) => `How is ${code}: ${options}?`,
	'line-drench': ({ code }) =>
		`${code} is thinned: write the beds, the ratio and how much is poured: drench Mere 2 ${code} 1:4 24 L.`,
	'line-feed': ({ code }) => `With what, and how much: feed ${code} sugar 200 g?`,
	'line-strain': ({ code }) => `How much was drawn: strain ${code} 16 L?`,
	'line-pour-why': ({ code }) => `Why? Add it after a semicolon: pour ${code} all; gone off.`
};
