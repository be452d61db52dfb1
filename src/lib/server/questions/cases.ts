import { inDays, localDay } from '../../core/time';
import type { CauseId, ChangeId, ClueId, SignId, TestId } from '../../core/detective';
import type { CaseOutcome } from '../db/finding-detective';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { allBeds } from './kept-beds';
import { keepingOfThings, rememberingAlways } from './remember';
import { settingsOf } from './settings';

/** One change at a bed, for a cause, until it was looked at again. */
export interface Case {
	readonly actId: string;
	readonly opened_ms: number;
	readonly cause: CauseId;
	readonly probability: number;
	readonly change: ChangeId;
	readonly lookDay: string;
	readonly closed?: {
		readonly actId: string;
		readonly at_ms: number;
		readonly outcome: CaseOutcome;
		readonly cause?: CauseId;
		readonly between?: string;
	};
}

/** What was said of a bed since its last case was closed. */
export interface Said {
	readonly seen: readonly SignId[];
	readonly vain: readonly SignId[];
	readonly asked: readonly ClueId[];
	readonly tested: readonly { readonly test: TestId; readonly isSo: boolean }[];
}

interface CasesOfBed {
	/** The oldest first. */
	readonly cases: readonly Case[];
	readonly said: Said;
}

/** What was seen longer ago is of another spell. */
const spell_days = 60;
const nothing: Said = { seen: [], vain: [], asked: [], tested: [] };

function casesIn(books: Books, id: number): readonly Case[] {
	const found = books.findings.of(id, 'case-opened').toReversed();
	const closings = books.findings.of(id, 'case-closed').toReversed();
	return found.map(({ actId, at_ms, found: told }, i) => {
		const next = found[i + 1]?.at_ms ?? Infinity;
		const closing = closings.find((one) => one.at_ms >= at_ms && one.at_ms < next);
		return {
			...{ actId, opened_ms: at_ms },
			...told,
			...(closing
				? { closed: { actId: closing.actId, at_ms: closing.at_ms, ...closing.found } }
				: {})
		};
	});
}

function saidIn(books: Books, id: number, cases: readonly Case[]): Said {
	const since = Math.max(0, ...cases.flatMap(({ closed }) => closed?.at_ms ?? []));
	const [signs] = books.findings.of(id, 'signs');
	if (!signs || signs.at_ms < since) return nothing;
	const isOf = (at_ms: number) => at_ms >= since && inDays(signs.at_ms - at_ms) <= spell_days;
	const tests = new Map<TestId, boolean>();
	for (const { at_ms, found } of books.findings.of(id, 'bed-tested').toReversed())
		if (isOf(at_ms)) tests.set(found.test, found.isSo);
	return {
		seen: signs.found.seen,
		vain: signs.found.vain,
		asked: signs.found.asked ?? [],
		tested: [...tests].map(([test, isSo]) => ({ test, isSo }))
	};
}

const kept = keepingOfThings<CasesOfBed>(
	(books, ids) =>
		new Map(
			ids.map((id) => {
				const cases = casesIn(books, id);
				return [id, { cases, said: saidIn(books, id, cases) }];
			})
		),
	() => []
);

export const casesOf = (books: Books, { id }: Pick<Bed, 'id'>): CasesOfBed =>
	kept(books, [id])[0] ?? { cases: [], said: nothing };

/** The case of a bed that is not closed. */
export const openCase = (books: Books, bed: Pick<Bed, 'id'>): Case | undefined => {
	const last = casesOf(books, bed).cases.at(-1);
	return last?.closed ? undefined : last;
};

export interface CaseAt extends Case {
	readonly bed: string;
}

/** Every case there is, the newest first. */
export const allCases = rememberingAlways((books): readonly CaseAt[] =>
	allBeds(books)
		.flatMap((bed) => casesOf(books, bed).cases.map((one) => ({ ...one, bed: bed.name })))
		.sort((a, b) => b.opened_ms - a.opened_ms)
);

/** Cases whose cause was found out: how often each was true, and how often the program was right of how many. */
export interface HitRate {
	readonly right: number;
	readonly of: number;
	readonly byCause: Readonly<Partial<Record<CauseId, number>>>;
}

export const hitRate = rememberingAlways((books): HitRate => {
	const closed = allCases(books).filter(
		({ closed }) => closed !== undefined && closed.outcome !== 'unclear'
	);
	const byCause: Partial<Record<CauseId, number>> = {};
	for (const one of closed) {
		const cause = one.closed?.outcome === 'right' ? one.cause : one.closed?.cause;
		if (cause) byCause[cause] = (byCause[cause] ?? 0) + 1;
	}
	return {
		right: closed.filter((one) => one.closed?.outcome === 'right').length,
		of: closed.length,
		byCause
	};
});

/** Whether its day to look again has come. */
export const isToLook = (books: Books, { lookDay }: Pick<Case, 'lookDay'>, now_ms: number) =>
	lookDay <= localDay(settingsOf(books).timeZone, now_ms);
