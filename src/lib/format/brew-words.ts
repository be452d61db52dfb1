import type {
	BrewStuff,
	BrewTask,
	First,
	RecipeId,
	Recipe,
	Smell,
	SmellVerdict,
	WaterSource
} from '../core/brews';
import { isRecipe, recipeOf } from '../core/brews';
import { isMaterial, materialOf } from '../core/materials';
import { verdictWords } from './rooms/brews';

/** What a nose or an eye finds, in the words of the check. */
export const smellWords: Readonly<
	Record<Smell, { readonly name: string; readonly means: string; readonly signs: RegExp }>
> = {
	earthy: { name: 'earthy, watery', means: 'as it should', signs: /^earth/ },
	sweet: { name: 'sweetish', means: 'still feeding: wait', signs: /^sweet(ish)?$/ },
	sour: { name: 'sour', means: '', signs: /^sour$/ },
	stink: { name: 'any stink', means: 'failed: on no food', signs: /^(stink|foul|rot)/ },
	'bread-like': { name: 'sweetish, bread-like', means: 'as it should', signs: /^(bread|yeast)/ },
	'dough-and-fruit': {
		name: 'dough and ripe fruit',
		means: 'as it should',
		signs: /^(dough|fruit)/
	},
	'sweet-sour': { name: 'sweet-sour', means: 'as it should', signs: /^sweet.sour/ },
	strong: {
		name: 'strong, it stinks',
		means: 'as it should: that is the process',
		signs: /^(strong|stink|byre|foul)/
	},
	green: { name: 'fresh and green', means: 'too early', signs: /^(green|fresh|grass)/ },
	rotten: { name: 'rotten', means: '', signs: /^(rot|stink|foul)/ },
	mouldy: { name: 'mould on top', means: '', signs: /^mou?ld/ },
	'pale-threads': {
		name: 'pale threads throughout',
		means: 'as it should, sweet-musty',
		signs: /^(pale|white|thread)/
	},
	'yellow-growth': {
		name: 'yellow to orange',
		means: 'some use it; mark the line',
		signs: /^(yellow|orange)/
	},
	'black-or-green': {
		name: 'black or vivid green',
		means: 'discard it unopened',
		signs: /^(black|green|vivid)/
	},
	slimy: { name: 'slime or stink', means: 'discard it unopened', signs: /^(slim|stink|foul)/ },
	bare: { name: 'nothing yet', means: 'too early', signs: /^(bare|nothing|none)/ },
	'froth-ring': {
		name: 'a ring of froth at its height',
		means: 'now: use it within hours',
		signs: /^(froth|ring)/
	},
	'no-froth': { name: 'hardly any froth', means: 'too early', signs: /^no/ },
	'ring-collapsed': { name: 'the ring has collapsed', means: 'too late', signs: /^collaps/ },
	'clear-whey': {
		name: 'clear yellow whey, sour-sweet',
		means: 'as it should',
		signs: /^(clear|whey)/
	},
	milky: { name: 'still milky', means: 'too early', signs: /^milk/ },
	amber: { name: 'amber and clear', means: 'as it should', signs: /^(amber|clear)/ },
	pale: { name: 'pale as water', means: 'too early', signs: /^pale/ },
	'as-drained': { name: 'as it ran off', means: 'good for days', signs: /^(as|fresh)/ }
};

const briefly: Readonly<Record<SmellVerdict, string>> = {
	'as-it-should': 'as it should',
	'not-yet': 'not yet',
	doubtful: 'some use it',
	failed: 'failed'
};

/** The tiles of a recipe's check: what one may find, and what it means there. */
export const sensesOf = (id: RecipeId) =>
	recipeOf(id).senses.map(([smell, verdict]) => ({
		value: smell,
		label: smellWords[smell].name,
		means: smellWords[smell].means || briefly[verdict]
	}));

/** What to do, by the recipe's own end where the general words would mislead. */
export function whatToDo(id: RecipeId, smell: Smell, verdict: SmellVerdict): string {
	if (verdict === 'failed' && recipeOf(id).end === 'unopened')
		return 'Discard it unopened, box and all, and wash what it touched';
	if (smell === 'mouldy' && id === 'steeped-liquor')
		return 'Stir it under, weight the leaves down, and look again';
	if (smell === 'mouldy' && id === 'submerged-ferment')
		return 'Air got in: skim it, mend the lid, and look again';
	if (smell === 'strong') return 'It is as it should be: this is the process, not a fault';
	return verdictWords[verdict];
}

