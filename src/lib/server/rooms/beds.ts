import { sheets } from './sheets/beds';
import { spreadVerb } from '../line/verbs/spread';
import type { OntoBed } from '../line/verbs/onto-bed';
import type { LotKind } from '../../core/kinds';
import type { Room } from './room';

/** @param onto how lots of each kind go on a bed, as their rooms state it */
export const beds = (onto: Partial<Record<LotKind, OntoBed>>): Room => ({
	id: 'beds',
	sheets,
	verbs: [spreadVerb(onto)],
	things: (books) =>
		books.beds.names().map((name) => ({ code: name, kind: 'bed' as const, name: 'bed' })),
	duties: (books) =>
		books.beds.names().length > 0
			? []
			: [
					{
						is: 'next',
						code: '',
						name: '',
						title: 'Measure a bed',
						href: '/beds',
						state: 'none yet',
						says: 'Any rate can then be translated for it.'
					}
				]
});
