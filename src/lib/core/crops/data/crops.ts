import { months, row, type CropRow } from './crop-row';

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
