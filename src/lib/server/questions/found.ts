import type { Smell } from '../../core/brews';
import type { CharFinding } from '../../core/char';
import { failedLast, type KitEvent } from '../../core/vessels';
import type { Books } from '../db/books';
import { doings, type Doing } from '../db/finding-kinds';
import { toTemperature, type Finding, type TemperatureReading } from '../db/findings';

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

/** What was done with a batch, newest first. */
export const doneWith = (books: Books, lotId: number): readonly LoggedDoing[] =>
	books.findings.of(lotId, ...doings).map(toDoing);

/** What was done with, and read of, every batch in stock, by lot, newest first. */
export function notedInStock(books: Books): {
	readonly facts: ReadonlyMap<number, readonly LoggedDoing[]>;
	readonly temperatures: ReadonlyMap<number, readonly TemperatureReading[]>;
} {
	const facts = new Map<number, LoggedDoing[]>();
	const temperatures = new Map<number, TemperatureReading[]>();
	for (const finding of books.findings.inStock('temperature', ...doings)) {
		const { thingId } = finding;
		if (finding.what === 'temperature')
			temperatures.set(thingId, [
				toTemperature(finding as Finding<'temperature'>),
				...(temperatures.get(thingId) ?? [])
			]);
		else facts.set(thingId, [...(facts.get(thingId) ?? []), toDoing(finding as Finding<Doing>)]);
	}
	return { facts, temperatures };
}

const charFindings = ['wetness', 'rinsed', 'quality', 'sieved'] as const;
export type LoggedOfChar = Logged & { readonly found: CharFinding };

/** What was found of a char, newest first. */
export const foundOfChar = (books: Books, lotId: number): readonly LoggedOfChar[] =>
	books.findings.of(lotId, ...charFindings).map((finding) => ({
		...logged(finding),
		found: { kind: finding.what, ...finding.found } as CharFinding
	}));

/** What noses and eyes said of a brew, the oldest first. */
export const smellsOf = (
	books: Books,
	lotId: number
): readonly (Logged & { readonly smell: Smell })[] =>
	books.findings
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
export const foundOfBrew = (books: Books, lotId: number): readonly LoggedOfBrew[] =>
	books.findings
		.of(lotId, ...brewFindings)
		.map(
			(finding) => ({ ...logged(finding), kind: finding.what, ...finding.found }) as LoggedOfBrew
		)
		.reverse();

/** What became of a vessel, the newest first. */
export const kitOf = (
	books: Books,
	vesselId: number
): readonly (Logged & { readonly what: KitEvent; readonly words: string })[] =>
	books.findings.of(vesselId, 'kit').map((finding) => ({ ...logged(finding), ...finding.found }));

/** How a stack is kept now, and since when. */
export function coverOf(books: Books, lotId: number) {
	const [last] = books.findings.of(lotId, 'cover');
	return last && { cover: last.found.cover, at_ms: last.at_ms };
}

/** In what words a vessel failed by a moment, where nobody mended it since. */
export const failedBy = (books: Books, vesselId: number, by_ms: number): string | undefined =>
	failedLast(kitOf(books, vesselId).filter(({ at_ms }) => at_ms <= by_ms))?.words;
