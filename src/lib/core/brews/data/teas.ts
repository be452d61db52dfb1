import { steptShortly, type Recipe } from './recipe';

const day = 24;

/** Brews of days: alive, and soon gone. */
export const teas: readonly Recipe[] = Object.freeze([
	{
		id: 'aerated-tea',
		usualSize_l: 25,
		name: 'aerated tea',
		base: { of: 'water', by: 'L' },
		parts: [
			{ id: 'bag', from: ['castings', 'finished-compost'], by: 'L', per10: [0.5, 1], inBag: true },
			{ id: 'molasses', from: ['molasses'], by: 'L', per10: [0.02, 0.04], isOption: true }
		],
		air: 'pump',
		hours: [18, 36],
		fill: 0.8,
		keeps: { from: 'pump', hours: [4, 6] },
		soil: { strongest: 0, usual: 4, finest: 5 },
		leaves: { strongest: 5, usual: 7, finest: 10 },
		senses: [
			['earthy', 'as-it-should'],
			['sweet', 'not-yet'],
			['sour', 'not-yet'],
			['stink', 'failed']
		],
		as: 'compost-tea',
		alive: true,
		dissolves: steptShortly,
		end: 're-aerate',
		source:
			'Practice: 0.5–1 L of castings or compost to 10 L, bubbled 18–36 h at 20 °C; good for 4–6 h once the pump stops'
	},
	{
		id: 'microbe-tea',
		usualSize_l: 25,
		name: 'multiplied microbe tea',
		base: { of: 'water', by: 'L' },
		parts: [
			{
				id: 'starter',
				from: ['kept-culture', 'milk-culture', 'bread-yeast'],
				by: 'L',
				per10: [0.02, 0.05]
			},
			{ id: 'molasses', from: ['molasses'], by: 'L', per10: [0.04, 0.1] },
			{ id: 'meal', from: ['cereal-bran'], by: 'kg', per10: [0.05, 0.1], isOption: true }
		],
		air: 'breathing',
		hours: [1 * day, 2 * day],
		fill: 0.8,
		keeps: { from: 'ripe', hours: [10, 24] },
		soil: { strongest: 10, usual: 10, finest: 20 },
		leaves: { strongest: 20, usual: 20, finest: 50 },
		senses: [
			['bread-like', 'as-it-should'],
			['bare', 'not-yet'],
			['sour', 'not-yet'],
			['stink', 'failed']
		],
		gas: true,
		as: 'compost-tea',
		alive: true,
		dissolves: steptShortly,
		end: 'heap',
		source:
			'Practice: 20–50 mL of starter and 40–100 mL of molasses, or 50–100 g of meal, to 10 L, 1–2 days at 20 °C; used the same day, 1 : 10 or on leaves 1 : 20 and finer'
	},
	{
		id: 'starch-brew',
		usualSize_l: 25,
		name: 'potato-starch leaf-mould brew',
		base: { of: 'water', by: 'L' },
		parts: [
			{ id: 'potato', from: ['boiled-potato'], by: 'kg', per10: [0.1, 0.3] },
			{ id: 'bag', from: ['leaf-mould'], by: 'L', per10: [0.1, 0.3], inBag: true },
			{ id: 'salt', from: ['sea-salt'], by: 'kg', per10: [0.01, 0.01] }
		],
		air: 'breathing',
		hours: [1 * day, 3 * day],
		fill: 0.65,
		keeps: { from: 'ripe', hours: [3, 8] },
		soil: { strongest: 10, usual: 15, finest: 20 },
		leaves: { strongest: 10, usual: 20, finest: 50 },
		senses: [
			['froth-ring', 'as-it-should'],
			['no-froth', 'not-yet'],
			['ring-collapsed', 'failed'],
			['stink', 'failed']
		],
		gas: true,
		strained: true,
		alive: true,
		dissolves: steptShortly,
		end: 'heap',
		source:
			'Practice: boiled potato, leaf mould in a bag and 10 g of sea salt to 10 L, 1–3 days; used within hours of its ring of froth at the height, 1 : 10 to 1 : 20. Potato and leaf mould by weight are working assumptions'
	}
] satisfies readonly Recipe[]);
