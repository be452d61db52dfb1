import type { Envelope } from '../../input/act';
import { litres } from '../../core/units';
import type { Books } from '../db/books';
import { bedNamed, lifeOf } from '../questions/kept-beds';
import { perform, refuse, type Outcome } from './act';
import { putOnBed } from './put-on-bed';

/** It rained: what was last laid in a ring or dusted on a bed is laid once more, as much of the same, and counts again. */
export function layAgain(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: { readonly bed: string }
): Outcome {
	const bed = bedNamed(books, input.bed);
	const ring = bed && lifeOf(books, bed.id).ring;
	if (!ring)
		return perform(books, now_ms, 'put-on-bed', envelope, { ...input }, () =>
			refuse('bed', bed ? 'no-ring' : 'unknown-bed', { name: input.bed })
		);
	const { lotCode, mix_l, way } = ring;
	return putOnBed(books, now_ms, envelope, {
		...{ bed: input.bed, lot: lotCode, part: litres(mix_l), way }
	});
}
