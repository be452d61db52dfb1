import { settingsOf } from './settings';
import {
	ashCap,
	ashOn,
	charShareOf,
	isUntreated,
	shareOfWhole,
	treatedGround,
	type Ground
} from '../../core/beds';
import { part, plus, type Contents } from '../../core/ledger';
import { days, localDay } from '../../core/time';
import type { Application, GivenRow } from '../db/applications';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { rememberingEach } from './remember';
import { bedById, bedNamed, lifeOf } from './kept-beds';

/** A target as a treatment of a moment finds it: without the parts that are left untreated then. */
export interface ToTreat extends Bed {
	/** The parts one passes over, by name. */
	readonly passedOver: readonly string[];
	/** The whole of it, whatever is passed over. */
	readonly wholeGround: Ground;
}

/** The bed of a name for what is put on it at a moment: what holds of it then, and the ground that it reaches. */
export function bedToTreat(books: Books, name: string, at_ms: number): ToTreat | null {
	const day = localDay(settingsOf(books).timeZone, at_ms);
	const bed = bedNamed(books, name, day);
	return bed && toTreat(books, bed, day);
}

/** A bed as it is on a day, without the parts that are left untreated then. */
export function toTreat(books: Books, bed: Bed, day: string): ToTreat {
	const passed = bed.parts.filter((one) => isUntreated(one, day));
	const whole = { ...bed, passedOver: passed.map((one) => one.name), wholeGround: bed.ground };
	if (passed.length === 0) return whole;
	const ground = treatedGround(bed.ground, bed.parts, day);
	const lies = passed.reduce((sum, { id }) => sum + (bedById(books, id, day)?.char_l ?? 0), 0);
	const left = bed.char_l > 0 ? Math.max(0, 1 - lies / bed.char_l) : 0;
	const { value, low, high } = bed.char;
	const char_l = bed.char_l * left;
	return {
		...whole,
		ground,
		char_l,
		char: { value: value * left, low: low * left, high: high * left },
		share: charShareOf(char_l, ground)
	};
}

/** What was put on the whole of a part, each with the share of it that fell to the part. */
function fellTo(
	books: Books,
	bed: Bed
): readonly { readonly put: Application; readonly share: number }[] {
	const whole = bed.within && bedById(books, bed.within.bedId);
	const own = whole?.parts.find(({ id }) => id === bed.id);
	if (!whole || !own) return [];
	const { timeZone } = settingsOf(books);
	return [
		...books.applications.onItself(whole.id).map((put) => ({
			put,
			share: shareOfWhole(own, whole.ground, whole.parts, localDay(timeZone, put.at_ms))
		})),
		...fellTo(books, whole).map(({ put, share }) => ({
			put,
			share: share * shareOfWhole(own, whole.ground, whole.parts, localDay(timeZone, put.at_ms))
		}))
	].filter(({ share }) => share > 0);
}

/** All that a target had since a moment, mg: what was put on it and its parts, and its share of what its whole had. */
export function hadBy(books: Books, bed: Bed, since_ms = -Infinity): Contents {
	const own = Number.isFinite(since_ms)
		? books.applications.hadSince(bed.id, since_ms)
		: lifeOf(books, bed.id).had;
	return fellTo(books, bed)
		.filter(({ put }) => put.at_ms >= since_ms)
		.reduce((sum, { put, share }) => plus(sum, part(put.contents, share)), own);
}

/** Ash that a target had within the span that its cap is told for. */
export const ashLately = rememberingEach(
	(books, bed: ToTreat, now_ms) =>
		ashOn(hadBy(books, bed, now_ms - days(ashCap.days)), bed.wholeGround),
	({ id }) => id
);

/** What was put on it, and on the whole it is a part of where that reached it; newest first. */
export function putOn(books: Books, bed: Bed, most: number): readonly Application[] {
	return [
		...books.applications.ofBed(bed.id, most),
		...fellTo(books, bed).map(({ put }) => put)
	].sort((a, b) => b.at_ms - a.at_ms);
}

/** What went on it between two moments, and its share of what its whole had. */
export function givenAround(
	books: Books,
	bed: Bed,
	from_ms: number,
	to_ms: number
): readonly GivenRow[] {
	const ofWhole = fellTo(books, bed)
		.filter(({ put }) => put.at_ms >= from_ms && put.at_ms <= to_ms)
		.map(({ put, share }) => ({
			code: put.lotCode,
			kind: put.lotKind,
			at_ms: put.at_ms,
			contents: part(put.contents, share)
		}));
	return [...books.applications.between(bed.id, from_ms, to_ms), ...ofWhole];
}
