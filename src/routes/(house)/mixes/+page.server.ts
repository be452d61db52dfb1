import { inLitres } from '$lib/core/units';
import { deskOf, partOf } from '$lib/server/page';
import { boughtBySeason } from '$lib/server/questions/bought';
import { mixesInStock } from '$lib/server/questions/mixes';
import { low } from '$lib/server/rooms/mixes';
import type { PageServerLoad } from './$types';

const perPage = 12;

export const load: PageServerLoad = (event) => {
	const { books, settings } = deskOf(event);
	const lines = mixesInStock(books);
	const { rows, ...part } = partOf(event.url, lines, perPage);
	return {
		...part,
		currency: settings.currency,
		low: lines
			.filter(({ volume_ul, made_l }) => inLitres(volume_ul) < made_l * low)
			.map(({ code, name }) => ({ code, name })),
		lines: rows.map(({ code, name, use, composition, volume_ul, made_l, broughtAt_ms }) => ({
			...{ code, name, use, made_l, broughtAt_ms, left_l: inLitres(volume_ul) },
			analysis: [composition.nitrogen, composition.phosphorus, composition.potassium].map(
				({ value }) => value / 1000
			)
		})),
		seasons: boughtBySeason(books, settings.timeZone)
	};
};
