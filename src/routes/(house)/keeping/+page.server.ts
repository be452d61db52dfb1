import { booksId } from '$lib/server/db/identity';
import { backUp, backupFolder, backupsIn, byClock } from '$lib/server/keeping/backups';
import { checked } from '$lib/server/keeping/check';
import { sheetNames } from '$lib/server/keeping/sheets';
import { deskOf, submitted } from '$lib/server/page';
import { lastBackupTrouble } from '$lib/server/keeping/routine';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { books, now_ms } = deskOf(event);
	const folder = backupFolder(books.db);
	const id = booksId(books.db);
	const [last] = books.acts.recent(1);
	const { made, ahead } = byClock(backupsIn(folder, id), now_ms);
	return {
		booksId: id,
		backups: made,
		ahead: ahead.length,
		folder,
		acts: books.acts.count(),
		lastAct_ms: last?.recordedAt_ms,
		trouble: lastBackupTrouble(),
		digest: books.digests.head().digest,
		checked: event.url.searchParams.has('check')
			? (await checked(books.db)).map(({ says }) => says)
			: null,
		sheets: sheetNames
	};
};

export const actions: Actions = {
	backUp: async (event) => {
		const { books, now_ms } = deskOf(event);
		// Nothing is asked for, yet a body left unread would block the connection it came by.
		await submitted(event.request);
		try {
			await backUp(books.db, backupFolder(books.db), now_ms);
		} catch (error) {
			if (!(error instanceof Error)) throw error;
			return fail(503, { trouble: error.message });
		}
		redirect(303, '/keeping');
	}
};
