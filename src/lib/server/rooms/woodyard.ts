import { stacksInStock } from '../questions/in-stock';
import { sheets } from './sheets/woodyard';
import { sum } from '../../core/units';
import { sayRange } from '../../format/figure';
import { capital, count } from '../../format/words';
import { moistVerb } from '../line/verbs/moist';
import { stackLines, type Burnable, type StackLine } from '../questions/woodyard';
import type { Books } from '../db/books';
import type { Duty, Room } from './room';
import { lotsAs } from './lots';

const mayBurn: readonly Burnable[] = ['ready', 'slower'];
const dry = (books: Books) =>
	stackLines(books).filter(({ burnable }) => mayBurn.includes(burnable));

export const woodyard: Room = {
	id: 'woodyard',
	sheets,
	verbs: [moistVerb],
	things: (books) => lotsAs('stack', stacksInStock(books)),
	counts: (books) => ({ href: '/woodyard', n: dry(books).length, word: 'dry' }),
	duties: (books, _now_ms, { system }) => {
		const ready = dry(books);
		const unread = stackLines(books).filter(({ burnable }) => burnable === 'unread');
		return [
			...readingOf(unread),
			...(ready.length > 0
				? [
						{
							is: 'next' as const,
							code: '',
							name: '',
							title: 'Plan a burn',
							href: '/fires/plan',
							state: 'dry enough',
							says: `${sayRange({ ...sum(ready.map(({ left }) => left)), unit: 'kg' }, system)} of dry wood in ${count(ready.length, 'stack', 'stacks')} may burn.`
						}
					]
				: [])
		];
	}
};

function readingOf([first, ...others]: readonly StackLine[]): Duty[] {
	if (!first) return [];
	const { code, name } = first.stack;
	return [
		{
			is: 'next',
			code,
			name,
			title: `Read the moisture of ${code} ${name}`,
			href: `/woodyard/${code}`,
			state: 'not read',
			says:
				others.length > 0
					? capital(
							`${count(others.length, 'stack more waits', 'stacks more wait')} for a reading.`
						)
					: 'Until then nobody knows whether it may burn.'
		}
	];
}
