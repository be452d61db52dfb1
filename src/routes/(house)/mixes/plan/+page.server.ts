import { materialOf } from '$lib/core/materials';
import { blendStuffs } from '$lib/core/mixes';
import { wantsOf } from '$lib/core/crops';
import { inKilograms, inLitres } from '$lib/core/units';
import { mixSchema } from '$lib/input/mixes';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { refusedLots } from '$lib/server/questions/applying';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { boughtOf, pricesKnown } from '$lib/server/questions/bought';
import { heldLots } from '$lib/server/questions/held';
import { goodsInStock } from '$lib/server/questions/in-stock';
import { asFields, mixAgain } from '$lib/server/questions/mix-again';
import { soakOf } from '$lib/server/questions/mixes';
import { analysesOf } from '$lib/server/questions/stock';
import { growingOn } from '$lib/server/questions/verdict';
import { mixUp } from '$lib/server/usecases/mixes/mix-up';
import type { Books } from '$lib/server/db/books';
import type { BlendBed, BlendStock } from './told';
import type { Actions, PageServerLoad } from './$types';

/** As many as one chooses from. */
const mostLots = 16;
const mostBeds = 40;

export const load: PageServerLoad = (event) => {
	const { books, settings } = deskOf(event);
	return {
		actId: newActId(),
		asked: { ...asked(event.url), ...likeOf(books, event.url) },
		stock: stockFor(books),
		beds: bedsFor(books),
		prices: pricesKnown(books),
		currency: settings.currency,
		analyses: analysesOf(books, blendStuffs)
	};
};

/** Parts of the mix that is made once more. */
function likeOf(books: Books, url: URL): Readonly<Record<string, string>> {
	const code = url.searchParams.get('like');
	return code ? asFields(mixAgain(books, code)) : {};
}

/** What is held or refused goes into no blend: it is not offered. */
function stockFor(books: Books): readonly BlendStock[] {
	const [held, refused] = [heldLots(books), refusedLots(books)];
	return goodsInStock(books)
		.filter(({ lotId, material }) => !held.has(lotId) && !refused.has(lotId) && goesIn(material))
		.toSorted((a, b) => b.mass_mg - a.mass_mg)
		.slice(0, mostLots)
		.map(({ lotId, code, name, composition, volume_ul, mass_mg }) => {
			const bought = boughtOf(books, lotId);
			const soak = soakOf(books, lotId);
			return {
				...{ code, name, composition, isOwn: bought === undefined },
				...{ left_l: inLitres(volume_ul), left_kg: inKilograms(mass_mg) },
				price: bought?.perKg,
				...(soak ? { soak } : {})
			};
		});
}

const goesIn = (material: Parameters<typeof materialOf>[0]): boolean =>
	materialOf(material).state === 'solid' && !notFed.has(material);

/** Bodies of potting mixes: they feed nothing. */
const notFed: ReadonlySet<string> = new Set([
	...['potting-mix', 'seed-mix', 'sand', 'grit', 'perlite', 'fine-bark', 'garden-soil'],
	...['straw', 'wood-chips', 'cardboard', 'autumn-leaves', 'grass', 'weeds', 'kitchen-scraps']
]);

const bedsFor = (books: Books): readonly BlendBed[] =>
	bedsInOrder(books)
		.slice(0, mostBeds)
		.map((bed): BlendBed => {
			const { now, next } = growingOn(books, bed);
			const wants = wantsOf(next.length > 0 ? next : now).nitrogen;
			return { name: bed.name, area_m2: bed.ground.area, ...(wants ? { wants_g: wants } : {}) };
		});

export const actions: Actions = {
	mix: (event) => act(event, 'mix', mixSchema, mixUp)
};
