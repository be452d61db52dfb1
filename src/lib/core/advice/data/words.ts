import { factors } from '../../units';

/** What a sentence is about. */
export type Stuff =
	'char' | 'ash' | 'lime' | 'compost' | 'manure' | 'urine' | 'tea' | 'leaf-mould' | 'rock-dust';

export const stuffWords: readonly (readonly [Stuff, RegExp])[] = [
	['char', /\b(?:bio-?)?char(?:coal)?\b/],
	['ash', /\b(?:wood )?ash(?:es)?\b/],
	['lime', /\blim(?:e|ing|estone)\b/],
	['leaf-mould', /\bleaf mou?ld\b/],
	['compost', /\bcompost\b|\bcastings\b/],
	['manure', /\bmanure|\bmuck\b|\bdung\b|\blitter\b/],
	['urine', /\burine\b/],
	['tea', /\bteas?\b|\bliquor\b|\bferment\b/],
	['rock-dust', /\brock (?:dust|flour)\b|\bbasalt\b/]
];

export const stuffs: readonly Stuff[] = stuffWords.map(([stuff]) => stuff);

/** One thing that is measured with: litres, kilograms, a depth in metres or a share. */
export interface MeasureWord {
	readonly of: 'litres' | 'kg' | 'depth' | 'share';
	readonly by: number;
	/** Said of this measure: another size is as honest. */
	readonly other?: { readonly by: number; readonly says: string };
	readonly says: string;
	/** A measure that every household has its own of. */
	readonly isOwn?: boolean;
}

const { volume, mass, length } = factors;
const litres = (by: number, says: string, more: Partial<MeasureWord> = {}): MeasureWord => ({
	of: 'litres',
	by,
	says,
	...more
});
const kg = (by: number, says: string, more: Partial<MeasureWord> = {}): MeasureWord => ({
	of: 'kg',
	by,
	says,
	...more
});

/**
 * Measures as they are said, the longer words first. Household ones are usual sizes and go by the grower's own where
 * there is one of the name. Source: NIST Handbook 44; usual sizes are working assumptions.
 */
