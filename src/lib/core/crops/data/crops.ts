import type { TakeClass } from './takes';

/** How much nitrogen a crop wants in a season. */
export type Hunger = 'light' | 'medium' | 'heavy';
/** Whether parts of it are eaten raw, and whether those touch the soil: strictest last. */
export type RawPart = 'none' | 'off-soil' | 'touches' | 'in-soil';

export interface CropRow {
	readonly id: string;
	/** What people call it: the first is its name, the others are found by. */
	readonly names: readonly [string, ...string[]];
	readonly family: string;
	/** pH in water that it likes, from … to. */
	readonly ph: readonly [low: number, high: number];
	readonly hunger: Hunger;
	readonly raw: RawPart;
	/** What a harvest takes away; none where nothing is taken. */
	readonly takes?: TakeClass;
	/** Lime and ash harm it, whatever the pH reads. */
	readonly acidLover?: true;
	/** Lime or ash this year or the year before gives it scab. */
	readonly scab?: true;
	readonly saltShy?: true;
	/** The soil at least so warm to sow, °C; none: it comes as a plant. */
	readonly warm_c?: number;
	/** Months to sow or plant where winters are cool, in the north. */
	readonly months?: readonly number[];
	readonly remark?: string;
}

/** A crop as the grower knows it: a row of one name, which goes before the table. */
export type OwnCrop = Omit<CropRow, 'id' | 'names'> & { readonly name: string };

export const cropsSource =
	'Ranges rounded from common extension tables: a judgement, and a row of your own goes before it';

const row = (
	id: string,
	names: CropRow['names'],
	family: string,
	ph: CropRow['ph'],
	hunger: Hunger,
	raw: RawPart,
	more: Omit<CropRow, 'id' | 'names' | 'family' | 'ph' | 'hunger' | 'raw'> = {}
): CropRow => ({ id, names, family, ph, hunger, raw, ...more });

const months = (from: number, to: number): number[] =>
	Array.from({ length: to - from + 1 }, (_, i) => from + i);

