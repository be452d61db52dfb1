import type { BurnFacts } from '../db/burn-facts';
import type { Books } from '../db/books';
import type { Moved } from '../db/moved';
import { rememberingWhile } from './remember';

/** What every finished burn with all that may bear on it rests on; and what all that moved does. */
export const burnsRestOn = [
	'burn_record',
	'density_reading',
	'moisture_reading',
	'thing_name'
] as const;
export const movedRestsOn = ['movement', 'thing_end', 'bed_version'] as const;
/** What years are told by rests on both, on the ash of char, and on the zone of the place. */
export const yearRestsOn = [
	...burnsRestOn,
	...movedRestsOn,
	'finding',
	'settings_version'
] as const;

/** Every finished burn with all that may bear on it, the oldest first. */
export const burnFacts = rememberingWhile(
	(books): readonly BurnFacts[] => books.burnFacts.all(),
	burnsRestOn
);

/** What went on a part went on its whole, and on that which it was merged into. */
function wholesOf(books: Books): (bedId: number) => number {
	const to = new Map(books.beds.wholes().map((bond) => [bond.id, bond.to]));
	return (bedId) => {
		let whole = bedId;
		for (let step = 0; step < 30 && to.has(whole); step += 1) whole = to.get(whole) ?? whole;
		return whole;
	};
}

/** All that ever moved, in the order in which it happened. */
export const moved = rememberingWhile((books): readonly Moved[] => {
	const wholeOf = wholesOf(books);
	return books.moved
		.all()
		.map((row) => (row.bedId === null ? row : { ...row, bedId: wholeOf(row.bedId) }));
}, movedRestsOn);
