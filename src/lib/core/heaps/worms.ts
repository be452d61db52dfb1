import type { Range } from '../units';

/** Limits of a worm bed. Source: practice of worm beds. */
export const wormRule = Object.freeze({
	best_c: [15, 25] as const,
	stop_c: 30,
	least_c: 5,
	/** Thicker than so a feeding ferments hot. */
	deepest_m: 0.04,
	/** Castings of the litres that were fed. */
	gives: { value: 0.25, low: 0.2, high: 0.3 }
});

/** kg of scraps that a square metre takes in a day, once it is established, at its warmth. */
export function feedPerDay(temperature_c: number): Range {
	const none = { value: 0, low: 0, high: 0 };
	if (temperature_c < wormRule.least_c || temperature_c > wormRule.stop_c) return none;
	// Whole from 15 °C on, half at 12, nothing below 5.
	const by =
		temperature_c >= 15
			? 1
			: temperature_c >= 12
				? 0.5 + (temperature_c - 12) / 6
				: (0.5 * (temperature_c - wormRule.least_c)) / 7;
	return { value: 0.75 * by, low: 0.5 * by, high: by };
}

export interface Feeding {
	readonly kg: number;
	readonly litres: number;
	readonly area_m2: number;
	readonly temperature_c: number;
	/** Of the feeding before; none: it is the first. */
	readonly daysSince?: number | undefined;
}

/** What speaks against a feeding, and after how many days the bed is through with it. */
export function judgeFeeding({ kg, litres, area_m2, temperature_c, daysSince }: Feeding): {
	readonly says: 'fine' | 'too-thick' | 'too-much' | 'too-hot' | 'too-cold';
	readonly eaten_days: Range | undefined;
	readonly deep_m: number;
} {
	const perDay = feedPerDay(temperature_c);
	const deep_m = litres / 1000 / area_m2;
	const by = (rate: number) => kg / (rate * area_m2);
	const eaten_days =
		perDay.value > 0
			? { value: by(perDay.value), low: by(perDay.high), high: by(perDay.low) }
			: undefined;
	const says =
		temperature_c > wormRule.stop_c
			? 'too-hot'
			: temperature_c < wormRule.least_c
				? 'too-cold'
				: deep_m > wormRule.deepest_m
					? 'too-thick'
					: daysSince !== undefined && eaten_days && daysSince < eaten_days.low / 2
						? 'too-much'
						: 'fine';
	return { says, eaten_days, deep_m };
}

/** Days until so much fed has become castings, and how much of them. */
export const castingsOf = (fed_l: number): Range => ({
	value: fed_l * wormRule.gives.value,
	low: fed_l * wormRule.gives.low,
	high: fed_l * wormRule.gives.high
});
