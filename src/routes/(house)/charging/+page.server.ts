import { deskOf, partOf } from '$lib/server/page';
import { spreadables } from '$lib/server/questions/beds';
import { chargeLines, chargeRow } from '$lib/server/questions/charging';
import { chargingAnswer } from './answer';
import type { PageServerLoad } from './$types';

const perPage = 16;
const mostRaw = 12;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const raw = spreadables(books, now_ms).filter((lot) => lot.kind === 'char');
	const charges = chargeLines(books, now_ms);
	const lots = partOf(event.url, raw, mostRaw, 'raw');
	const part = partOf(event.url, charges, perPage);
	return {
		answer: chargingAnswer(charges, raw, reading.system),
		charges: { ...part, rows: part.rows.map(chargeRow) },
		raw: {
			...lots,
			rows: lots.rows.map(({ code, name, charLitresLeft, proof, held }) => ({
				code,
				name,
				charLitresLeft,
				proof,
				...(held === undefined ? {} : { held })
			}))
		}
	};
};
