import { workNotes } from '../demo/holding-stores';
import { sheets } from './sheets/bookkeeping';
import { countVerb } from '../line/verbs/count';
import { noteVerb } from '../line/verbs/note';
import type { Room } from './room';

/** What may be done with anything that has books. */
export const bookkeeping: Room = {
	id: 'books',
	verbs: [countVerb, noteVerb],
	sheets,
	work: workNotes
};
