import { rememberingAlways } from './remember';

/** Every lot that may not move, by its id, with the reason: held itself, or made of one that is. */
export const heldLots = rememberingAlways((books): ReadonlyMap<number, string> =>
	books.flows.held()
);
