import { readAgain } from '../../core/liming';
import { days } from '../../core/time';
import { sayDay } from '../../format/dates';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import type { Saying } from '../line/saying';
import { bedById } from '../questions/kept-beds';
import { remembering } from '../questions/remember';
import type { Duty } from './room';

/** Beds that had enough lime to show, four to eight weeks ago and less, and were not read since. */
const unread = remembering((books, now_ms) =>
	books.applications
		.limedSince(now_ms - days(readAgain.to_days))
		.flatMap(({ bedId, at_ms, lime_mg }) => {
			const bed = bedById(books, bedId);
			if (!bed || lime_mg / 1000 / bed.ground.area < readAgain.least_g_m2) return [];
			const isRead = books.findings
				.of(bedId, 'ph')
				.some((one) => one.at_ms > at_ms + days(readAgain.settles_days));
			return isRead ? [] : [{ name: bed.name, at_ms }];
		})
);

/** A reading at root depth, four to eight weeks after lime or ash went on: what it did is learned from that. */
export function limeDuties(books: Books, now_ms: number, { almanac }: Saying): readonly Duty[] {
	return unread(books, now_ms).map(({ name, at_ms }): Duty => {
		const due_ms = at_ms + days(readAgain.from_days);
		const line = {
			code: name,
			name: 'and what lime did to it',
			href: `${pathOf('bed', name)}/verdict`
		};
		const moments = [{ is: 'read', at_ms: due_ms }];
		return due_ms <= now_ms
			? {
					...line,
					is: 'due',
					state: 'wants its pH read',
					says: `at root depth, before ${sayDay(at_ms + days(readAgain.to_days), almanac)}`,
					act: 'Read it',
					told: ['bed wants its pH read', 'beds want their pH read']
				}
			: {
					...line,
					is: 'working',
					state: 'limed',
					says: `its pH is read from ${sayDay(due_ms, almanac)}`,
					moments
				};
	});
}
