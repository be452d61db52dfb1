import { vesselsInUse } from './in-stock';
import { inLitres } from '../../core/units';
import { kindByCode } from '../../core/kinds';
import { days } from '../../core/time';
import { pathOf } from '../../format/paths';
import { inTurn, shortestBurn_ms, stayOfFire, stayOfPlan, type Stay } from '../../core/vessels';
import type { Books } from '../db/books';
import type { FireIn, SoakIn } from '../db/stays';
import type { Vessel } from '../db/vessels';
import { remembering } from './remember';

/** More than a page shows, or than may lie close to one moment. */
const most = 13;
const always = { from_ms: -Infinity, to_ms: Infinity, most };

/** Fires that burnt in a vessel around a moment or are planned for then, the oldest first. */
export const firesAround = (books: Books, vesselId: number, at_ms: number): readonly Stay[] =>
	staysOf(books, vesselId, at_ms - 2 * shortestBurn_ms, at_ms + 2 * shortestBurn_ms);

/** Those of a vessel from now on: what a plan may meet. */
export const firesAhead = (books: Books, vesselId: number, now_ms: number): readonly Stay[] =>
	staysOf(books, vesselId, now_ms - 2 * shortestBurn_ms, now_ms + days(366));

const staysOf = (books: Books, vesselId: number, from_ms: number, to_ms: number): Stay[] =>
	books.stays
		.fires({ vesselId, from_ms, to_ms, most: 99 })
		.map(({ code, quenched_ms, planned_ms }) =>
			quenched_ms === null ? stayOfPlan(code, planned_ms ?? 0) : stayOfFire(code, quenched_ms)
		);

/** The newest fires of a vessel and what is planned for it, the oldest first: lately, or where that is few, ever. */
export function newestFires(books: Books, vesselId: number, now_ms: number): readonly FireIn[] {
	const lately = { vesselId, ...always, from_ms: now_ms - days(120) };
	const found = books.stays.fires(lately);
	return found.length >= most ? found : books.stays.fires({ vesselId, ...always });
}

/** The soak that stands in a tub at a moment: the last that was set going by then, where nothing ended it. */
export function soakIn(books: Books, vesselId: number, at_ms: number): Stay | undefined {
	const [last] = books.stays.soaks({ vesselId, from_ms: -Infinity, to_ms: at_ms, most: 1 });
	const stay = last && stayOf(last);
	return stay && (stay.to_ms ?? Infinity) > at_ms ? stay : undefined;
}

/** What else stands in a tub at a moment and was not used up. */
export const othersIn = (books: Books, vesselId: number, code: string, at_ms: number) =>
	books.stays
		.soaks({ vesselId, from_ms: -Infinity, to_ms: at_ms, most })
		.filter(
			(soak) => soak.code !== code && (soak.drained_ms ?? Infinity) > at_ms && soak.left_ul > 0
		);

/** What each tub holds now, by its name. Only a soak of which something is left can still be in one. */
export const tubsHold = remembering((books, now_ms): ReadonlyMap<string, string> => {
	const inUse = new Set(books.stays.tubsInStock());
	return new Map(
		vesselsInUse(books).flatMap(({ id, name }) => {
			const held = inUse.has(id) ? soakIn(books, id, now_ms) : undefined;
			return held ? [[name, held.of] as const] : [];
		})
	);
});

function stayOf({ code, started_ms, drained_ms, emptied_ms }: SoakIn): Stay {
	const ends = [drained_ms, emptied_ms].filter((end) => end !== null);
	return {
		of: code,
		from_ms: started_ms,
		...(ends.length > 0 ? { to_ms: Math.max(started_ms, Math.min(...ends)) } : {})
	};
}

/** One thing that is or was in a vessel, for its page. */
export interface Inside {
	readonly code: string;
	readonly href: string;
	readonly does: 'burnt' | 'planned' | 'soaks' | 'soaked' | 'lies';
	readonly from_ms: number;
	readonly to_ms?: number;
	/** Still of it, L: soaking char, or char that lay there when it was dipped. */
	readonly litres?: number;
}

export interface VesselBooks {
	/** What is in it now. */
	readonly now?: Inside;
	/** What was, and what is to come; the newest first. */
	readonly others: readonly Inside[];
}

const mostShown = 12;

/** What a vessel holds, since when, and what it held before. */
export function insideOf(books: Books, vessel: Vessel, now_ms: number): VesselBooks {
	const all =
		vessel.usedFor === 'tub' ? soaksOf(books, vessel.id) : firesOf(books, vessel.id, now_ms);
	const now = all.find(({ does }) => does === 'soaks' || does === 'lies');
	const others = all.filter((one) => one !== now).sort((a, b) => b.from_ms - a.from_ms);
	return { ...(now && now.from_ms <= now_ms ? { now } : {}), others: others.slice(0, mostShown) };
}

function soaksOf(books: Books, vesselId: number): readonly Inside[] {
	const soaks = books.stays.soaks({ vesselId, ...always });
	const left = new Map(soaks.map(({ code, left_ul }) => [code, left_ul]));
	return inTurn(soaks.map(stayOf)).map(({ of, from_ms, to_ms }) => ({
		code: of,
		href: pathOf(kindByCode(of)?.id ?? 'charge', of),
		from_ms,
		...(to_ms === undefined
			? { does: 'soaks' as const, litres: inLitres(left.get(of) ?? 0) }
			: { does: 'soaked' as const, to_ms })
	}));
}

const firesNow = remembering((books, now_ms, vesselId: number) =>
	newestFires(books, vesselId, now_ms)
);

function firesOf(books: Books, vesselId: number, now_ms: number): readonly Inside[] {
	const fires = firesNow(books, now_ms, vesselId);
	const last = fires.filter(({ quenched_ms }) => quenched_ms !== null).at(-1);
	const lying = last?.charCode && last.charLeft_ul > 0 ? last : undefined;
	return [
		...(lying
			? [
					{
						code: lying.charCode ?? '',
						href: `/char/${lying.charCode}`,
						does: 'lies' as const,
						from_ms: lying.quenched_ms ?? 0,
						litres: inLitres(lying.charLeft_ul)
					}
				]
			: []),
		...fires.map(({ code, quenched_ms, planned_ms }) => ({
			code,
			href: `/fires/${code}`,
			does: quenched_ms === null ? ('planned' as const) : ('burnt' as const),
			from_ms: quenched_ms ?? planned_ms ?? 0
		}))
	];
}
