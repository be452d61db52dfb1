import type { MixUse, Shape } from '../core/mixes';
import { number, type Words } from './field-words';
import { joined, show } from './figure';

export const useWords: Readonly<Record<MixUse, string>> = {
	feed: 'fertiliser blend',
	pots: 'potting mix',
	seed: 'seed mix'
};

const share = (facts: Parameters<Words>[0], key: string) =>
	joined(show({ value: number(facts, key), unit: 'share' }, 'metric'));

/** What speaks against a mix. */
export const mixing: Readonly<Record<string, Words>> = {
	'mix-refused': ({ code, what }) => `${String(code)} is of ${String(what)}: in no mix.`,
	'mix-ash-ammonium': (facts) =>
		`${String(facts.ash)} drives the nitrogen of ${String(facts.with)} off as ammonia: never in one blend. Put them on apart, 14 days between them.`,
	'mix-soak-stored': ({ code }) =>
		`${String(code)} was soaked with stored urine, or fell below pH 10: hardly any of its nitrogen is left. A laboratory’s result would say.`,
	'mix-seed-ash': ({ code }) =>
		`${String(code)} in a seed mix: seedlings bear little salt and no lye.`,
	'mix-pot-much': (facts) =>
		`${String(facts.code)} makes ${share(facts, 'share')} of it; ${share(facts, 'most')} is what roots bear.`,
	'bag-oxide': ({ material, nutrient, told }) =>
		`${String(told)} % ${nutrient === 'phosphorus' ? 'P' : 'K'} is more than ${String(material)} ever holds: the bag most likely says the oxide, ${nutrient === 'phosphorus' ? 'P₂O₅' : 'K₂O'}.`,
	'mix-dust': () => 'Meals, ash, char and perlite are dust: damp them, a mask, upwind.'
};

export const shapeWords: Readonly<Record<Shape, string>> = {
	round: 'round pots',
	square: 'square pots',
	tray: 'trays of cells',
	block: 'pressed blocks'
};

/** Of several of them, in an answer. */
export const shapeShortly: Readonly<Record<Shape, string>> = {
	round: 'pots',
	square: 'pots',
	tray: 'trays',
	block: 'blocks'
};
