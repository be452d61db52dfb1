import { neededWords, passedWords } from './proof-words';
import type { ProofStage } from '../core/fires';
import { kmPerHour } from '../core/units';
import { amount, number, type Words } from './field-words';
import { heaping } from './heap-words';
import { mixing } from './mix-words';
import { tendingCautions } from './tending-cautions';
import { joined, plain, say, saySpan, show } from './figure';
import { brewWords } from './rooms/brews';
import { readinessWords } from './words';

/** Per square metre, in the grower's units. */
const onEach = (facts: Parameters<Words>[0], key: string, system: Parameters<Words>[1]) =>
	amount(facts, key, 'g/m²', system);
const percent = (facts: Parameters<Words>[0], key: string) =>
	joined(show({ value: number(facts, key), unit: 'share' }, 'metric'));

const sayWind = (km_h: number, system: Parameters<Words>[1]): string =>
	system === 'us' ? `${plain(km_h / kmPerHour(1, 'us'), 0)} mph` : `${plain(km_h, 0)} km/h`;

const stateWords = (state: unknown): string =>
	({ ...readinessWords, ...brewWords })[state as keyof typeof brewWords] ?? String(state);

const testWords: Readonly<Record<string, string>> = {
	ring: 'rang dull',
	washes: 'washed off greasy',
	sinks: 'would not sink',
	'no-tar-smell': 'smells of tar'
};
const failedWords = (failed: unknown): string =>
	String(failed)
		.split(' ')
		.flatMap((test) => testWords[test] ?? [])
		.join(', ') || 'came of too cool a fire';
const ofChar = ({ code, char }: Parameters<Words>[0]): string =>
	code === char ? String(code) : `${char}, which is in ${code},`;

const elsewhere = { before: 'had', after: 'has had since' } as const;
const metWords = ({ when, other, days }: Parameters<Words>[0]): string =>
	`${elsewhere[when as 'before' | 'after']} ${other || 'it'} ${Number(days) === 0 ? 'the same day' : `${days} days ${when}`}`;

