import Papa from 'papaparse';
import type { accountsOf } from '../../core/accounts';

/** What stands for ever: char of the soil, and from which local day what it grows may be eaten raw. */
interface Now {
	readonly charShare: number;
	readonly rawFrom?: string | undefined;
}

/** The accounts of a bed as CSV: a row a season and one for ever, on all of it, units in the names of the columns. */
export function accountsSheet(
	{ seasons, ever }: ReturnType<typeof accountsOf>,
	area_m2: number,
	now: Now
): string {
	const rows = [...seasons, ever].map((one) => ({
		season: one.season,
		area_m2,
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
		k2o_taken_g: one.taken.k2o.value,
		char_share_of_soil: one.season === 'ever' ? now.charShare : '',
		raw_from: one.season === 'ever' ? (now.rawFrom ?? '') : ''
	}));
	return `${Papa.unparse(rows)}\r\n`;
}
