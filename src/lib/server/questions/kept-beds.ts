import { inOrderOfWant, washesOff } from '../../core/beds';
import type { Contents } from '../../core/ledger';
import type { Application } from '../db/applications';
import { atLast, type Bed } from '../db/beds';
import type { Books } from '../db/books';
import { aboutSince, keepingOfThings, knownOfThings, rememberingAlways } from './remember';

/** Beds whose histories count to each other: parts of one, and what was merged into it. */
export function bedsBound(books: Books, changed: readonly number[]): Iterable<number> {
	const bound = new Map<number, Set<number>>();
	const groupOf = (id: number) => bound.get(id) ?? new Set([id]);
	for (const { id, to } of books.beds.bonds()) {
		const group = new Set([...groupOf(id), ...groupOf(to)]);
		for (const one of group) bound.set(one, group);
	}
	return changed.flatMap((id) => [...groupOf(id)]);
}

/** Each bed as it stands on the days that were asked for. */
const known = knownOfThings<Map<string, Bed>>(aboutSince(bedsBound));

/** Days kept of one bed: today's and the end of all days are what is asked for. */
const mostDays = 4;

/** Some beds as they stand on a local day, by their ids: each is read again once an act was about it. */
export function bedsOn(books: Books, ids: readonly number[], day = atLast): readonly Bed[] {
	const values = known(books);
	const missing = ids.filter((id) => !values.get(id)?.has(day));
	if (missing.length > 0)
		for (const [id, bed] of books.beds.some(missing, day)) {
			const days = values.get(id);
			const room = days && days.size < mostDays ? days : new Map<string, Bed>();
			values.set(id, room.set(day, bed));
		}
	return ids.flatMap((id) => values.get(id)?.get(day) ?? []);
}

/** A bed by its id as it stands on a local day. */
export const bedById = (books: Books, id: number, day = atLast): Bed | null =>
	bedsOn(books, [id], day)[0] ?? null;

/** The bed of a name, or that it was merged into, as it stands on a local day. */
export function bedNamed(books: Books, name: string, day = atLast): Bed | null {
	const thing = books.things.maybeOne('bed', name);
	return thing && bedById(books, thing.id, day);
}

/** Every bed in use, parts among them, by name. */
export const allBeds = rememberingAlways((books) => bedsOn(books, books.beds.ids()));

/** The arm of a trial is treated where the trial is, and stands in no list of beds. */
const isArm = ({ within }: Bed): boolean => within !== undefined && 'scattered' in within.place;

/** Every bed that stands in a list of beds, by name. */
export const bedsListed = rememberingAlways((books) => allBeds(books).filter((bed) => !isArm(bed)));

/** The same, those that want char most first. */
export const bedsInOrder = rememberingAlways((books) => inOrderOfWant(bedsListed(books)));

/** What a bed had in its life, its parts and what was merged into it among it. */
interface Life {
	/** Everything, mg. */
	readonly had: Contents;
	/** How often something was put on it. */
	readonly times: number;
	/** The newest of it. */
	readonly newest: readonly Application[];
	/** What was last laid where the next rain washes it in, among its newest. */
	readonly ring?: Application | undefined;
}

/** As many as its page lists. */
const mostNewest = 4;
/** As far back as a ring is looked for. */
const mostLooked = 12;

const lives = keepingOfThings<Life>(
	(books, ids) =>
		new Map(
			ids.map((id) => {
				const newest = books.applications.ofBed(id, mostLooked);
				return [
					id,
					{
						had: books.applications.had(id),
						times: books.applications.count(id),
						newest: newest.slice(0, mostNewest),
						ring: newest.find(({ way, lotCode }) => lotCode !== '' && washesOff(way))
					}
				];
			})
		),
	bedsBound
);

export const lifeOf = (books: Books, bedId: number): Life =>
	lives(books, [bedId])[0] ?? { had: {}, times: 0, newest: [] };
