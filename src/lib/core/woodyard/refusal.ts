/** Why a stack must not be burned. Flagged lots are recorded and quarantined, never loaded. */
export interface Suspicion {
	readonly id: SuspicionId;
	readonly name: string;
}

export type SuspicionId =
	'none' | 'paint' | 'treated' | 'board' | 'salt' | 'plastic' | 'bamboo' | 'poisonous' | 'unknown';

export const suspicions: readonly Suspicion[] = Object.freeze([
	{ id: 'none', name: 'nothing: clean wood of known origin' },
	{ id: 'paint', name: 'paint, varnish, stain or unknown coating: metals stay in the char' },
	{ id: 'treated', name: 'pressure-treated, creosoted, sleepers: copper, arsenic, tars' },
	{ id: 'board', name: 'glued board, ply, particle, MDF: resins in smoke and char' },
	{ id: 'salt', name: 'driftwood from salt water: chlorides' },
	{ id: 'plastic', name: 'plastics, coated or coloured card: poisonous smoke' },
	{ id: 'bamboo', name: 'unsplit bamboo: its culms burst; split it first' },
	{ id: 'poisonous', name: 'rash vines and sumacs, oleander, yew, laburnum: poisonous smoke' },
	{ id: 'unknown', name: 'salvage or pallets of unknown history' }
]);