/** A starting table of what grows in gardens. */
export const crops: readonly CropRow[] = Object.freeze([
	row(
		'cabbage',
		['cabbage', 'broccoli', 'kale', 'cauliflower', 'sprouts'],
		'cabbage',
		[6.5, 7.4],
		'heavy',
		'off-soil',
		{ takes: 'leaf', warm_c: 6, months: months(3, 7), remark: 'likes lime: clubroot' }
	),
	row('turnip', ['turnip', 'radish', 'swede'], 'cabbage', [6.0, 7.0], 'light', 'in-soil', {
		takes: 'root',
		warm_c: 5,
		months: months(3, 9),
		remark: 'bolts in long hot days'
	}),
	row('tomato', ['tomato', 'pepper', 'aubergine'], 'nightshade', [6.0, 6.8], 'heavy', 'off-soil', {
		takes: 'fruit',
		warm_c: 13,
		months: [5, 6],
		remark: 'wants potash'
	}),
	row('potato', ['potato'], 'nightshade', [5.0, 6.0], 'heavy', 'none', {
		takes: 'root',
		scab: true,
		warm_c: 8,
		months: [4, 5]
	}),
	row(
		'squash',
		['squash', 'cucumber', 'melon', 'courgette', 'pumpkin'],
		'gourd',
		[5.8, 7.0],
		'heavy',
		'off-soil',
		{ takes: 'fruit', warm_c: 14, months: [5, 6] }
	),
	row('leek', ['leek'], 'onion', [6.2, 7.0], 'heavy', 'in-soil', {
		takes: 'root',
		saltShy: true,
		warm_c: 6,
		months: [3, 4]
	}),
	row('onion', ['onion', 'garlic', 'shallot'], 'onion', [6.2, 7.0], 'medium', 'in-soil', {
		takes: 'root',
		saltShy: true,
		warm_c: 5,
		months: [3, 4, 10, 11]
	}),
	row('beet', ['beet', 'beetroot', 'chard'], 'goosefoot', [6.5, 7.5], 'heavy', 'touches', {
		takes: 'root',
		warm_c: 7,
		months: months(4, 7)
	}),
	row('spinach', ['spinach'], 'goosefoot', [6.5, 7.5], 'medium', 'touches', {
		takes: 'leaf',
		warm_c: 4,
		months: [3, 4, 8, 9],
		remark: 'bolts in long warm days'
	}),
	row(
		'lettuce',
		['lettuce', 'salad', 'chicory', 'endive'],
		'daisy',
		[6.0, 7.0],
		'medium',
		'touches',
		{
			takes: 'leaf',
			saltShy: true,
			warm_c: 4,
			months: months(3, 8)
		}
	),
	row('carrot', ['carrot', 'parsnip'], 'carrot', [6.0, 6.8], 'medium', 'in-soil', {
		takes: 'root',
		warm_c: 6,
		months: months(3, 7),
		remark: 'fresh manure forks them'
	}),
	row('celery', ['celery', 'celeriac'], 'carrot', [6.2, 7.0], 'heavy', 'touches', {
		takes: 'root',
		warm_c: 12,
		months: [5, 6]
	}),
	row('peas', ['peas', 'pea'], 'pulse', [6.0, 7.2], 'light', 'off-soil', {
		takes: 'pulse',
		warm_c: 5,
		months: months(3, 5),
		remark: 'dressings of nitrogen are wasted on it'
	}),
	row('beans', ['beans', 'bean'], 'pulse', [6.0, 7.2], 'light', 'none', {
		takes: 'pulse',
		warm_c: 11,
		months: months(5, 7)
	}),
	row('maize', ['maize', 'corn', 'sweetcorn'], 'grass', [5.8, 7.0], 'heavy', 'none', {
		takes: 'straw-and-seed',
		warm_c: 10,
		months: [5, 6]
	}),
	row(
		'grains',
		['small grains', 'wheat', 'barley', 'oats', 'rye'],
		'grass',
		[5.8, 7.2],
		'medium',
		'none',
		{ takes: 'straw-and-seed', warm_c: 4, months: [3, 4, 9, 10] }
	),
	row('lawn', ['lawn', 'meadow', 'grass'], 'grass', [5.8, 7.0], 'medium', 'none', {
		takes: 'mown-grass',
		warm_c: 6,
		months: [4, 5, 8, 9],
		remark: 'ash at most half the cap'
	}),
	row('strawberry', ['strawberry', 'raspberry'], 'rose', [5.5, 6.5], 'light', 'touches', {
		takes: 'fruit',
		months: [3, 4, 8, 9, 10],
		remark: 'ash sparingly or not'
	}),
	row(
		'apple',
		['apple', 'pear', 'rose', 'plum', 'quince'],
		'rose',
		[6.0, 7.0],
		'light',
		'off-soil',
		{
			takes: 'fruit',
			months: [11, 12, 1, 2, 3]
		}
	),
	row(
		'bilberry',
		['bilberry', 'blueberry', 'cranberry'],
		'heath',
		[4.0, 5.2],
		'light',
		'off-soil',
		{
			takes: 'fruit',
			acidLover: true
		}
	),
	row(
		'heather',
		['heather', 'rhododendron', 'azalea', 'erica'],
		'heath',
		[4.5, 6.0],
		'light',
		'none',
		{
			acidLover: true
		}
	),
	row('camellia', ['camellia'], 'tea', [4.5, 6.0], 'light', 'none', { acidLover: true }),
	row('madder', ['madder'], 'madder', [6.5, 7.8], 'medium', 'none', {
		takes: 'root',
		warm_c: 10,
		months: [4, 5],
		remark: 'likes lime; three years in one bed'
	}),
	row('woad', ['woad'], 'cabbage', [6.0, 7.5], 'heavy', 'none', {
		takes: 'leaf',
		warm_c: 8,
		months: months(4, 6),
		remark: 'not after cabbage'
	}),
	row('weld', ['weld'], 'mignonette', [6.5, 8.0], 'light', 'none', {
		takes: 'straw',
		warm_c: 8,
		months: [4, 8, 9],
		remark: 'poor, limy ground'
	}),
	row(
		'knotweed',
		['dyer’s knotweed', 'knotweed', 'indigo'],
		'knotweed',
		[5.5, 6.8],
		'heavy',
		'none',
		{
			takes: 'leaf',
			warm_c: 12,
			months: [5],
			remark: 'wet feet, rich ground'
		}
	),
	row(
		'coreopsis',
		['coreopsis', 'marigold', 'chamomile', 'safflower'],
		'daisy',
		[5.8, 7.5],
		'light',
		'none',
		{ takes: 'straw', warm_c: 10, months: months(4, 6) }
	),
	row('hollyhock', ['hollyhock'], 'mallow', [6.0, 8.0], 'medium', 'none', {
		takes: 'straw',
		warm_c: 8,
		months: months(6, 8)
	})
]);

/** Nitrogen that a season wants of soil and dressing together, g/m². */
export const hungers: Readonly<Record<Hunger, readonly [low: number, high: number]>> =
	Object.freeze({ light: [4, 9], medium: [10, 17], heavy: [18, 30] });

export const hungerSource =
	'Classes after the vegetable table of the German fertiliser ordinance 2017, annex 4, rounded';
