import type { MoistureVerdict } from '../woodyard';
import type { Litres } from '../units';

export type GoItem =
	| 'wood'
	| 'water'
	| 'fits'
	| 'permit'
	| 'wind'
	| 'distance'
	| 'ground'
	| 'second'
	| 'reach'
	| 'kit'
	| 'sleepers'
	| 'light';
export type GoState = 'go' | 'no' | 'ask';

/** Before lighting: what the program can judge, and what only the grower can say. */
export interface GoFacts {
	readonly wood: MoistureVerdict | 'unread';
	readonly waterOnSite?: Litres;
	readonly waterWanted: Litres;
	readonly overflows: boolean;
	/** Items the grower has ticked as seen to. */
	readonly said: readonly GoItem[];
}

/** Limits named at the step. Source: burn practice; the local code comes first. */
export const goLimits = Object.freeze({
	wind_km_h: 15,
	gust_km_h: 25,
	distance_m: 15,
	ground_m: 3
});

export const askedItems: readonly GoItem[] = Object.freeze([
	'permit',
	'wind',
	'distance',
	'ground',
	'second',
	'reach',
	'kit',
	'sleepers',
	'light'
]);

/** The short list before the match, in the order in which it is walked. */
export function goList(
	facts: GoFacts
): readonly { readonly item: GoItem; readonly state: GoState }[] {
	return [
		{ item: 'wood', state: woodState(facts.wood) },
		{ item: 'water', state: waterState(facts) },
		{ item: 'fits', state: facts.overflows ? 'no' : 'go' },
		...askedItems.map((item) => ({
			item,
			state: facts.said.includes(item) ? ('go' as const) : ('ask' as const)
		}))
	];
}

function woodState(verdict: GoFacts['wood']): GoState {
	if (verdict === 'ready' || verdict === 'slower') return 'go';
	return verdict === 'hold-back' || verdict === 'wont-burn' ? 'no' : 'ask';
}

function waterState({ waterOnSite, waterWanted }: GoFacts): GoState {
	if (waterOnSite === undefined) return 'ask';
	return waterOnSite >= waterWanted ? 'go' : 'no';
}
