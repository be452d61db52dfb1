import { rememberingAlways } from './remember';

/** Every lot that may not move, by its id, with the reason: held itself, or made of one that is. */
export const heldLots = rememberingAlways((books): ReadonlyMap<number, string> =>
	books.flows.held()
);

/** Every lot that a lifted quarantine lets move, by its id, with the acts that lifted it. */
export const releasedLots = rememberingAlways((books): ReadonlyMap<number, readonly string[]> =>
	books.flows.released()
);
