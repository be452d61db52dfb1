import { charsInStock } from '../questions/in-stock';
import { workChar } from '../demo/holding-stores';
import { sheets } from './sheets/char';
import { crushVerb } from '../line/verbs/crush';
import { spreadOnto } from '../line/verbs/onto-bed';
import type { Room } from './room';
import { lotsAs } from './lots';

export const char: Room = {
	id: 'char',
	sheets,
	work: workChar,
	verbs: [crushVerb],
	things: (books) =>
		lotsAs('char', charsInStock(books), ({ state, wetness }) => ({ facts: { state, wetness } })),
	ontoBed: { char: spreadOnto }
};