/** What a brew wants done: as an act, as a state, and how. */
export const brewTaskWords: Readonly<
	Record<BrewTask['does'], { readonly act: string; readonly says: string; readonly how: string }>
> = {
	vent: {
		act: 'Let the gas out',
		says: 'its gas wants out',
		how: 'Its gas wants out: open the vent and step back.'
	},
	stir: { act: 'Stir it', says: 'stir it under', how: 'Stir it under.' },
	'mend-lid': {
		act: 'Mend its lid',
		says: 'its lid leaks',
		how: 'Its lid leaks: mend it, since air makes it spoil.'
	}
};

/** What happens at the end of its time. */
export const endWords: Readonly<Record<Recipe['end'], string>> = {
	're-aerate': 'Bubbled again it holds a few hours more; else it goes on a heap',
	heap: 'What is over goes on a heap the same day',
	keep: 'Keep it cool and dark with a lid that breathes',
	thin: 'Thin what is over onto a heap, and keep the rest shut',
	unopened: 'What is past goes out unopened'
};

/** How the check of a recipe is asked. */
export const askWords = (id: RecipeId): { readonly legend: string; readonly says: string } => {
	const { air, stinks } = recipeOf(id);
	if (id === 'grain-culture')
		return {
			legend: 'Look at it through the cloth',
			says: 'Black or vivid green goes out unopened. Mask and gloves at every opening.'
		};
	if (id === 'ash-tea')
		return { legend: 'Look at it', says: 'Do not smell or touch it: it is lye.' };
	if (stinks)
		return {
			legend: 'Now smell it, from a step away',
			says: 'A shut ferment may stink and be right. Never bend over an opened barrel.'
		};
	if (air === 'pump')
		return { legend: 'Now smell it', says: 'An aired brew that stinks has failed.' };
	return { legend: 'Look at it and smell it', says: 'What a nose says goes before the clock.' };
};

export const waterWords: Readonly<
	Record<WaterSource, { readonly name: string; readonly means: string }>
> = {
	rain: { name: 'Rain', means: 'as it is' },
	well: { name: 'Well or spring', means: 'as it is' },
	'tap-chlorine': { name: 'Tap, chlorine', means: 'stands open first' },
	'tap-chloramine': { name: 'Tap, chloramine', means: 'wants ascorbic acid' },
	'tap-unknown': { name: 'Tap, not known', means: 'taken for chloramine' }
};

export const firstWords: Readonly<
	Record<First, { readonly name: string; readonly means: string }>
> = {
	'as-listed': { name: 'As listed', means: 'from the top until it is gone' },
	'longest-without': { name: 'Longest without', means: 'whoever waited longest' },
	'most-needed': { name: 'The thirstiest', means: 'whoever wants most' },
	'all-alike': { name: 'All alike', means: 'each gets the same share of its want' }
};

/** What stands for a part, in a word. */
export const stuffName = (stuff: BrewStuff | 'batch' | 'char'): string => {
	if (stuff === 'batch') return 'a charge';
	if (isRecipe(stuff)) return recipeOf(stuff).name;
	return isMaterial(stuff) ? materialOf(stuff).name : stuff;
};

export const partWords: Readonly<Record<string, string>> = {
	bag: 'In the bag',
	molasses: 'Molasses',
	starter: 'Starter',
	meal: 'Meal',
	sugar: 'Sugar',
	leaves: 'Leaves',
	seed: 'A little life',
	grain: 'Grain',
	potato: 'Potato',
	salt: 'Salt',
	ash: 'Ash'
};

/** A span of hours as people say it: "18–36 h", "2–4 weeks". */
export function sayHours(low: number, high: number): string {
	const [unit, per] =
		high < 72
			? (['h', 1] as const)
			: high < 24 * 21
				? (['days', 24] as const)
				: high < 24 * 90
					? (['weeks', 168] as const)
					: (['months', 730] as const);
	const [from, to] = [Math.round(low / per), Math.round(high / per)];
	return from === to ? `${from} ${unit}` : `${from}–${to} ${unit}`;
}
