import { vesselsInUse } from '$lib/server/questions/in-stock';
import { deskOf } from '$lib/server/page';
import { tubsHold } from '$lib/server/questions/vessels';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const done = books.burnResults.perVessel();
	const ailing = books.vessels.ailing();
	const holds = tubsHold(books, now_ms);
	return {
		vessels: inOrder(vesselsInUse(books), ({ id }) => ailing.has(id)).map(
			({ id, name, usedFor, shape, capacity_l }) => ({
				name,
				usedFor,
				shape,
				capacity_l,
				done: done.get(id),
				wrong: ailing.get(id),
				holds: holds.get(name)
			})
		)
	};
};

/** What wants somebody first, then by name. */
const inOrder = <T>(all: readonly T[], isWrong: (one: T) => boolean): readonly T[] => [
	...all.filter(isWrong),
	...all.filter((one) => !isWrong(one))
];
