import { measuresOf } from '../questions/settings';
import { remembering } from '../questions/remember';
import { rooms } from '../rooms';
import type { Names } from './names';

/** Asked with every key of a line, so it is remembered while nothing is written. */
export const namesOf = remembering((books, now_ms): Names => ({
	things: rooms.flatMap(({ things }) => things?.(books, now_ms) ?? []),
	measures: measuresOf(books).map((measure) => measure.name)
}));
