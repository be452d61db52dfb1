import { deskOf } from '$lib/server/page';
import { spreadables } from '$lib/server/questions/beds';
import { chargeLines, chargeRow } from '$lib/server/questions/charging';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const raw = spreadables(books, now_ms).filter((lot) => lot.kind === 'char');
	return {
		charges: chargeLines(books, now_ms).map(chargeRow),
		raw: raw.map(({ code, name, charLitresLeft, proof, held }) => ({
			code,
			name,
			charLitresLeft,
			proof,
			...(held === undefined ? {} : { held })
		}))
	};
};
