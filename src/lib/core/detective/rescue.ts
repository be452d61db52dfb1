/** What is at hand for a tired bed, as its lots are called. */
export interface AtHand {
	readonly castings?: string | undefined;
	readonly compost?: string | undefined;
	readonly feed?: string | undefined;
	readonly mulch?: string | undefined;
}

export const rescueStepIds = [
	'water',
	'cut-nothing',
	'compost',
	'minerals',
	'feed',
	'cover',
	'look'
] as const;
export type RescueStepId = (typeof rescueStepIds)[number];

/** One step of the rescue: on which day, how much for this bed, and out of what. */
export interface RescueStep {
	readonly id: RescueStepId;
	/** From the day it begins. */
	readonly day: number;
	/** Litres for the whole bed; of a goes-in-three watering all of it. */
	readonly litres?: { readonly low: number; readonly high: number };
	readonly lot?: string | undefined;
}

/** Source: the order is that of practice; water as deep as a spit, castings 1–2 L/m², cover of 4 cm; judged. */
export const rescueRates = Object.freeze({
	water_L_m2: { low: 25, high: 30 },
	castings_L_m2: { low: 1, high: 2 },
	compost_L_m2: { low: 5, high: 10 },
	feed_L_m2: { low: 2, high: 3 },
	cover_L_m2: { low: 30, high: 50 }
});
const lookAfter_days = 21;

const over = ({ low, high }: { readonly low: number; readonly high: number }, area_m2: number) => ({
	low: low * area_m2,
	high: high * area_m2
});

/**
 * Rescue of a bed that dried out and is tired, in its order: water before food, food before cover.
 * @param area_m2 of the bed from above
 */
export function rescue(area_m2: number, hand: AtHand): readonly RescueStep[] {
	const rates = rescueRates;
	const isCastings = hand.castings !== undefined;
	return [
		{ id: 'water', day: 0, litres: over(rates.water_L_m2, area_m2) },
		{ id: 'cut-nothing', day: 0 },
		{
			id: 'compost',
			day: 1,
			litres: over(isCastings ? rates.castings_L_m2 : rates.compost_L_m2, area_m2),
			lot: hand.castings ?? hand.compost
		},
		{ id: 'minerals', day: 1 },
		{ id: 'feed', day: 3, litres: over(rates.feed_L_m2, area_m2), lot: hand.feed },
		{ id: 'cover', day: 3, litres: over(rates.cover_L_m2, area_m2), lot: hand.mulch },
		{ id: 'look', day: lookAfter_days }
	];
}
