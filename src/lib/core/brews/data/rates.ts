/** What is watered: a bed or furrow by its area, plants, trees at the edge of their crowns, pots, or leaves. */
export type Watered = 'area' | 'plants' | 'trees' | 'pots' | 'leaves';

/** Litres of the diluted liquid: to a square metre, a plant or a tree; of pots, a share of their volume. */
export interface WateringRate {
	readonly low: number;
	readonly usual: number;
	readonly high: number;
	readonly per: 'm²' | 'plant' | 'tree' | 'litre of pot';
	readonly source: string;
}

export const wateringRates: Readonly<Record<Watered, WateringRate>> = Object.freeze({
	area: {
		low: 2,
		usual: 3,
		high: 5,
		per: 'm²',
		source: 'Practice: 2–5 L of diluted brew to the m² of bed or furrow'
	},
	plants: { low: 0.5, usual: 1, high: 1.5, per: 'plant', source: 'Practice: 0.5–1.5 L to a plant' },
	trees: {
		low: 5,
		usual: 10,
		high: 15,
		per: 'tree',
		source: 'Practice: 5–15 L to a tree, under the edge of its crown'
	},
	pots: {
		low: 0.03,
		usual: 0.05,
		high: 0.1,
		per: 'litre of pot',
		source: 'Practice: at most a tenth of a pot’s volume'
	},
	leaves: {
		low: 0.05,
		usual: 0.08,
		high: 0.1,
		per: 'm²',
		source: 'Practice: 0.05–0.1 L to the m² of leaves'
	}
});

/** Conductivity of the diluted liquid, dS/m, that roots bear. Source: practice, 2–2.5 on soil, 1 on seedlings. */
export const mostSalt = Object.freeze({ soil: [2, 2.5] as const, seedlings: [1, 1] as const });
