/** A kind of lot: its letter stands before the number of each. */
export interface LotKindFacts {
	readonly id: LotKind;
	readonly letter: string;
}
export type LotKind = 'stack' | 'char' | 'charge' | 'stock';

export const lotKinds: readonly LotKindFacts[] = Object.freeze([
	{ id: 'stack', letter: 'S' },
	{ id: 'char', letter: 'K' },
	{ id: 'charge', letter: 'C' },
	{ id: 'stock', letter: 'M' }
]);

/** @throws RangeError for a kind that is in no table */
export function letterOf(kind: LotKind): string {
	const known = lotKinds.find(({ id }) => id === kind);
	if (!known) throw new RangeError(`letterOf: "${kind}" is no kind of lot`);
	return known.letter;
}
