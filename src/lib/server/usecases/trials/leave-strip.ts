import { days, localDay } from '../../../core/time';
import { isRound } from '../../../core/beds';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { LeaveStripInput } from '../../../input/trials';
import type { Bed } from '../../db/beds';
import type { Books } from '../../db/books';
import { placeOfStrip, stripOffer } from '../../questions/strips';
import { perform, refuse, type Outcome } from '../act';
import { namedAlike } from '../gates';

/** A strip that chance has drawn is left as it is until its one look: a part of the bed that doses pass over. */
export function leaveStrip(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ bed: name, weeks }: LeaveStripInput
): Outcome {
	return perform(books, now_ms, 'leave-strip', envelope, { bed: name, weeks }, () => {
		const bed = books.beds.maybeOne(name) ?? refuse('bed', 'unknown-bed', { name });
		const strip =
			stripOffer(books, bed, envelope.happenedAt_ms) ??
			refuse('bed', 'no-strip', { name: bed.name });
		const { timeZone } = books.settings.current();
		const firstDay = localDay(timeZone, envelope.happenedAt_ms);
		const lookDay = localDay(timeZone, envelope.happenedAt_ms + days(weeks * 7));
		const part = freeName(books, bed, firstDay.slice(0, 4));
		return {
			path: pathOf('bed', bed.name),
			write: ({ actId }) => {
				const id = books.beds.insertVersion({
					name: part,
					actId,
					target: bed.target,
					length_m: 'pieces' in strip ? bed.length_m : strip.length_m,
					width_m: bed.width_m,
					depth_m: bed.ground.depth,
					pieces: 'pieces' in strip ? strip.pieces : 1,
					within: { bedId: bed.id, place: placeOfStrip(bed, strip) }
				});
				books.findings.insert({
					...{ actId, thingId: id, what: 'untreated' },
					...{ found: {}, firstDay, lastDay: lookDay }
				});
				books.findings.insert({
					...{ actId, thingId: bed.id, what: 'strip-left' },
					found: { part, lookDay }
				});
			}
		};
	});
}

/** The bed's name and the year; counted on where that is taken. */
function freeName(books: Books, { name, target }: Bed, year: string): string {
	const known = books.things.all('bed');
	const usual = `${name} ${isRound(target) ? 'left' : 'strip'} ${year}`;
	const names = [usual, ...[2, 3, 4, 5].map((n) => `${usual} ${n}`)];
	return (
		names.find((one) => !namedAlike(known, one)) ?? refuse('bed', 'name-taken', { name: usual })
	);
}
