import { cropNamed } from '../../core/crops';
import type { MulchBed } from '../../core/fate';
import { days } from '../../core/time';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { bedsInOrder } from './kept-beds';
import { remembering } from './remember';
import { ownCrops } from './stands';

/** A layer of a centimetre still lies there after a season; both are judgements. */
const layer_l_m2 = 10;
const lies_ms = days(150);
/** Of many beds the first in order of want: one lays mulch bed by bed. */
const mostBeds = 40;
const newest = 3;

/** What the beds have on them, and of which families their crops are: where a mulch would go. */
export const mulchBeds = remembering((books, now_ms): readonly MulchBed[] =>
	bedsInOrder(books)
		.filter(({ target }) => target === 'area')
		.slice(0, mostBeds)
		.map((bed) => ({
			name: bed.name,
			isCovered: isCovered(books, bed, now_ms),
			families: bed.crops.flatMap(({ name }) => cropNamed(name, ownCrops(books))?.family ?? [])
		}))
);

/** Whether something lies on a bed: told, or laid within the time that it lasts. */
export const isCovered = (
	books: Books,
	{ id, ground, groundCover }: Bed,
	now_ms: number
): boolean =>
	(groundCover !== undefined && !/bare/i.test(groundCover)) ||
	books.applications
		.ofBed(id, newest)
		.some(
			({ way, mix_l, at_ms }) =>
				way === 'top-dressed' && at_ms > now_ms - lies_ms && mix_l / ground.area >= layer_l_m2
		);
