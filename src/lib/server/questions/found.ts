import type { Smell } from '../../core/brews';
import type { CharFinding } from '../../core/char';
import { failedLast, type KitEvent } from '../../core/vessels';
import type { Books } from '../db/books';
import { doings, type Doing } from '../db/finding-kinds';
import { groupBy } from '../db/group';
import { rememberingAlways, rememberingEachAlways } from './remember';
import { toTemperature, type Finding, type TemperatureReading, type What } from '../db/findings';

/** By whom and when, of anything found. */
interface Logged {
	readonly actId: string;
	readonly at_ms: number;
	readonly person: string;
}
const logged = ({ actId, at_ms, person }: Finding): Logged => ({ actId, at_ms, person });

/** Something that was done with a batch. */
export interface LoggedDoing extends Logged {
	readonly fact: Doing;
}
const toDoing = (finding: Finding<Doing>): LoggedDoing => ({
	...logged(finding),
	fact: finding.what
});

/** Where findings are read from: the books, or what was read of all at once. */
export interface Finds {
	of<K extends What>(thingId: number, ...sorts: readonly K[]): readonly Finding<K>[];
}

/** All that was found of every lot in stock, read at once: for what lists many. */
export const foundInStock = rememberingAlways((books): Finds => {
	const byThing = groupBy(
		books.findings.inStock(),
		({ thingId }) => thingId,
		(finding) => finding
	);
	return { of: (thingId, ...sorts) => amongst(byThing.get(thingId) ?? [], sorts) };
});

const amongst = <K extends What>(all: readonly Finding[], sorts: readonly K[]) =>
	all.filter(
		(one): one is Finding<K> => sorts.length === 0 || (sorts as readonly What[]).includes(one.what)
	);

/** All that was found of one thing, read at once: for its own page. */
export function foundOf(books: Books, ofThing: number): Finds {
	const all = books.findings.of(ofThing);
	return { of: (thingId, ...sorts) => (thingId === ofThing ? amongst(all, sorts) : []) };
}

/** What was done with a batch, newest first. */
export const doneWith = (finds: Finds, lotId: number): readonly LoggedDoing[] =>
	finds.of(lotId, ...doings).map(toDoing);

/** Newest first. */
export const temperaturesOf = (finds: Finds, lotId: number): readonly TemperatureReading[] =>
	finds.of(lotId, 'temperature').map(toTemperature);

const charFindings = ['wetness', 'rinsed', 'quality', 'sieved'] as const;
export type LoggedOfChar = Logged & { readonly found: CharFinding };

/** What was found of a char, newest first. */
export const foundOfChar = (finds: Finds, lotId: number): readonly LoggedOfChar[] =>
	finds.of(lotId, ...charFindings).map((finding) => ({
		...logged(finding),
		found: { kind: finding.what, ...finding.found } as CharFinding
	}));

/** What noses and eyes said of a brew, the oldest first. */
export const smellsOf = (
	finds: Finds,
	lotId: number
): readonly (Logged & { readonly smell: Smell })[] =>
	finds
		.of(lotId, 'smell')
		.map((finding) => ({ ...logged(finding), smell: finding.found.smell }))
		.reverse();

/** What else is found of a brew. */
export type BrewFinding =
	| { readonly kind: 'doubt'; readonly why: string }
	| { readonly kind: 'lid-leaks' | 'lid-mended' }
	| { readonly kind: 'salt'; readonly dS_m: number; readonly of: 'brew' | 'diluted' };
const brewFindings = ['doubt', 'lid-leaks', 'lid-mended', 'salt'] as const;
export type LoggedOfBrew = Logged & BrewFinding;

/** What else was found of a brew, the oldest first. */
export const foundOfBrew = (finds: Finds, lotId: number): readonly LoggedOfBrew[] =>
	finds
		.of(lotId, ...brewFindings)
		.map(
			(finding) => ({ ...logged(finding), kind: finding.what, ...finding.found }) as LoggedOfBrew
		)
		.reverse();

/** What became of a vessel, the newest first. */
export const kitOf = rememberingEachAlways(
	(
		books,
		vesselId: number
	): readonly (Logged & { readonly what: KitEvent; readonly words: string })[] =>
		books.findings.of(vesselId, 'kit').map((finding) => ({ ...logged(finding), ...finding.found })),
	Number,
	['finding']
);

/** How a stack is kept now, and since when. */
export function coverOf(books: Books, lotId: number) {
	const [last] = books.findings.of(lotId, 'cover');
	return last && { cover: last.found.cover, at_ms: last.at_ms };
}

/** In what words a vessel failed by a moment, where nobody mended it since. */
export const failedBy = (books: Books, vesselId: number, by_ms: number): string | undefined =>
	failedLast(kitOf(books, vesselId).filter(({ at_ms }) => at_ms <= by_ms))?.words;