export const measureWords: readonly (readonly [RegExp, MeasureWord])[] = [
	[/^cubic (?:feet|foot)|^cu\.? ?ft|^ft3|^ft³/, litres(volume.cubicFoot, 'cubic feet')],
	[/^cubic yards?|^cu\.? ?yd/, litres(volume.cubicYard, 'cubic yards')],
	[/^cubic met(?:re|er)s?|^m3|^m³/, litres(1000, 'cubic metres')],
	[
		/^cups?\b/,
		litres(volume.usCup, 'US cups', { other: { by: volume.metricCup, says: 'metric cups' } })
	],
	[/^tablespoons?\b|^tbsps?\b/, litres(volume.metricTablespoon, 'tablespoons')],
	[/^teaspoons?\b|^tsps?\b/, litres(volume.metricTeaspoon, 'teaspoons')],
	[/^pints?\b/, litres(volume.usPint, 'pints')],
	[/^quarts?\b/, litres(volume.usQuart, 'quarts')],
	[/^gallons?\b|^gals?\b/, litres(volume.usGallon, 'US gallons')],
	[/^millilitres?\b|^milliliters?\b|^ml\b/, litres(0.001, 'millilitres')],
	[/^lit(?:re|er)s?\b|^l\b/, litres(1, 'litres')],
	[/^(?:wheel)?barrow(?:load|ful)?s?\b/, litres(80, 'barrows', { isOwn: true })],
	[/^buckets?(?:ful)?\b|^pails?\b/, litres(10, 'buckets', { isOwn: true })],
	[/^handfuls?\b/, litres(0.1, 'handfuls', { isOwn: true })],
	[/^(?:shovel|spade)(?:ful)?s?\b/, litres(3, 'shovels', { isOwn: true })],
	[/^scoops?\b/, litres(1, 'scoops', { isOwn: true })],
	[/^bags?\b|^sacks?\b/, litres(40, 'bags', { isOwn: true })],
	[/^(?:kilos?|kilograms?|kgs?)\b/, kg(1, 'kilograms')],
	[/^grams?\b|^g\b|^gm\b/, kg(0.001, 'grams')],
	[/^(?:pounds?|lbs?)\b/, kg(mass.pound, 'pounds')],
	[/^(?:ounces?|oz)\b/, kg(mass.ounce, 'ounces')],
	[/^(?:metric tons?|tonnes?|t)\b/, kg(1000, 'tonnes')],
	[/^tons?\b/, kg(1000, 'tonnes', { other: { by: 2000 * mass.pound, says: 'short tons' } })],
	[/^(?:%|per ?cent|percent)/, { of: 'share', by: 0.01, says: 'per cent' }],
	[/^(?:inch(?:es)?|in\b|")/, { of: 'depth', by: length.inch, says: 'inches deep' }],
	[/^(?:cm|centimet(?:re|er)s?)\b/, { of: 'depth', by: length.cm, says: 'centimetres deep' }],
	[/^(?:mm|millimet(?:re|er)s?)\b/, { of: 'depth', by: length.mm, says: 'millimetres deep' }]
];

/** What it goes on: an area in m², or something whose size must be asked. */
export interface OverWord {
	readonly says: string;
	/** Of one of it, m²; none where that is asked. */
	readonly m2?: number;
	/** What else it may mean, in the order of likelihood, each with its size. */
	readonly may?: readonly { readonly says: string; readonly m2: number }[];
	/** The grower's own bed is meant. */
	readonly isBed?: true;
}

const ft2 = factors.area.squareFoot;
/** A row as people fork it: three feet wide; a single drill: one foot. */
const rowWide_m = 0.9;
const drillWide_m = 0.3;

/** Source: usual spacings and hole sizes, working assumptions; the first of several is the likeliest. */
export const overWords: readonly (readonly [RegExp, OverWord])[] = [
	[/^(?:square (?:feet|foot)|sq\.? ?(?:ft|feet|foot)|ft2|ft²)/, { says: 'square foot', m2: ft2 }],
	[/^(?:square (?:yards?)|sq\.? ?(?:yd|yards?))/, { says: 'square yard', m2: 9 * ft2 }],
	[/^(?:square met(?:re|er)s?|sq\.? ?m\b|m2|m²)/, { says: 'square metre', m2: 1 }],
	[/^(?:hectares?|ha\b)/, { says: 'hectare', m2: 10_000 }],
	[/^acres?\b/, { says: 'acre', m2: 43_560 * ft2 }],
	[
		/^(?:feet|foot|ft)\b(?: of row)?/,
		{
			says: 'foot',
			may: [
				{ says: 'square foot', m2: ft2 },
				{ says: 'foot of a row three feet wide', m2: factors.length.foot * rowWide_m },
				{ says: 'foot of a single drill', m2: factors.length.foot * drillWide_m }
			]
		}
	],
	[
		/^(?:met(?:re|er)s?|m)\b(?: of row)?/,
		{
			says: 'metre',
			may: [
				{ says: 'square metre', m2: 1 },
				{ says: 'metre of a row 90 cm wide', m2: rowWide_m },
				{ says: 'metre of a single drill', m2: drillWide_m }
			]
		}
	],
	[
		/^trees?\b/,
		{
			says: 'tree',
			may: [
				{ says: 'tree, under its crown of 2 m', m2: 3.1 },
				{ says: 'tree, in a planting hole of 60 cm', m2: 0.28 },
				{ says: 'tree, under a crown of 4 m', m2: 12.6 }
			]
		}
	],
	[
		/^(?:planting )?(?:holes?|plants?)\b/,
		{
			says: 'plant',
			may: [
				{ says: 'plant, 45 cm apart', m2: 0.2 },
				{ says: 'plant, in a hole of 30 cm', m2: 0.07 }
			]
		}
	],
	[/^(?:rows?)\b/, { says: 'row', isBed: true }],
	[/^(?:beds?|plots?)\b/, { says: 'bed', isBed: true }]
];