/** What is told of a thing on a bed. */
const applying: Readonly<Record<string, Words>> = {
	held: ({ code, reason }) =>
		`${code} is in quarantine (${reason}). It may only be disposed of until that is lifted.`,
	'not-proven': (facts, system) =>
		neededWords[facts.needed as ProofStage](
			String(facts.burn),
			passedWords({ passed: number(facts, 'passed'), of: number(facts, 'of') }),
			system
		),
	'refused-source': ({ code, why }) =>
		`${code} is of a refused source (${why}): it goes on no ground.`,
	'feeds-the-next': ({ code, recipe }) => `${code} is ${recipe}: it feeds the next brew, no bed.`,
	'batch-failed': ({ code }) => `${code} has failed by its last test or smell.`,
	'batch-past': ({ code }) => `${code} is past its time.`,
	'not-ripe': ({ code, state }) =>
		`${code} is not ripe by clock, nose or test (${stateWords(state)}).`,
	'charge-fading': ({ code }) => `${code} is fading: nitrogen and air are going.`,
	'char-raw': ({ code }) =>
		`${code} is raw char: it takes water and nitrogen from the roots until it is filled.`,
	'char-whole': ({ code }) => `${code} is not crushed.`,
	'char-tarry': (facts) =>
		`${ofChar(facts)} ${failedWords(facts.failed)}: tarry char goes back into a fire or a heap.`,
	'char-unfinished': (facts) =>
		`${ofChar(facts)} ${failedWords(facts.failed)}: a heap finishes such char.`,
	'char-unrinsed': (facts) =>
		`${ofChar(facts)} reads pH ${plain(number(facts, 'ph'), 1)}: its ash is not rinsed off.`,
	'lye-on-leaves': ({ recipe }) => `${recipe} is lye: it goes on the ground, never on leaves.`,
	'not-for-leaves': ({ recipe }) => `${recipe} goes on the ground only, in practice.`,
	'leaf-unstrained': ({ code }) => `${code} is not strained: it clogs and scorches on leaves.`,
	'odd-dilution': ({ strongest, finest, parts }) =>
		`1 : ${parts} is not 1 : ${strongest} to 1 : ${finest}. Is that parts of water to one of brew?`,
	'too-salty': ({ salt, most }) =>
		`${plain(Number(salt), 1)} dS/m is more than the ${plain(Number(most), 1)} that roots bear: thin it further.`,
	'as-salty-as-goes': ({ salt }) =>
		`${plain(Number(salt), 1)} dS/m is about as salty as roots bear.`,
	'odd-watering-much': ({ name, total_l, low_l, high_l }, system) =>
		`${say(Number(total_l), 'L', system)} on ${name}, where ${saySpan(Number(low_l), Number(high_l), 'L', system)} is usual. Is that the diluted liquid?`,
	'odd-watering-little': ({ name, total_l, low_l, high_l }, system) =>
		`${say(Number(total_l), 'L', system)} on ${name}, where ${saySpan(Number(low_l), Number(high_l), 'L', system)} is usual. Is that the brew alone, not the diluted liquid?`,
	'leaves-cool': () => 'In the cool of the evening: wet leaves burn in full sun. Not before rain.',
	'ash-acid-lover': ({ name }) =>
		`What grows on ${name} loves sour ground, and ash is lime: never.`,
	'ash-sweet-ground': ({ name, ph }) =>
		`${name} has pH ${plain(Number(ph), 1)}: from 7 on no ash in any form.`,
	'ash-untested': ({ name }) => `No pH was read on ${name} within a year: test before you lime.`,
	'ash-salty': ({ name, dS_m, most }) =>
		`A slurry of ${name} read ${plain(Number(dS_m), 1)} dS/m, more than ${plain(Number(most), 1)}: ash brings soluble potash, salt upon salt.`,
	'ash-scab': ({ name }) =>
		`Potatoes grow on ${name}, come next or grew there within a year: lime gives them scab.`,
	'ash-seedlings': ({ name, days }) =>
		`${name} was sown or planted ${days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`}: ash and lime burn what is young.`,
	'ash-wind': ({ code }) =>
		`${code} is caustic dust: not in wind, on damp ground, with gloves, goggles and a mask.`,
	'ash-for-potash': (facts, system) =>
		`At pH ${plain(number(facts, 'ph'), 1)} ash may only bring potash on ${facts.name}: ${onEach(facts, 'most', system)} at most, and this is ${onEach(facts, 'g_m2', system)}.`,
	'ash-nitrogen': (facts) =>
		`${facts.name} ${metWords(facts)}: ash drives its nitrogen off as ammonia. Two weeks apart.`,
	'nitrogen-ash': (facts) =>
		`${facts.name} ${metWords(facts)}, ash or what carries it: it drives the nitrogen of ${facts.code} off as ammonia. Two weeks apart.`,
	'ash-cap': (facts, system) =>
		facts.left !== undefined
			? `${facts.name} has had ${onEach(facts, 'g_m2', system)} of dry ash in twelve months, all routes counted, of at most ${onEach(facts, 'most', system)}: what is left is too little to show.`
			: `With it ${facts.name} has ${onEach(facts, 'g_m2', system)} of dry ash in twelve months, all routes counted; ${onEach(facts, 'most', system)} is the most.`,
	'char-lifts-ph': ({ name }) =>
		`Char and its ash lift the pH of ${name}: only low-ash, well charged char, and read the pH before and after.`,
	'nitrogen-manure': (facts, system) =>
		`With it ${facts.name} has ${onEach(facts, 'g_m2', system)} of nitrogen from manures in twelve months; ${onEach(facts, 'most', system)} is the most in many places.`,
	'nitrogen-much': (facts, system) =>
		`With it ${facts.name} has ${onEach(facts, 'g_m2', system)} of nitrogen in twelve months that plants likely find; beyond ${onEach(facts, 'most', system)} it leaches.`,
	'germs-on-leaves': ({ code, name }) =>
		`${code} may carry germs, and ${name} is eaten raw: not on its leaves.`,
	'harvest-wait': ({ name, code }) =>
		`${code} went on ${name}: what comes off is not eaten raw yet. Cooked it may be.`,
	'germs-near-food': ({ code, name, days }) =>
		`${code} may carry germs, and what grows on ${name} is eaten raw: nothing may be eaten raw from there for ${days} days. Ask the certifier where you have one.`,
	'germs-wait': ({ code, name, days }) =>
		`${code} may carry germs: nothing is eaten raw from ${name} for ${days} days.`,
	'char-ceiling': (facts) =>
		`${facts.name} would hold ${percent(facts, 'share')} char, past the ${percent(facts, 'most')} ceiling for life.`,
	'char-first-season': (facts) =>
		`${facts.name} would hold ${percent(facts, 'share')} char in its first season with it; ${percent(facts, 'most')} is the most at first.`
};

/** What is told of a brew that is set going. */
const going: Readonly<Record<string, Words>> = {
	'far-part': ({ stuff, recipe, by, amount, low, high }, system) => {
		const told = (value: string | number | undefined) =>
			say(Number(value), by === 'kg' ? 'kg' : 'L', system);
		return `${told(amount)} of ${stuff}: for so much, ${recipe} takes ${told(low)} to ${told(high)}.`;
	},
	'no-room-for-froth': ({ name, most_l }, system) =>
		`With its froth that runs over: ${name} takes ${say(Number(most_l), 'L', system)} at most.`,
	'plastic-only': () =>
		'It is lye: plastic only, never aluminium or zinc. Say that the vessel is plastic.',
	'programme-past': ({ day }) => `Its first round was on ${day}, which is past.`,
	'tub-busy': ({ name, code }) =>
		`${name} holds ${code} at that time. Drain ${code} and take it out first, or choose another tub.`,
	'water-untold': () =>
		'Where is the water from? Rain and well water are fit; chlorine harms what is alive.',
	'water-wants-time': ({ stand_h, bubble_h }) =>
		`Chlorine harms what is alive. Let the water stand open ${plain(Number(stand_h), 0)} h more or bubble it ${plain(Number(bubble_h), 1)} h.`,
	'water-wants-acid': ({ acid_mg }, system) =>
		`Chloramine stays in the water. Stir in ${say(Number(acid_mg), 'mg', system)} of ascorbic acid first and tick it.`,
	'place-untold': () =>
		'It stinks: open air, downwind, away from house, boundary and water. Where does it stand?',
	'place-shut-lid': () => 'A shut lid bursts: it makes gas.',
	'place-upwind': () => 'It stands upwind of where people are.',
	'place-sunny': () => 'It stands in the sun.',
	'place-near-house': ({ least_m }, system) =>
		`The house is nearer than ${say(Number(least_m), 'm', system)}.`,
	'place-near-boundary': ({ least_m }, system) =>
		`The boundary is nearer than ${say(Number(least_m), 'm', system)}.`,
	'place-near-water': ({ least_m }, system) =>
		`Open water is nearer than ${say(Number(least_m), 'm', system)}.`,
	'starter-not-ripe': ({ code, state }) =>
		`${code} is not ripe by clock and nose (${stateWords(state)}).`,
	'doubtful-line': ({ code, of }) => `${code} comes of a doubtful line (${of}).`,
	'care-lye': () =>
		'Lye: gloves and goggles, plastic only, never aluminium. Outdoors, and never near urine or fresh manure: ammonia.',
	'care-mould': () =>
		'Mask and gloves at every opening. Black or vivid green goes out unopened. Safe from animals and rain.',
	'care-pump': () => 'Keep the pump dry above the rim, on a residual-current outlet.',
	'care-gas': () =>
		'It makes gas: a lid that breathes or has a vent, never tight; not in a closed room.',
	'care-stink': () =>
		'Open air only, downwind, away from house, boundary and water. Never bend over an opened barrel: its gas can kill. Children and animals away from the lid.',
	'care-sugar': () => 'What multiplied on sugar may carry germs: not on parts that are eaten raw.',
	'care-gloves': () => 'Gloves, and wash your hands: no brew is for a body.'
};

/** What is told of fires, their wood, and char that is crushed or charged. */
const burning: Readonly<Record<string, Words>> = {
	...tendingCautions,
	'vessel-busy': ({ name, code }) =>
		`${code} is in ${name} at that time: one vessel holds one fire. Give another time or another vessel.`,
	'far-ratio': ({ part, school, perChar, low, high }) =>
		`That is ${plain(Number(perChar), 2)} parts of ${part} to one of char; the ${school} takes ${plain(Number(low), 2)} to ${plain(Number(high), 2)}. A share in percent is typed with its %.`,
	overflows: (facts, system) =>
		`With ${say(5, 'cm', system)} of liquid above it that runs over ${facts.name}, which holds ${amount(facts, 'capacity_l', 'L', system)}. It takes ${amount(facts, 'most_l', 'L', system)} of char at most.`,
	'more-partner-than-liquid': (facts, system) =>
		`That would be ${amount(facts, 'partner_l', 'L', system)} of urine in ${amount(facts, 'liquid_l', 'L', system)} of liquid. Ask for less nitrogen.`,
	'far-temperature': (facts, system) =>
		`The last reading was ${amount(facts, 'before', '°C', system)}, and this is ${amount(facts, 'now', '°C', system)}.`,
	'far-reading': ({ before, now }) => `The last reading was ${before}, and this is ${now}.`,
	'long-ago': () => 'That is more than three years ago. Is the year right?',
	'wind-strong': ({ wind_km_h, gust_km_h }, system) =>
		`Too much wind as it was read: ${sayWind(Number(wind_km_h), system)}, gusts ${sayWind(Number(gust_km_h), system)}. Not then.`,
	'water-short': ({ onSite_l, wanted_l }, system) =>
		`${say(Number(onSite_l), 'L', system)} of water on site, where ${say(Number(wanted_l), 'L', system)} are wanted.`,
	'in-the-dark': () => 'It would be dark: smoke, drift and what is left glowing are not seen.',
	'wood-wet': ({ code }) => `${code} was read too wet to burn well: dry it and read it again.`,
	'load-overflows': ({ name, over_l }, system) =>
		`${say(Number(over_l), 'L', system)} more than ${name} takes at once.`,
	'planned-past': () => 'That day is past. A burn that is done is set down as burnt.',
	'planned-far': () => 'That is more than a year away.',
	'vessel-failed': ({ name, words }) =>
		`${name} failed and was not mended since: “${words}”. Log the mending on its page first.`,
	'burns-long': ({ days }) => `That is ${days} days between lighting and quenching.`,
	'implausible-yield': (facts) =>
		`That is a yield of ${percent(facts, 'yield')}, outside what this way gives. Check the volume and the stack.`,
	'implausible-crush': (facts) =>
		`Crushing would have packed away ${percent(facts, 'packed')}; 25–40 % is usual. Check both measures.`,
	'nitrogen-little': (facts, system) =>
		`${amount(facts, 'perKg', 'g/kg', system)} of mineral nitrogen to its char is little: it will draw from the bed at first.`,
	'nitrogen-wasteful': (facts, system) =>
		`${amount(facts, 'perKg', 'g/kg', system)} of mineral nitrogen to its char is more than it holds: the rest goes off.`
};

/** The day on which it is over by itself, as sheets write days: a sentence knows no zone. */
const untilWords = (until_ms: string | number | undefined): string =>
	typeof until_ms === 'number' ? ` Over on ${new Date(until_ms).toISOString().slice(0, 10)}.` : '';

/** What speaks against an act, by the code of the caution: a sentence that can be answered. */
export const cautionSentences: Readonly<Record<string, Words>> = Object.fromEntries(
	Object.entries({ ...applying, ...going, ...burning, ...heaping, ...mixing }).map(
		([code, words]): [string, Words] => [
			code,
			(facts, system) => `${words(facts, system)}${untilWords(facts.until_ms)}`
		]
	)
);

/** A caution in the grower's units. */
export const sayCaution = (
	{ code, facts }: { readonly code: string; readonly facts: Parameters<Words>[0] },
	system: Parameters<Words>[1]
): string => cautionSentences[code]?.(facts, system) ?? code;
