import { inLitres } from '$lib/core/units';
import { kindOf, kinds, type Booked, type KindFacts, type LotKind } from '$lib/core/kinds';
import type { System } from '$lib/core/units';
import { sayDay, type Almanac } from '$lib/format/dates';
import { say } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { pathOf } from '$lib/format/paths';
import { capital, count } from '$lib/format/words';

export interface LotFacts {
	readonly code: string;
	readonly volume_ul: number;
	readonly dry_g: number;
	readonly from: number;
	readonly beds: number;
	/** The act that made it is not reversed. */
	readonly stands: boolean;
}

/** What is in it and where did it go? */
export function lotAnswer(
	{ code, volume_ul, dry_g, from, beds, stands }: LotFacts,
	system: System | undefined
): Sentence | string {
	if (!stands) return `${code} was taken back: the act that made it is reversed`;
	const kg = slipped(say(dry_g / 1000, 'kg', system), 'Dry in it');
	const dry = dry_g > 0 ? said`, ${kg} dry` : '';
	const holds =
		volume_ul > 0
			? said`${code} holds ${slipped(say(inLitres(volume_ul), 'L', system), 'Holds')}${dry}`
			: `${code} is used up`;
	const came = from === 0 ? 'it starts here' : `it came of ${count(from, 'lot', 'lots')}`;
	return beds === 0
		? said`${holds}; ${came}`
		: said`${holds}; ${came} and reached ${count(beds, 'bed', 'beds')}`;
}

/** What was done with a bed, a fire or a vessel, and when last? */
export function thingAnswer(
	name: string,
	acts: readonly {
		readonly at_ms: number;
		readonly isReversal: boolean;
		readonly reversed: boolean;
	}[],
	almanac: Almanac,
	/** Of all there are, where only some are told. */
	total = acts.length
): string {
	const standing = acts.filter(({ isReversal, reversed }) => !isReversal && !reversed);
	const last = standing.at(-1);
	if (last && total > acts.length)
		return `${capital(count(total, 'act', 'acts'))} stand in the books of ${name}; these end on ${sayDay(last.at_ms, almanac)}`;
	return last
		? `${capital(count(standing.length, 'act stands', 'acts stand'))} in the books of ${name}, the last of ${sayDay(last.at_ms, almanac)}`
		: `Nothing stands in the books of ${name}`;
}

/** The way back to what the books are of. */
export function roomOf(
	of: Booked,
	name: string,
	lot: { readonly kind: LotKind; readonly code: string; readonly name: string } | null,
	stands: boolean
): { label: string; href: string } {
	if (!lot) {
		const kind = kinds.find((known) => known.of === of);
		return { label: name, href: kind ? pathOf(kind.id, name) : '/' };
	}
	if (stands) return { label: `${lot.code} ${lot.name}`, href: pathOf(lot.kind, lot.code) };
	const { home, path }: KindFacts = kindOf(lot.kind);
	return { label: capital(home ?? path), href: `/${home ?? path}` };
}
