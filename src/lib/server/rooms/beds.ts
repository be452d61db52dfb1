import { sheets } from './sheets/beds';
import { spreadVerb } from '../line/verbs/spread';
import type { OntoBed } from '../line/verbs/onto-bed';
import type { LotKind } from '../../core/kinds';
import { days } from '../../core/time';
import { sayDay } from '../../format/dates';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import type { Saying } from '../line/saying';
import { allBeds } from '../questions/kept-beds';
import { harvestFrom } from '../questions/germs';
import { limeDuties } from './lime-duties';
import type { Duty, Room } from './room';

/** A bed whose crop is eaten raw and waits for its day, and for a week the news that it has come. */
function harvestDuty(books: Books, bed: Bed, now_ms: number, { almanac }: Saying): Duty[] {
	const { name } = bed;
	const harvest = harvestFrom(books, bed, now_ms);
	if (!harvest || harvest.onSoilFrom_ms + days(7) < now_ms) return [];
	const over = harvest.onSoilFrom_ms <= now_ms;
	const line = {
		code: name,
		name: over ? 'may be eaten raw again' : 'and what is eaten raw',
		href: `/beds/${encodeURIComponent(name)}`
	};
	return over
		? [
				{
					...line,
					is: 'next',
					title: `${name} may be eaten from again`,
					state: 'free again',
					says: `${harvest.code} has waited its time.`
				}
			]
		: [
				{
					...line,
					is: 'working',
					state: 'waits',
					says: `nothing of it before ${sayDay(harvest.onSoilFrom_ms, almanac)}`,
					clock: { does: 'Harvest', due_ms: harvest.onSoilFrom_ms }
				}
			];
}

/** @param onto how lots of each kind go on a bed, as their rooms state it */
export const beds = (onto: Partial<Record<LotKind, OntoBed>>): Room => ({
	id: 'beds',
	sheets,
	verbs: [spreadVerb(onto)],
	things: (books) =>
		allBeds(books).map(({ name }) => ({ code: name, kind: 'bed' as const, name: 'bed' })),
	duties: (books, now_ms, saying) =>
		allBeds(books).length > 0
			? [
					...allBeds(books)
						.filter(({ eatenRaw }) => eatenRaw)
						.flatMap((bed) => harvestDuty(books, bed, now_ms, saying)),
					...limeDuties(books, now_ms, saying)
				]
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
