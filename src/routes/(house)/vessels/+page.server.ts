import { burntIn, vesselsInUse } from '$lib/server/questions/in-stock';
import { deskOf, partOf } from '$lib/server/page';
import { tubsHold } from '$lib/server/questions/vessels';
import type { PageServerLoad } from './$types';

const perPage = 24;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const done = burntIn(books);
	const ailing = books.vessels.ailing();
	const holds = tubsHold(books, now_ms);
	const all = inOrder(vesselsInUse(books), ({ id, usedFor }) =>
		ailing.has(id) ? 'wrong' : usedFor === 'tub' ? 'tub' : 'fire'
	);
	const { rows, ...part } = partOf(event.url, all, perPage);
	return {
		...part,
		wrong: all.filter(({ id }) => ailing.has(id)).map(({ name }) => name),
		vessels: rows.map(({ id, name, usedFor, shape, capacity_l }) => ({
			name,
			usedFor,
			shape,
			capacity_l,
			done: done.get(id),
			wrong: ailing.get(id),
			holds: holds.get(name)
		}))
	};
};

/** What wants somebody first, then what burns, then what soaks and brews; each by name. */
const inOrder = <T>(
	all: readonly T[],
	groupOf: (one: T) => 'wrong' | 'fire' | 'tub'
): readonly T[] =>
	(['wrong', 'fire', 'tub'] as const).flatMap((group) =>
		all.filter((one) => groupOf(one) === group)
	);
