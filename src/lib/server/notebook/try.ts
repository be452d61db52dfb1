import type { Books } from '../db/books';
import { inThread } from '../keeping/thread';
import { tryOut } from '../send';
import { writeThrough, type Brought, type NotebookResult } from './notebook';
import type { Asked } from './thread';

/**
 * What a notebook would come to: a thread writes it into a copy of the books. Books that live in memory have no second
 * reader; there it is tried at once and put back.
 * @param each told now and then how many rows are done
 * @throws the reason of `signal` as soon as it is cancelled, and what the thread failed of
 */
export async function tryNotebook(
	books: Books,
	brought: Brought,
	signal?: AbortSignal,
	each?: (done: number, of: number) => void
): Promise<NotebookResult> {
	if (books.db.memory) return tryOut(books, () => writeThrough(books, brought));
	const asked: Asked = { path: books.db.name, brought };
	return inThread<NotebookResult>('notebook', asked, signal, each);
}
