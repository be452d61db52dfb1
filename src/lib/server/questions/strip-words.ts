import type { System } from '../../core/units';
import { sayStrip } from '../../format/trial-words';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { bedForStrip, stripOffer } from './strips';

/** A strip to leave, in words. */
export interface StripOffered {
	readonly bed: string;
	readonly where: string;
}

/** Of some beds the first on which a strip may be left, and where; none where each has one this season. */
export function stripWithin(
	books: Books,
	beds: readonly Bed[],
	now_ms: number,
	system: System | undefined
): StripOffered | undefined {
	const bed = bedForStrip(books, now_ms, beds);
	const strip = bed && stripOffer(books, bed, now_ms);
	return bed && strip ? { bed: bed.name, where: sayStrip(strip, system) } : undefined;
}
