import { changeRates, type ChangeId } from './data/changes';

export interface ChangeAmount {
	/** Water in litres, or nitrogen in grams. */
	readonly of: 'water' | 'nitrogen';
	readonly low: number;
	readonly high: number;
}

/** What a change takes for a bed; undefined where it is no matter of an amount. @param area_m2 from above */
export function amountOf(change: ChangeId, area_m2: number): ChangeAmount | undefined {
	if (change === 'feed-nitrogen') {
		const { low, high } = changeRates[change].grams;
		return { of: 'nitrogen', low: low * area_m2, high: high * area_m2 };
	}
	if (change !== 'water-and-cover' && change !== 'leach') return undefined;
	const { low, high } = changeRates[change].litres;
	return { of: 'water', low: low * area_m2, high: high * area_m2 };
}
