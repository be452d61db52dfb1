import { sheets } from './sheets/vessels';
import { days } from '../../core/time';
import type { Books } from '../db/books';
import { openFires } from '../questions/fires';
import { newestFires } from '../questions/vessels';
import type { Room } from './room';

export const vessels: Room = {
	id: 'vessels',
	sheets,
	things: (books, now_ms) =>
		books.vessels.all().map(({ id, name }) => {
			const fire = fireMeant(books, id, now_ms);
			return {
				code: name,
				kind: 'vessel' as const,
				name,
				...(fire === undefined ? {} : { facts: { fire } })
			};
		}),
	duties: (books) =>
		books.vessels.all().some(({ usedFor }) => usedFor !== 'tub')
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
 * The fire that a vessel's name means: one planned for today and not recorded yet, else the newest that
 * still lies about unproven, else the newest of all.
 */
function fireMeant(books: Books, vesselId: number, now_ms: number): string | undefined {
	const fires = newestFires(books, vesselId, now_ms);
	const planned = fires.filter(
		({ planned_ms }) => planned_ms !== null && Math.abs(planned_ms - now_ms) < days(1)
	);
	const burnt = fires.filter(({ quenched_ms }) => quenched_ms !== null);
	const open = new Set(
		openFires(books, now_ms)
			.filter(
				({ isAbout, proof }) => isAbout && (proof?.stage === 'unproven' || proof?.stage === 'once')
			)
			.map(({ burn }) => burn.code)
	);
	return (
		planned.at(-1)?.code ??
		burnt.filter(({ code }) => open.has(code)).at(-1)?.code ??
		burnt.at(-1)?.code
	);
}
