/** What people name and the books refer to, and has no page but its books. */
export const programmeKind = {
	id: 'programme',
	of: 'programme',
	word: 'programme of waterings',
	path: 'ledger/programme',
	home: 'programmes'
} as const;
export const trialKind = {
	id: 'trial',
	of: 'trial',
	word: 'trial',
	path: 'trials'
} as const;
export const adviceKind = {
	id: 'advice',
	of: 'advice',
	word: 'advice as heard',
	path: 'ledger/advice',
	home: 'advice'
} as const;
export const recipeKind = {
	id: 'recipe',
	of: 'recipe',
	word: 'recipe of yours',
	path: 'ledger/recipe',
	home: 'charging/plan'
} as const;
export const cropKind = {
	id: 'crop',
	of: 'crop',
	word: 'crop of yours',
	path: 'ledger/crop',
	home: 'beds/crops'
} as const;
export const measureKind = {
	id: 'measure',
	of: 'measure',
	word: 'measure of yours',
	path: 'ledger/measure',
	home: 'settings'
} as const;
export const placeKind = {
	id: 'place',
	of: 'place',
	word: 'place',
	path: 'ledger/place',
	home: 'settings'
} as const;
export const deviceKind = {
	id: 'device',
	of: 'device',
	word: 'device',
	path: 'ledger/device',
	home: 'settings'
} as const;
export const personKind = {
	id: 'person',
	of: 'person',
	word: 'keeper of the books',
	path: 'ledger/person',
	home: 'settings'
} as const;
