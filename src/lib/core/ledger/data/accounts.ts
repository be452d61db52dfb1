/** Where amounts come from and go to outside lots and beds, each under its own name. */
export type Account =
	| 'gathered'
	| 'gas-and-ash'
	| 'rotted'
	| 'counted'
	| 're-measured'
	| 'settled'
	| 'drained'
	| 'strained-off'
	| 'lees'
	| 'potted'
	| 'disposed'
	| 'lost'
	| 'given-away';

export interface AccountFacts {
	readonly id: Account;
	/** How much moves follows from what a lot held: it would be another amount had the lot held more. */
	readonly isRelative: boolean;
}

export const accounts: readonly AccountFacts[] = Object.freeze([
	/** Came into the yard: gathered, bought, fetched, drawn. */
	{ id: 'gathered', isRelative: false },
	/** What a fire takes. */
	{ id: 'gas-and-ash', isRelative: false },
	/** What a heap breathes away and what the rain washes out of it. */
	{ id: 'rotted', isRelative: true },
	/** Found to be more or less than the books said. */
	{ id: 'counted', isRelative: true },
	/** What a better density or analysis adds or takes. */
	{ id: 're-measured', isRelative: true },
	/** Litres that go as a mix settles; nothing of what it is made of goes with them. */
	{ id: 'settled', isRelative: true },
	/** Ran off with the liquid. */
	{ id: 'drained', isRelative: true },
	/** What stayed in the bag or on the cloth when a liquid was made of it. */
	{ id: 'strained-off', isRelative: false },
	/** What stayed on the cloth when a brew that had steeped was drawn off. */
	{ id: 'lees', isRelative: true },
	/** In pots that are no target of their own. */
	{ id: 'potted', isRelative: false },
	{ id: 'disposed', isRelative: false },
	{ id: 'lost', isRelative: false },
	{ id: 'given-away', isRelative: false }
]);
