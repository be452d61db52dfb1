import { ashSchema } from '$lib/input/ash';
import { act, deskOf, newActId, partOf } from '$lib/server/page';
import { bedsListed } from '$lib/server/questions/kept-beds';
import { settingsOf } from '$lib/server/questions/settings';
import { toTreat } from '$lib/server/questions/targets';
import { ashAtHand, ashInStock, verdictOn } from '$lib/server/questions/verdict';
import { bringAsh } from '$lib/server/usecases/bring-ash';
import { localDay } from '$lib/core/time';
import { inLitres } from '$lib/core/units';
import type { Actions, PageServerLoad } from './$types';

const perPage = 8;

/** The sourest first; what was never read last. */
const inOrder = <T extends { readonly ph?: number }>(beds: readonly T[]): readonly T[] =>
	[...beds].sort((a, b) => (a.ph ?? 99) - (b.ph ?? 99));

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const ashes = ashAtHand(books);
	const day = localDay(settingsOf(books).timeZone, now_ms);
	const lots = partOf(event.url, ashInStock(books), perPage, 'lots');
	const beds = partOf(event.url, inOrder(bedsListed(books)), perPage);
	return {
		actId: newActId(),
		kg: ashes.reduce((sum, { mass_mg }) => sum + mass_mg / 1e6, 0),
		litres: ashes.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0),
		lots: {
			...lots,
			rows: lots.rows.map(({ code, name, volume_ul, mass_mg, barred, composition: { lime } }) => ({
				...{ code, name, volume_ul, mass_mg, barred },
				lime: { low: lime.low, high: lime.high }
			}))
		},
		beds: {
			...beds,
			rows: beds.rows.map((bed) => {
				const { gates, dose, room, ph } = verdictOn(
					books,
					{ bed: toTreat(books, bed, day), ash: ashes[0] },
					now_ms
				);
				return {
					...{ name: bed.name, crop: bed.crop, area_m2: bed.ground.area, room, ph: ph?.mean.ph },
					gate: gates[0],
					grams: dose?.grams.value ?? 0
				};
			})
		}
	};
};

export const actions: Actions = {
	bring: (event) => act(event, 'bring', ashSchema, bringAsh)
};
