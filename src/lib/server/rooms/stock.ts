import { kindByCode, type LotKind } from '../../core/kinds';
import { goodsInStock } from '../questions/in-stock';
import { workStores } from '../demo/holding-stores';
import { sheets } from './sheets/stock';
import { groundVerbs } from '../line/verbs/ground';
import { putOnto } from '../line/verbs/onto-bed';
import { lotsAs } from './lots';
import type { Room } from './room';

export const stock: Room = {
	id: 'stock',
	sheets,
	work: workStores,
	things: (books) =>
		goodsInStock(books).flatMap((lot) =>
			lotsAs(goodsKind(lot.code), [lot], ({ material, mass_mg }) => ({
				kg: mass_mg / 1e6,
				facts: { material }
			}))
		),
	verbs: groundVerbs,
	ontoBed: { stock: putOnto, ash: putOnto, mix: putOnto }
};

/** Stock, ash and mixes are kept alike; the letter says which. */
function goodsKind(code: string): LotKind {
	const kind = kindByCode(code)?.id;
	return kind === 'ash' || kind === 'mix' ? kind : 'stock';
}
