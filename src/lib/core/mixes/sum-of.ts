import { added, type Term } from '../units';

/**
 * Terms of parts together.
 * @throws RangeError of no parts
 */
export function sumOf(terms: readonly Term[]): Term {
	const [one, ...more] = terms;
	if (!one) throw new RangeError('sumOf: of no parts');
	return more.length > 0 ? added(one, ...more) : one;
}
