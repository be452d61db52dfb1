import type { Db } from '../db/open';
import type { Fault } from './fault';
import { faultsIn } from './laws';
import { inThread } from './thread';

/** Every law over all that stands in the books, read in a thread of its own: nobody waits for it. */
export const checked = async (db: Db): Promise<readonly Fault[]> =>
	db.memory ? faultsIn(db) : inThread<readonly Fault[]>('laws', { path: db.name });
