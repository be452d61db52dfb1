import type { NamedMove } from '../core/ledger';
import { days } from '../core/time';
import { verbWords } from './room-words';
import { sayDay, type Almanac } from './dates';

/** One act on a lot, as its books list it. */
export interface BookedMove {
	readonly verb: string;
	readonly at_ms: number;
	readonly person: string;
	readonly volume_ul: number;
	readonly dry_g: number;
	readonly reversed: boolean;
	readonly isReversal: boolean;
}

/** The acts that stand, each by a name of its own: further ones of one kind on one day are numbered. */
export function namedMoves(acts: readonly BookedMove[], almanac: Almanac): readonly NamedMove[] {
	const standing = acts.filter((act) => !act.reversed && !act.isReversal);
	return standing.map((act, i) => ({
		...act,
		name: `${verbWords[act.verb] ?? act.verb} ${sayDay(act.at_ms, almanac)}${again(standing, act, i)}`
	}));
}

function again(acts: readonly BookedMove[], act: BookedMove, at: number): string {
	const sameDay = (other: BookedMove) =>
		other.verb === act.verb && Math.abs(other.at_ms - act.at_ms) < days(1);
	const before = acts.slice(0, at).filter(sameDay).length;
	return before === 0 ? '' : ` (${before + 1})`;
}
