import type { CharState } from './state';

export type CharUse = 'not-proven' | 'quarantined' | 'gone' | 'crush-first' | 'charge-first';

/** What a raw char lot is good for now. Raw char never goes straight on a bed without saying so. */
export function useOf(lot: {
	readonly state: CharState;
	/** Its fire was checked cold: it may be handled. */
	readonly proven: boolean;
	readonly quarantined: boolean;
	readonly litres: number;
}): CharUse {
	if (lot.quarantined) return 'quarantined';
	if (lot.litres <= 0) return 'gone';
	if (!lot.proven) return 'not-proven';
	return lot.state === 'whole' ? 'crush-first' : 'charge-first';
}
