import { materialOf } from '$lib/core/materials';
import { mixRecipes, pottingStuffs } from '$lib/core/mixes';
import { inLitres } from '$lib/core/units';
import { mixSchema } from '$lib/input/mixes';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { refusedLots } from '$lib/server/questions/applying';
import { bagLitres } from '$lib/server/questions/bought';
import { heldLots } from '$lib/server/questions/held';
import { chargesInStock, goodsInStock } from '$lib/server/questions/in-stock';
import { mixesInStock, mixOf, type MixLine } from '$lib/server/questions/mixes';
import { analysesOf } from '$lib/server/questions/stock';
import { mixUp } from '$lib/server/usecases/mixes/mix-up';
import type { Books } from '$lib/server/db/books';
import type { PotRecipe, PotStock } from './told';
import type { Actions, PageServerLoad } from './$types';

const mostOwn = 6;
const mostLots = 24;

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const like = event.url.searchParams.get('like');
	const own = ownRecipes(books, like);
	return {
		actId: newActId(),
		asked: { ...(like ? { recipe: like } : {}), ...asked(event.url) },
		recipes: [...own, ...mixRecipes.map(usual)],
		stock: stockFor(books),
		bags: bagLitres(books),
		analyses: analysesOf(books, pottingStuffs)
	};
};

const usual = ({ id, name, use, parts, source }: (typeof mixRecipes)[number]): PotRecipe => ({
	...{ id, name, use, source },
	parts: parts.map(([stuff, share]) => ({ stuff, share }))
});

/** Own mixes as recipes, the asked one first though it be used up. */
function ownRecipes(books: Books, like: string | null): readonly PotRecipe[] {
	const asked = like ? mixOf(books, like) : undefined;
	const others = mixesInStock(books).filter(({ code }) => code !== like);
	return [...(asked ? [asked] : []), ...others]
		.filter(({ use }) => use !== 'feed')
		.slice(0, mostOwn)
		.map((mix) => recipeOf(books, mix));
}

function recipeOf(books: Books, { code, name, use, parts, lotId }: MixLine): PotRecipe {
	const all = parts.reduce((sum, { litres }) => sum + litres, 0);
	const [air] = books.findings.of(lotId, 'mix-air');
	return {
		...{ id: code, name: `${name}, as ${code}`, use, source: `As ${code} was mixed` },
		parts: parts.map((part) => ({
			stuff: books.stock.maybeOne(part.code)?.material ?? 'char',
			share: all > 0 ? part.litres / all : 0
		})),
		air: air && air.found.caught_l / air.found.filled_l,
		paste: books.findings.of(lotId, 'mix-salt')[0]?.found.dS_m,
		ph: books.findings.of(lotId, 'analysed')[0]?.found.measured.ph?.value
	};
}

/** The fullest lot of each first; what is held or refused goes into no mix. */
function stockFor(books: Books): readonly PotStock[] {
	const [held, refused] = [heldLots(books), refusedLots(books)];
	const goods = goodsInStock(books)
		.filter(({ lotId, material }) => {
			const { state } = materialOf(material);
			return state === 'solid' && !held.has(lotId) && !refused.has(lotId);
		})
		.toSorted((a, b) => b.volume_ul - a.volume_ul)
		.slice(0, mostLots)
		.map(({ code, name, volume_ul, material, composition }): PotStock => ({
			...{ code, name, material, composition, left_l: inLitres(volume_ul) }
		}));
	// Char goes into pots charged.
	const charges = chargesInStock(books)
		.filter(({ lotId }) => !held.has(lotId))
		.toSorted((a, b) => b.volume_ul - a.volume_ul)
		.slice(0, 1)
		.map(({ code, name, volume_ul }): PotStock => ({
			...{ code, name, material: 'char', left_l: inLitres(volume_ul) }
		}));
	return [...goods, ...charges];
}

export const actions: Actions = {
	mix: (event) => act(event, 'mix', mixSchema, mixUp)
};
