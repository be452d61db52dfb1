import { vesselVersions } from '../../questions/in-stock';
import { inLitres } from '../../../core/units';
import {
	recipeFor,
	recipes,
	type BrewStuff,
	type Recipe,
	type WaterSource
} from '../../../core/brews';
import { stuffName } from '../../../format/brew-words';
import { sayMoment } from '../../../format/dates';
import { say } from '../../../format/figure';
import { list } from '../../../format/words';
import { brewSchema } from '../../../input/brews';
import { choiceOfLot, choiceText } from '../../../input/chosen';
import { leadingName, namesOfKind, thingNamed, type Names } from '../../line/names';
import { sending, trouble, type LogVerb, type LineTold } from '../../line/sending';
import type { Saying } from '../../line/saying';
import type { Books } from '../../db/books';
import { brewLine } from '../../questions/brews';
import { startBrew } from '../../usecases/brews/start-brew';

/** Where nobody measured: a shed in the season of brewing. */
const usualTemperature = '18 C';

/** Words for what goes in, as people say them. */
const said: readonly (readonly [RegExp, BrewStuff])[] = [
	[/^castings$/, 'castings'],
	[/^compost$/, 'finished-compost'],
	[/^(leaf-?mou?ld|mou?ld)$/, 'leaf-mould'],
	[/^molasses$/, 'molasses'],
	[/^sugar$/, 'sugar'],
	[/^(bran|meal)$/, 'cereal-bran'],
	[/^(grain|barley|oats|rice)$/, 'cereal-grain'],
	[/^milk$/, 'milk'],
	[/^(leaves|comfrey|nettles?)$/, 'fresh-leaves'],
	[/^(greens|weeds|bines?)$/, 'greens'],
	[/^potato(es)?$/, 'boiled-potato'],
	[/^salt$/, 'sea-salt'],
	[/^(soil|earth)$/, 'garden-soil'],
	[/^yeast$/, 'bread-yeast'],
	[/^ash$/, 'hardwood-ash'],
	[/^liquor$/, 'soak-liquor']
];

interface Named {
	readonly stuff: BrewStuff;
	/** As a form sends the choice. */
	readonly choice: string;
	readonly amount: string;
}

/** What a word stands for: a stuff brought in now, or a lot of it. */
function stuffOf(word: string, names: Names): Omit<Named, 'amount'> | undefined {
	const code = /^[mb]\d+$/i.test(word) ? word.toUpperCase() : undefined;
	const facts = code === undefined ? undefined : thingNamed(names, code)?.facts;
	const known = (facts?.material ?? facts?.recipe) as BrewStuff | undefined;
	if (code !== undefined && known)
		return { stuff: known, choice: choiceText({ lot: code, stuff: known }) };
	const stuff = said.find(([sign]) => sign.test(word.toLowerCase()))?.[1];
	return stuff && { stuff, choice: stuff };
}

/** The same as a form sends the choice. */
export const stuffWord = (word: string, names: Names): string | undefined =>
	stuffOf(word, names)?.choice;

/** Where the water is from, by its word in a line; nothing is taken for granted. */
const sources: Readonly<Record<string, WaterSource>> = {
	rain: 'rain',
	well: 'well',
	tap: 'tap-unknown',
	chlorinated: 'tap-chlorine',
	chloramine: 'tap-chloramine'
};

/** What is said of where it stands, by single words, as the form sends it. */
const placeWords: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	plastic: { plastic: 'on' },
	breathing: { lid: 'breathing' },
	vented: { lid: 'vented' },
	tight: { lid: 'shut' },
	downwind: { downwind: 'yes' },
	upwind: { downwind: 'no' },
	shade: { shade: 'yes' },
	sun: { shade: 'no' }
};

/** The words of a place taken out of a line, and what they say. */
function takePlace(words: readonly string[]) {
	const isPlace = (word: string) => word.toLowerCase() in placeWords;
	return {
		words: words.filter((word) => !isPlace(word)),
		told: Object.assign(
			{},
			...words.filter(isPlace).map((word) => placeWords[word.toLowerCase()])
		) as Readonly<Record<string, string>>
	};
}

/** The words of a line in its amounts and stuffs: `18 L castings 1 L molasses 60 mL`. */
function partsOf(words: readonly string[], names: Names) {
	const before: string[] = [];
	const parts: { -readonly [Key in keyof Named]: Named[Key] }[] = [];
	for (const word of words) {
		const stuff = stuffOf(word, names);
		const last = parts.at(-1);
		// "castings M30 1 L" names one thing twice: the lot counts.
		if (stuff && last && last.amount === '' && last.stuff === stuff.stuff)
			Object.assign(last, stuff);
		else if (stuff) parts.push({ ...stuff, amount: '' });
		else if (last) last.amount = `${last.amount} ${word}`.trim();
		else before.push(word);
	}
	const [, water = '', source = ''] =
		/^(.*?)\s*\b(rain|well|tap|chlorinated|chloramine)?\s*(?:water)?(?:\s+of)?$/i.exec(
			before.join(' ')
		) ?? [];
	return { water: water.trim(), source: sources[source.toLowerCase()], parts };
}

