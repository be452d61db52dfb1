import type { BrewState, PlaceFault, SmellVerdict } from '../../core/brews';
import { plain, say, sayFine } from '../figure';
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

const faultWords: Readonly<Record<PlaceFault, string>> = {
	upwind: 'it stands upwind',
	sunny: 'it stands in the sun',
	'near-house': 'the house is nearer than 15 m',
	'near-boundary': 'the boundary is nearer than 5 m',
	'near-water': 'open water is nearer than 10 m',
	'shut-lid': 'a shut lid bursts',
	metal: 'lye eats metal'
};

export const faultsWords = (why: string): string =>
	why
		.split(' ')
		.map((fault) => faultWords[fault as PlaceFault] ?? fault)
		.join(', ');

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
	'far-part': ({ stuff, recipe, by, amount, low, high }, system) => {
		const told = (value: string | number | undefined) =>
			sayFine(Number(value), by === 'kg' ? 'kg' : 'L', system);
		return `${told(amount)} of ${stuff}: for so much, ${recipe} takes ${told(low)} to ${told(high)}.`;
	},
	'line-unused': ({ words }) =>
		`“${words}” has no place in it. Name each stuff once, with its amount after it, or leave it out.`,
	'round-short': ({ code, needs_l, held_l }, system) =>
		`The round takes ${sayFine(Number(needs_l), 'L', system)} of it, and ${code} holds ${sayFine(Number(held_l), 'L', system)}: ${sayFine(Number(needs_l) - Number(held_l), 'L', system)} short for all of its beds.`,
	'programme-past': ({ day }) => `Its first round was on ${day}, which is past.`,
	'starter-wanted': ({ recipe }) =>
		`None of ${recipe} is in the books. Set that going first, or choose a lot of it.`,
	'no-room-for-froth': ({ name, most_l }, system) =>
		`With its froth that runs over: ${name} takes ${say(Number(most_l), 'L', system)} at most.`,
	'plastic-only': () =>
		'It is lye: plastic only, never aluminium or zinc. Say that the vessel is plastic.',
	'water-wants-time': ({ stand_h, bubble_h }) =>
		`Chlorine harms what is alive. Let the water stand open ${plain(Number(stand_h), 0)} h more or bubble it ${plain(Number(bubble_h), 1)} h, or say why not.`,
	'water-wants-acid': ({ acid_mg }, system) =>
		`Chloramine stays in the water. Stir in ${say(Number(acid_mg), 'mg', system)} of ascorbic acid first and tick it, or say why not.`,
	'place-speaks-against': ({ why }) =>
		`Not there: ${faultsWords(String(why))}. Say why it is right.`,
	'starter-not-ripe': ({ code, state }) =>
		`${code} is not ripe by clock and nose (${brewWords[state as BrewState]}). Say why you brew from it.`,
	'doubtful-line': ({ code, of }) =>
		`${code} comes of a doubtful line (${of}). Say why you brew from it.`,
	'not-asked': ({ code, recipe }) => `That is not what one looks for in ${code}, ${recipe}.`,
	'no-pump': ({ code }) => `${code} has no pump.`,
	'already-runs': ({ code }) => `The pump of ${code} runs.`,
	'already-stopped': ({ code }) => `The pump of ${code} is stopped already.`,
	'nothing-to-strain': ({ code, recipe }) =>
		`${code} is ${recipe}: nothing steeps loose in it. Pour it through a cloth as you use it.`,
	'already-strained': ({ code }) => `${code} is strained already.`,
	'drawn-more': ({ code, held_l }, system) =>
		`${code} holds ${say(Number(held_l), 'L', system)}: no more can be drawn.`,
	'brew-stinks': ({ code }) =>
		`${code} has failed, and what grows here is eaten raw. Pour it on a heap instead.`,
	'feeds-the-next': ({ code, recipe }) => `${code} is ${recipe}: it feeds the next brew, no bed.`,
	'not-on-leaves': ({ recipe }) => `${recipe} goes on the ground only, never on leaves.`,
	'germs-on-leaves': ({ code, name }) =>
		`${code} may carry germs, and ${name} is eaten raw: not on its leaves.`,
	'germs-near-food': ({ code, name, days }) =>
		`${code} may carry germs: nothing of ${name} could be eaten raw for ${days} days. Say why it is right here.`,
	'ash-on-acid-lover': ({ name }) =>
		`Never: ash tea is lime, and what grows on ${name} loves sour ground.`,
	'ash-on-sweet-ground': ({ name }) => `${name} has pH 7 or more: no ash in any form.`,
	'ash-on-nitrogen': ({ name }) =>
		`${name} had nitrogen within two weeks, and ash drives it off as ammonia. Wait, or say why.`,
	'ash-cap-wet': ({ name }) => `That passes the year’s cap of ash on ${name}. Say why.`,
	'brew-reason-wanted': ({ code, state }) =>
		`${code} is not ripe by clock and nose (${brewWords[state as BrewState]}). Say why it is right here.`,
	'odd-dilution': ({ strongest, finest, parts }) =>
		`1 : ${parts} is not 1 : ${strongest} to 1 : ${finest}. Is that parts of water to one of brew? If it is, say why.`,
	'odd-watering-much': ({ name, total_l, low_l, high_l }, system) =>
		`${say(Number(total_l), 'L', system)} on ${name}, where ${say(Number(low_l), 'L', system)} to ${say(Number(high_l), 'L', system)} is usual. Is that the diluted liquid? If it is, say why.`,
	'odd-watering-little': ({ name, total_l, low_l, high_l }, system) =>
		`${say(Number(total_l), 'L', system)} on ${name}, where ${say(Number(low_l), 'L', system)} to ${say(Number(high_l), 'L', system)} is usual. Is that the brew alone, not the diluted liquid? Say which litres they are, or why so little.`,
	'too-salty': ({ salt }) =>
		`${plain(Number(salt), 1)} dS/m is more than roots bear. Thin it further, or say why.`,
	'no-programme': ({ name }) => `${name} is no programme.`,
	'programme-taken': ({ name }) => `There is a programme ${name} already. Choose another name.`,
	'no-such-round': ({ name, due }) => `${name} has no round on ${due}.`,
	'round-walked': ({ name, due }) =>
		`The round of ${name} for ${due} is written down already. Take that back first if it was not walked.`,
	'no-days': () => 'Between those days there is no round.',
	'line-brew': () =>
		'Write the vessel, the water, and each part with how much of it: brew Pail 18 L castings 1 L.',
	'line-brew-which': () =>
		'Those parts make no brew that is known. Name it: brew ash tea Pail 10 L ash 80 g.',
	'line-smell': ({ code, options }) => `How is ${code}: ${options}?`,
	'line-drench': ({ code }) =>
		`${code} is thinned: write the beds, the ratio and how much is poured: drench Mere 2 ${code} 1:4 24 L.`,
	'line-feed': ({ code }) => `With what, and how much: feed ${code} sugar 200 g?`,
	'line-strain': ({ code }) => `How much was drawn: strain ${code} 16 L?`,
	'line-pour-why': ({ code }) => `Why? Add it after a semicolon: pour ${code} all; gone off.`
};
