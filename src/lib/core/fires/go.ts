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
	/** Wind and its gusts as they were read, where they were; km/h. */
	readonly wind_km_h?: number | undefined;
	readonly gust_km_h?: number | undefined;
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
		...askedItems.map((item) => {
			const said = facts.said.includes(item) ? ('go' as const) : ('ask' as const);
			return { item, state: item === 'wind' ? windState(facts, said) : said };
		})
	];
}

/** A wind that was read is judged by its limits, whatever was ticked; gusts nobody read stay to be seen to. */
function windState({ wind_km_h, gust_km_h }: GoFacts, said: GoState): GoState {
	if ((wind_km_h ?? 0) > goLimits.wind_km_h || (gust_km_h ?? 0) > goLimits.gust_km_h) return 'no';
	return wind_km_h !== undefined && gust_km_h !== undefined ? 'go' : said;
}

function woodState(verdict: GoFacts['wood']): GoState {
	if (verdict === 'ready' || verdict === 'slower') return 'go';
	return verdict === 'hold-back' || verdict === 'wont-burn' ? 'no' : 'ask';
}

function waterState({ waterOnSite, waterWanted }: GoFacts): GoState {
	if (waterOnSite === undefined) return 'ask';
	return waterOnSite >= waterWanted ? 'go' : 'no';
}
