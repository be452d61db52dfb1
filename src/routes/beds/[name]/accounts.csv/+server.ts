import { deskOf } from '$lib/server/page';
import { accountsOn } from '$lib/server/questions/accounts';
import { bedNamed } from '$lib/server/questions/kept-beds';
import { error } from '@sveltejs/kit';
import Papa from 'papaparse';
import type { RequestHandler } from './$types';

/** The accounts of a bed as a sheet: a row a season, on all of it, units in the names of the columns. */
export const GET: RequestHandler = (event) => {
	const { books, now_ms } = deskOf(event);
	const bed = bedNamed(books, event.params.name) ?? error(404, 'No such bed');
	const { seasons, ever } = accountsOn(books, bed, now_ms);
	const rows = [...seasons, ever].map((one) => ({
		season: one.season,
		area_m2: bed.ground.area,
		char_dry_kg: one.char_kg,
		ash_dry_g: one.ash_g,
		lime_as_caco3_g: one.lime_g,
		nitrogen_g: one.nitrogen_g,
		nitrogen_likely_low_g: one.available_g.low,
		nitrogen_likely_high_g: one.available_g.high,
		nitrogen_of_manures_g: one.manureN_g,
		p2o5_g: one.p2o5_g,
		k2o_g: one.k2o_g,
		harvest_kg: one.harvest_kg.value,
		nitrogen_taken_g: one.taken.nitrogen.value,
		p2o5_taken_g: one.taken.p2o5.value,
		k2o_taken_g: one.taken.k2o.value
	}));
	return new Response(`${Papa.unparse(rows)}\r\n`, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="ashdrift-accounts.csv"`,
			'cache-control': 'no-store'
		}
	});
};