/** The vessel wherever it is named, what stands before it and after it. */
function aroundVessel(text: string, vessels: readonly string[]) {
	const words = text.trim().split(/\s+/);
	for (let i = 0; i < words.length; i += 1) {
		const found = leadingName(words.slice(i).join(' '), vessels);
		if (found) return { before: words.slice(0, i).join(' '), ...found };
	}
	return undefined;
}

const recipeNamed = (text: string): Recipe | undefined => {
	const typed = text.toLowerCase();
	return typed === ''
		? undefined
		: recipes.find(({ id, name }) => name === typed || id === typed.replace(/ /g, '-'));
};

/** `brew tea2 Pail 18 L castings 1 L`, `brew Jar B2 400 g sugar 400 g`, `brew ash tea Pail 10 L ash 80 g at 16 C` */
export const brewVerb: LogVerb = {
	word: 'brew',
	about: 'set a brew going',
	examples: [
		{
			line: 'brew White pail 20 L rain castings 1.5 L at 17 C',
			does: 'water and where it is from, and each part with how much of it; a name or a kind may stand before the vessel'
		}
	],
	fits: ({ kind }) => kind === 'vessel',
	read: ({ rest, reason }, names) => {
		const [, line = '', at = ''] = /^(.*?)(?:\s+at\s+(\S+(?:\s*°?[cf])?))?$/i.exec(rest) ?? [];
		const vessel = aroundVessel(line, namesOfKind(names, 'vessel'));
		if (!vessel) return trouble('line-brew');
		const { words, told: place } = takePlace(vessel.rest.split(/\s+/));
		const { water, source, parts } = partsOf(words, names);
		if (parts.length === 0) return trouble('line-brew');
		const named = recipeNamed(vessel.before);
		const recipe =
			named ??
			recipeFor(
				parts.map(({ stuff }) => stuff),
				water !== ''
			);
		if (!recipe) return trouble('line-brew-which');
		const unused = unusedIn(recipe, parts);
		if (unused) return trouble('line-unused', { words: unused });
		return sending(
			{
				...valuesOf(recipe, water, parts),
				...(source === undefined ? {} : { water: source }),
				vessel: vessel.name,
				...(named || vessel.before === '' ? {} : { name: vessel.before }),
				temperature: at === '' ? usualTemperature : at,
				...place,
				reason
			},
			brewSchema,
			startBrew,
			(books, now_ms) => (path) => (saying) =>
				told(books, path.split('/').at(-1) ?? '', now_ms, at === '', saying)
		);
	}
};

/** What was named and the recipe has no place for, or a second time: never dropped without a word. */
function unusedIn({ base, parts: places }: Recipe, parts: readonly Named[]): string {
	const based =
		base.of === 'water' ? undefined : parts.find(({ stuff }) => base.of.includes(stuff));
	const used = new Set([based]);
	for (const { from } of places)
		used.add(parts.find((part) => !used.has(part) && from.includes(part.stuff)));
	return parts
		.filter((part) => !used.has(part))
		.map(({ stuff, choice, amount }) =>
			`${choiceOfLot(choice).lot ?? stuffName(stuff)} ${amount}`.trim()
		)
		.join(', ');
}

function valuesOf(recipe: Recipe, water: string, parts: readonly Named[]) {
	const { of } = recipe.base;
	const based = of === 'water' ? undefined : parts.find(({ stuff }) => of.includes(stuff));
	const others = parts.filter((part) => part !== based);
	const values: Record<string, string> = {
		recipe: recipe.id,
		base: based?.amount ?? water,
		...(based ? { 'with-base': based.choice } : {})
	};
	for (const { id, from } of recipe.parts) {
		const at = others.findIndex(({ stuff }) => from.includes(stuff));
		const [given] = at < 0 ? [] : others.splice(at, 1);
		if (given)
			Object.assign(values, { [`with-${id}`]: given.choice, [`amount-${id}`]: given.amount });
	}
	return values;
}

function told(
	books: Books,
	code: string,
	now_ms: number,
	isUsual: boolean,
	{ almanac, system }: Saying
): LineTold {
	const brew = books.brews.maybeOne(code);
	if (!brew) return { head: 'A brew', text: '' };
	const { window, asleep } = brewLine(books.findings, brew, now_ms);
	const went = brew.ingredients
		.filter(({ material }) => material !== 'rain-water')
		.map(
			({ material, volume_ul }) =>
				`${say(inLitres(volume_ul), 'L', system)} of ${stuffName(material)}`
		);
	const ripe =
		window.usable_ms === null
			? asleep
				? 'Too cold to work: it sleeps until it is warmer.'
				: 'Too hot to come to anything.'
			: `Ripe from ${sayMoment(window.usable_ms, almanac)}.`;
	const vessel =
		brew.vesselVersionId === null ? undefined : vesselVersions(books).get(brew.vesselVersionId);
	return {
		head: `${brew.code} ${brew.name}${vessel ? ` in ${vessel.name}` : ''}`,
		text: `${isUsual ? 'Taken to stand at' : 'At'} ${say(brew.temperature_c, '°C', system)}. ${say(brew.made_l, 'L', system)} with ${list(went)}. ${ripe}`
	};
}
