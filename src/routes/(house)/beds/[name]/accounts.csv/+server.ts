import { deskOf } from '$lib/server/page';
import { accountsSheet } from '$lib/server/keeping/accounts-sheet';
import { accountsOn } from '$lib/server/questions/accounts';
import { localDay } from '$lib/core/time';
import { harvestFrom } from '$lib/server/questions/germs';
import { bedNamed } from '$lib/server/questions/kept-beds';
import { settingsOf } from '$lib/server/questions/settings';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The accounts of a bed as a sheet: a row a season, on all of it, units in the names of the columns. */
export const GET: RequestHandler = (event) => {
	const { books, now_ms } = deskOf(event);
	const bed = bedNamed(books, event.params.name) ?? error(404, 'No such bed');
	const harvest = harvestFrom(books, bed, now_ms);
	const rawFrom = harvest && localDay(settingsOf(books).timeZone, harvest.onSoilFrom_ms);
	const now = { charShare: bed.share, rawFrom };
	return new Response(accountsSheet(accountsOn(books, bed, now_ms), bed.ground.area, now), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-accounts.csv"`,
			'cache-control': 'no-store'
		}
	});
};
