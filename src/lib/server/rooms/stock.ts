import { putOnto } from '../line/verbs/onto-bed';
import { lotsAs } from './lots';
import type { Room } from './room';

export const stock: Room = {
	id: 'stock',
	things: (books) => lotsAs('stock', books.stock.inStock()),
	ontoBed: { stock: putOnto }
};
