/** Why a stack must not be burned. Flagged lots are recorded and quarantined, never loaded. */
export interface Suspicion {
	readonly id: SuspicionId;
	readonly name: string;
}

export type SuspicionId = 'none' | 'paint' | 'treated' | 'board' | 'salt' | 'poisonous' | 'unknown';

export const suspicions: readonly Suspicion[] = Object.freeze([
	{ id: 'none', name: 'nothing: clean wood of known origin' },
	{ id: 'paint', name: 'paint, varnish, stain or unknown coating' },
	{ id: 'treated', name: 'pressure-treated, creosoted, sleepers' },
	{ id: 'board', name: 'glued board: ply, particle, MDF' },
	{ id: 'salt', name: 'driftwood from salt water' },
	{ id: 'poisonous', name: 'poisonous smoke: rash vines, oleander, yew, laburnum' },
	{ id: 'unknown', name: 'salvage or pallets of unknown history' }
]);
