import { recipeOf } from '../../core/brews';
import type { AtHand } from '../../core/detective';
import { heldLots } from './held';
import { brewsInStock, goodsInStock } from './in-stock';
import { rememberingAlways } from './remember';

/** What lies in stock for a tired bed: the first of each that is free to move. */
export const handFor = rememberingAlways((books): AtHand => {
	const held = heldLots(books);
	const goods = goodsInStock(books).filter(({ lotId }) => !held.has(lotId));
	const of = (...stuffs: readonly string[]) =>
		goods.find(({ material }) => stuffs.includes(material))?.code;
	return {
		castings: of('castings'),
		compost: of('finished-compost'),
		mulch: of('leaf-mould', 'straw', 'grass', 'autumn-leaves'),
		feed: brewsInStock(books).find(
			({ lotId, recipe }) => !held.has(lotId) && recipeOf(recipe).soil !== undefined
		)?.code
	};
});
