import type { SchoolId, PerChar, Extra, School } from './school';

const per = (usual: number, low = usual, high = usual): PerChar => ({ usual, low, high });
const manures = [
	'cattle-manure',
	'cattle-manure-aged',
	'small-stock-manure',
	'poultry-litter',
	'poultry-manure'
] as const;
const liquors = ['plant-liquor', 'compost-tea', 'manure-tea', 'pond-water'] as const;
/** Quick food for microbes, soon gone: a school of its own, off by default. */
const sugar: Extra = {
	id: 'sugar',
	materials: ['sugar'],
	perChar: per(0.01, 0.005, 0.02),
	isOption: true
};
const soakDays = { earliest: 3, better: 7, fading: 28, past: 56 } as const;
const solidDays = { fading: 180, past: 365 } as const;
const soak = {
	kind: 'soak',
	earliestWaitsForWarmth: false,
	curesWithSolids: false,
	tending: [{ does: 'stir', everyDays: 2, until: 'usable' }]
} as const;
const mix = {
	kind: 'mix',
	partnerBy: 'ratio',
	liquids: [],
	earliestWaitsForWarmth: true,
	curesWithSolids: true
} as const;

export const schools: readonly School[] = Object.freeze([
	{
		...mix,
		id: 'compost-rest',
		name: 'compost rest',
		partnerPerChar: per(1, 0.5, 2),
		extras: [sugar],
		days: { earliest: 7, better: 21, ...solidDays },
		checks: ['earthy'],
		tending: [
			{ does: 'turn', everyDays: 3, until: 'usable' },
			{ does: 'top-up', everyDays: 21, until: 'past' }
		],
		partners: ['finished-compost', 'castings', 'leaf-mould'],
		source: 'Practice: 3–7 days turned, better 2–4 weeks, kept moist 6–12 months'
	},
	{
		...mix,
		id: 'manure-cure',
		name: 'manure cure',
		partnerPerChar: per(1, 0.5, 2),
		extras: [{ id: 'liquor', materials: liquors, perChar: per(0.1, 0.05, 0.3), isOption: true }],
		days: { earliest: 14, better: 42, ...solidDays },
		checks: ['no-ammonia', 'earthy'],
		tending: [
			{ does: 'turn', everyDays: 7, until: 'usable' },
			{ does: 'top-up', everyDays: 21, until: 'past' }
		],
		partners: manures,
		source: 'Practice: 1 : 1 with manure, 14 days, better 4–8 weeks, kept moist 6–12 months'
	},
	{
		...soak,
		id: 'nitrogen-soak',
		name: 'nitrogen soak',
		partnerBy: 'nitrogen',
		partnerPerChar: per(0.1, 0.05, 0.5),
		extras: [sugar],
		liquids: [],
		days: soakDays,
		checks: ['sinks'],
		partners: ['urine', 'fish-hydrolysate'],
		source: 'Practice: 3 days under a lid, better 1–2 weeks, good in its liquid 4–8 weeks'
	},
	{
		...soak,
		id: 'plant-soak',
		name: 'plant or tea soak',
		partnerBy: 'covers',
		partnerPerChar: per(1),
		extras: [sugar],
		liquids: [],
		days: { ...soakDays, better: 10 },
		checks: ['sinks', 'brew-smell'],
		partners: liquors,
		source: 'Practice: covered by liquor or tea, 3 days, better 7–14, good in its liquid 4–8 weeks'
	},
	{
		...soak,
		id: 'living-soil-soak',
		name: 'living-soil soak',
		partnerBy: 'ratio',
		partnerPerChar: per(1 / 6, 0.1, 0.3),
		extras: [
			{
				id: 'compost',
				materials: ['finished-compost', 'castings', 'leaf-mould'],
				perChar: per(1 / 6, 0.1, 0.3)
			},
			sugar
		],
		liquids: liquors,
		days: { ...soakDays, fading: 180, past: 365 },
		curesWithSolids: true,
		checks: ['sinks', 'earthy'],
		partners: ['garden-soil'],
		source:
			'Practice: 3 : 1 char to own soil and compost together, covered, 3 days, better 1–2 weeks'
	},
	{
		...soak,
		id: 'everything-soak',
		name: 'everything soak',
		partnerBy: 'ratio',
		partnerPerChar: per(0.4, 0.3, 0.6),
		extras: [
			{ id: 'mould', materials: ['leaf-mould', 'castings'], perChar: per(0.3, 0.1, 0.5) },
			{
				id: 'manure',
				materials: ['cattle-manure-aged', 'small-stock-manure', 'cattle-manure', 'poultry-litter'],
				perChar: per(0.3, 0.1, 0.5)
			},
			sugar
		],
		liquids: liquors,
		days: soakDays,
		curesWithSolids: true,
		checks: ['sinks', 'earthy', 'no-ammonia'],
		partners: ['finished-compost', 'castings'],
		source:
			'Practice: 1 : 1 with mixed composts, moulds and manures under plant liquor, 3 days, better 1–2 weeks'
	},
	{
		...mix,
		id: 'fed-culture',
		name: 'fed culture',
		partnerPerChar: per(0.075, 0.05, 0.1),
		extras: [
			{ id: 'castings', materials: ['castings', 'greens'], perChar: per(0.1, 0.05, 0.2) },
			{
				id: 'brew',
				materials: ['compost-tea', 'plant-liquor'],
				perChar: per(0.1, 0.05, 0.2),
				isOption: true
			},
			sugar
		],
		days: { earliest: 7, better: 18, ...solidDays },
		checks: ['threads', 'sweet', 'cooled'],
		tending: [{ does: 'turn', everyDays: 2, until: 'usable' }],
		partners: ['cereal-bran'],
		source: 'Practice: 5–10 % bran in moist char, turned, 7 days, better 2–3 weeks'
	},
	{
		...mix,
		id: 'co-compost',
		name: 'co-compost',
		// Char is 5–15 % of the heap, to 20 % where it is rich in greens.
		partnerPerChar: per(9, 4, 19),
		extras: [{ id: 'manure', materials: manures, perChar: per(1, 0.5, 3), isOption: true }],
		days: { earliest: 60, better: 90, fading: 365, past: 730 },
		checks: ['heap-done', 'earthy', 'cooled'],
		tending: [{ does: 'turn', everyDays: 14, until: 'usable' }],
		partners: ['fresh-heap'],
		source:
			'Practice: 5–15 % of a new heap’s volume in layers, used when the heap is done, 2–4 months'
	},
	{
		...mix,
		id: 'bedding',
		name: 'bedding, then composted',
		// Char is 5–10 % of the litter.
		partnerPerChar: per(13, 9, 19),
		extras: [],
		days: { earliest: 90, better: 120, fading: 365, past: 730 },
		checks: ['no-ammonia', 'heap-done', 'earthy'],
		tending: [
			{ does: 'muck-out', everyDays: 14, until: 'usable', isOnce: true },
			{ does: 'turn', everyDays: 21, until: 'usable', after: 'muck-out' }
		],
		partners: ['used-litter'],
		source: 'Practice: 5–10 % of litter volume, changed as the litter is, then composted 2–4 months'
	},
	{
		id: 'under-mulch',
		name: 'in place, under mulch',
		kind: 'bed',
		partnerBy: 'ratio',
		partnerPerChar: per(4, 2, 8),
		extras: [],
		liquids: [],
		days: { earliest: 180, better: 365, fading: 3650, past: 7300 },
		earliestWaitsForWarmth: false,
		curesWithSolids: true,
		checks: [],
		tending: [],
		partners: manures,
		source: 'Practice: raw and thin under manure or chips, one season before anything sensitive'
	}
] satisfies readonly School[]);

export function schoolOf(id: SchoolId): School {
	const school = schools.find((entry) => entry.id === id);
	if (!school)
		throw new RangeError(`schoolOf: "${id}" is not one of ${schools.map((s) => s.id).join(', ')}`);
	return school;
}

/** Share of its full uptake that char of each wetness already holds. */
export const heldByWetness = Object.freeze({
	dry: Object.freeze({ low: 0, value: 0, high: 0 }),
	drained: Object.freeze({ low: 0.4, value: 0.6, high: 0.8 }),
	'quench-wet': Object.freeze({ low: 0.8, value: 0.9, high: 1 }),
	source:
		'Working assumption: dry 0, drained about 0.6, quench-wet about 0.9 of full uptake. Weigh a litre wet and dry to replace it'
});
