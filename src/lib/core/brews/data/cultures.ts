import { steptShortly, type Recipe } from './recipe';

const day = 24;
const month = 30.4 * day;

/** Brews that feed the next: they go on no bed. */
export const cultures: readonly Recipe[] = Object.freeze([
	{
		id: 'grain-culture',
		usualSize_l: 4,
		standsAnywhere: true,
		name: 'wild grain culture',
		base: { of: ['cereal-grain'], by: 'L' },
		parts: [
			{
				id: 'starter',
				from: ['grain-culture', 'kept-culture'],
				by: 'L',
				per10: [0.2, 0.5],
				isOption: true
			}
		],
		air: 'open-box',
		hours: [4 * day, 8 * day],
		fill: 0.5,
		keeps: { from: 'ripe', hours: [3 * day, 6 * day] },
		senses: [
			['pale-threads', 'as-it-should'],
			['bare', 'not-yet'],
			['yellow-growth', 'doubtful'],
			['black-or-green', 'failed'],
			['slimy', 'failed']
		],
		alive: true,
		dissolves: steptShortly,
		end: 'unopened',
		source:
			'Practice: steamed cereal grain, just damp and thin in a breathable box, 4–8 days at 20 °C among plants; keeps for days'
	},
	{
		id: 'kept-culture',
		usualSize_l: 1.5,
		name: 'kept culture',
		base: { of: ['grain-culture', 'kept-culture'], by: 'kg' },
		parts: [{ id: 'sugar', from: ['sugar'], by: 'kg', per10: [10, 10] }],
		air: 'breathing',
		hours: [7 * day, 7 * day],
		fill: 0.67,
		keeps: { from: 'ripe', hours: [6 * month, 12 * month] },
		senses: [
			['dough-and-fruit', 'as-it-should'],
			['sweet', 'not-yet'],
			['mouldy', 'failed'],
			['rotten', 'failed']
		],
		gas: true,
		alive: true,
		dissolves: steptShortly,
		end: 'keep',
		source:
			'Practice: ripe grain and its own weight of raw sugar in a jar under a breathing lid, 7 days; keeps 6–12 months cool and dark'
	},
	{
		id: 'grain-wash',
		usualSize_l: 2,
		name: 'soured grain wash',
		base: { of: 'water', by: 'L' },
		parts: [{ id: 'grain', from: ['cereal-grain'], by: 'L', per10: [3, 5], inBag: true }],
		air: 'breathing',
		hours: [3 * day, 5 * day],
		fill: 0.8,
		keeps: { from: 'ripe', hours: [2 * day, 4 * day] },
		senses: [
			['sour', 'as-it-should'],
			['bare', 'not-yet'],
			['stink', 'failed']
		],
		alive: true,
		dissolves: { mineralNitrogen: 0, boundNitrogen: 0, phosphorus: 0, potassium: 0.05 },
		end: 'heap',
		source:
			'Practice: the wash of cereal grain soured 3–5 days, the first step of the milk culture; how much grain is a working assumption'
	},
	{
		id: 'milk-culture',
		usualSize_l: 4,
		name: 'milk-and-grain-wash culture',
		base: { of: ['milk'], by: 'L' },
		parts: [{ id: 'starter', from: ['grain-wash', 'milk-culture'], by: 'L', per10: [1, 1] }],
		air: 'breathing',
		hours: [5 * day, 7 * day],
		fill: 0.8,
		keeps: { from: 'ripe', hours: [4 * month, 6 * month] },
		soil: { strongest: 1000, usual: 1000, finest: 2000 },
		leaves: { strongest: 1000, usual: 1000, finest: 2000 },
		senses: [
			['clear-whey', 'as-it-should'],
			['milky', 'not-yet'],
			['stink', 'failed']
		],
		gas: true,
		strained: true,
		alive: true,
		dissolves: { mineralNitrogen: 1, boundNitrogen: 0.2, phosphorus: 0.4, potassium: 0.9 },
		end: 'keep',
		source:
			'Practice: one part of soured wash in ten of milk, 5–7 days, the whey drawn off; 1 : 1000; keeps 6 months cold'
	}
] satisfies readonly Recipe[]);
