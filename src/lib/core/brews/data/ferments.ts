import { rottedDown, type Recipe } from './recipe';

const day = 24;
const week = 7 * day;
const month = 30.4 * day;

/** Brews of weeks and months, and liquors. */
export const ferments: readonly Recipe[] = Object.freeze([
	{
		id: 'steeped-liquor',
		usualSize_l: 100,
		name: 'steeped plant liquor',
		base: { of: 'water', by: 'L' },
		parts: [{ id: 'leaves', from: ['fresh-leaves', 'greens'], by: 'kg', per10: [1, 1] }],
		air: 'stirred',
		hours: [2 * week, 4 * week],
		fill: 0.8,
		keeps: { from: 'ripe', hours: [4 * month, 6 * month] },
		soil: { strongest: 10, usual: 10, finest: 20 },
		leaves: { strongest: 20, usual: 20, finest: 40 },
		senses: [
			['strong', 'as-it-should'],
			['green', 'not-yet'],
			['mouldy', 'not-yet']
		],
		stinks: true,
		gas: true,
		strained: true,
		as: 'plant-liquor',
		alive: true,
		dissolves: rottedDown,
		end: 'thin',
		source:
			'Practice: 1 kg of fresh comfrey, nettle or the like to 10 L, stirred under a lid, 2–4 weeks; its strong smell is normal; 1 : 10, on leaves 1 : 20; keeps 6 months shut'
	},
	{
		id: 'sugar-ferment',
		usualSize_l: 3,
		fillBy_kg_l: 0.12,
		name: 'sugar plant ferment',
		base: { of: ['fresh-leaves', 'greens'], by: 'kg' },
		parts: [{ id: 'sugar', from: ['sugar'], by: 'kg', per10: [10, 10] }],
		air: 'breathing',
		hours: [7 * day, 14 * day],
		fill: 0.67,
		keeps: { from: 'ripe', hours: [9 * month, 12 * month] },
		soil: { strongest: 500, usual: 500, finest: 1000 },
		leaves: { strongest: 500, usual: 1000, finest: 1000 },
		senses: [
			['sweet-sour', 'as-it-should'],
			['sweet', 'not-yet'],
			['rotten', 'failed']
		],
		gas: true,
		strained: true,
		alive: true,
		dissolves: rottedDown,
		end: 'keep',
		source:
			'Practice: leaves and their own weight of raw sugar, the jar two-thirds full under a breathing lid, 7–14 days; 1 : 500 to 1 : 1000; keeps a year cool'
	},
	{
		id: 'submerged-ferment',
		usualSize_l: 100,
		name: 'long submerged ferment',
		base: { of: 'water', by: 'L' },
		parts: [
			{ id: 'leaves', from: ['greens', 'fresh-leaves'], by: 'kg', per10: [2, 4] },
			{ id: 'seed', from: ['garden-soil', 'finished-compost'], by: 'L', per10: [0.05, 0.2] }
		],
		air: 'vented',
		hours: [2 * month, 6 * month],
		fill: 0.8,
		keeps: { from: 'ripe', hours: [12 * month, 18 * month] },
		soil: { strongest: 10, usual: 50, finest: 300 },
		senses: [
			['strong', 'as-it-should'],
			['green', 'not-yet'],
			['mouldy', 'not-yet']
		],
		stinks: true,
		gas: true,
		strained: true,
		as: 'plant-liquor',
		alive: true,
		dissolves: rottedDown,
		end: 'thin',
		source:
			'Practice: any plant remains kept under water with a little woodland soil or compost, shut with a vent, 2–6 months; 1 : 10 for the hungriest to 1 : 300 for seedlings; keeps a year and more. Kilograms of remains are a working assumption'
	},
	{
		id: 'ash-tea',
		usualSize_l: 25,
		isLye: true,
		name: 'ash tea',
		base: { of: 'water', by: 'L' },
		parts: [
			{
				id: 'ash',
				from: ['hardwood-ash', 'softwood-ash', 'rained-on-ash'],
				by: 'kg',
				per10: [0.05, 0.1],
				inBag: true
			}
		],
		air: 'breathing',
		hours: [7 * day, 7 * day],
		fill: 0.8,
		keeps: { from: 'ripe', hours: [3 * month, 6 * month] },
		soil: { strongest: 10, usual: 10, finest: 50 },
		senses: [
			['amber', 'as-it-should'],
			['pale', 'not-yet']
		],
		alive: false,
		dissolves: { mineralNitrogen: 0, boundNitrogen: 0, phosphorus: 0, potassium: 0.8 },
		end: 'thin',
		source:
			'Practice: 50–100 g of sifted wood ash in a bag to 10 L, 7 days in plastic; amber, slippery, pH 10 and more; 1 : 10 or finer, soil only; most of the potash is soluble salt, a working assumption of 80 %'
	},
	{
		id: 'drained-liquor',
		usualSize_l: 25,
		standsAnywhere: true,
		name: 'drained liquor',
		base: { of: ['soak-liquor'], by: 'L' },
		parts: [],
		air: 'stirred',
		hours: [0, 0],
		fill: 0.95,
		keeps: { from: 'ripe', hours: [3 * day, 5 * day] },
		soil: { strongest: 10, usual: 10, finest: 30 },
		senses: [
			['as-drained', 'as-it-should'],
			['stink', 'failed']
		],
		alive: false,
		dissolves: rottedDown,
		end: 'heap',
		source:
			'Practice: what is drained from a charge, ready at once, thinned ten times or more and used within days'
	}
] satisfies readonly Recipe[]);
