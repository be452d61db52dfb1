import { kgOf, type Contents } from '../ledger';
import { between, type Range } from '../units';

/**
 * Dry crushed char among other stuff, kg per litre, where nobody weighed it: mixed wood.
 * A judgement within what is plausible of char; a lot of its own goes by its own density.
 */
const mixedIn = between(0.18, 0.35);

/** Litres of char that lie in compost, manure or a heap, by the kilograms that its books carry. */
export function charWithin(contents: Contents): Range {
	const kg = kgOf(contents, 'char');
	return { value: kg / mixedIn.value, low: kg / mixedIn.high, high: kg / mixedIn.low };
}

/** Contents of stuff of which a share of the litres is said to be char. */
export function withCharTold(contents: Contents, litres: number, told: number): Contents {
	const rest = Object.fromEntries(
		Object.entries(contents).map(([of, mg]) => [of, Math.round(mg * (1 - told))])
	);
	return { ...rest, char: (rest.char ?? 0) + Math.round(litres * told * mixedIn.value * 1e6) };
}
