import type { MaterialId } from '../../materials';

export type SchoolId = 'compost-rest' | 'nitrogen-soak';

/** One honest way to charge char. Days are at 20 °C. */
export interface School {
	readonly id: SchoolId;
	readonly name: string;
	/** Mixed with solids by volume, or sunk in liquid in a tub. */
	readonly kind: 'mix' | 'soak';
	/** Litres of partner to one litre of char; soaks solve their share from the nitrogen wanted. */
	readonly partnerPerChar?: { readonly usual: number; readonly low: number; readonly high: number };
	readonly days: {
		readonly earliest: number;
		readonly better: number;
		readonly fading: number;
		readonly past: number;
	};
	/** Uptake into the pores goes on in the cold, so a soak's earliest day does not shift. */
	readonly earliestWaitsForWarmth: boolean;
	/** Curing with compost or manure feeds through life, beyond the mineral N counted. */
	readonly curesWithSolids: boolean;
	readonly test: 'earthy' | 'sinks';
	/** Materials it may be charged with. */
	readonly partners: readonly MaterialId[];
	readonly source: string;
}

export const schools: readonly School[] = Object.freeze([
	{
		id: 'compost-rest',
		name: 'compost rest',
		kind: 'mix',
		partnerPerChar: { usual: 1, low: 0.5, high: 2 },
		days: { earliest: 7, better: 21, fading: 180, past: 365 },
		earliestWaitsForWarmth: true,
		curesWithSolids: true,
		test: 'earthy',
		partners: ['finished-compost', 'castings'],
		source: 'Practice: 3–7 days turned, better 2–4 weeks, kept moist 6–12 months'
	},
	{
		id: 'nitrogen-soak',
		name: 'nitrogen soak',
		kind: 'soak',
		days: { earliest: 3, better: 7, fading: 28, past: 56 },
		earliestWaitsForWarmth: false,
		curesWithSolids: false,
		test: 'sinks',
		partners: ['urine'],
		source: 'Practice: 3 days under a lid, better 1–2 weeks, good in its liquid 4–8 weeks'
	}
]);

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
