import { goodsInStock } from '../questions/in-stock';
import { workStores } from '../demo/holding-stores';
import { sheets } from './sheets/stock';
import { putOnto } from '../line/verbs/onto-bed';
import { lotsAs } from './lots';
import type { Room } from './room';

export const stock: Room = {
	id: 'stock',
	sheets,
	work: workStores,
	things: (books) =>
		lotsAs('stock', goodsInStock(books), ({ material, mass_mg }) => ({
			kg: mass_mg / 1e6,
			facts: { material }
		})),
	ontoBed: { stock: putOnto }
};
