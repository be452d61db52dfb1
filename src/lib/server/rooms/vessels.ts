import { vesselsInUse } from '../questions/in-stock';
import { sheets } from './sheets/vessels';
import { days } from '../../core/time';
import type { Books } from '../db/books';
import { momentOf, openFires, type BurnLine, isBurning } from '../questions/fires';
import type { Room } from './room';

export const vessels: Room = {
	id: 'vessels',
	sheets,
	things: (books, now_ms) => {
		const fires = firesMeant(books, now_ms);
		return vesselsInUse(books).map(({ name }) => {
			const fire = fires.get(name);
			return {
				code: name,
				kind: 'vessel' as const,
				name,
				...(fire === undefined ? {} : { facts: { fire } })
			};
		});
	},
	duties: (books) =>
		vesselsInUse(books).some(({ usedFor }) => usedFor !== 'tub')
			? []
			: [
					{
						is: 'next',
						code: '',
						name: '',
						title: 'Measure a kiln or trench',
						href: '/vessels/new',
						state: 'none yet',
						says: 'Depth on a stick then gives litres.'
					}
				]
};

/**
 * The fires that the names of vessels mean: one planned for today and not recorded yet, else the newest that
 * still lies about unproven, else the newest of all.
 */
function firesMeant(books: Books, now_ms: number): ReadonlyMap<string, string> {
	const open = [...openFires(books, now_ms)].sort((a, b) => momentOf(a) - momentOf(b));
	const last = books.stays.lastBurnt();
	return new Map(
		vesselsInUse(books).flatMap(({ id, name }) => {
			const own = open.filter(({ vessel }) => vessel.id === id);
			const planned = own.filter(
				({ burn }) =>
					isBurning({ burn }) ||
					(!burn.record && Math.abs((burn.plan?.plannedFor_ms ?? 0) - now_ms) < days(1))
			);
			const code =
				planned.at(-1)?.burn.code ?? own.filter(isUnproven).at(-1)?.burn.code ?? last.get(id);
			return code === undefined ? [] : [[name, code] as const];
		})
	);
}

const isUnproven = ({ isAbout, proof }: BurnLine) =>
	isAbout && (proof?.stage === 'unproven' || proof?.stage === 'once');
