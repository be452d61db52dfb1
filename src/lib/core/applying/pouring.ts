import type { PourAsked, PourStop } from '../brews';
import { part, type Contents } from '../ledger';
import type { Putting, PutThing, TargetStands } from './putting';

/** What came of no lot: water, or leaves that were cut there and left. */
export const lotless = (name: string, isLiquid: boolean): PutThing => ({
	code: '',
	name,
	germs: 'none',
	isManure: false,
	givesOff: false,
	isLiquid,
	isAsh: false,
	isLye: false,
	isBrew: false,
	isRaw: false,
	isWhole: false,
	hasChar: false,
	chars: [],
	isUnstrained: false,
	unproven: []
});

/** How it is poured, beside what the beds get. */
export interface HowPoured extends Pick<PourAsked, 'parts' | 'onto'> {
	/** Read of the diluted liquid, dS/m. */
	readonly salt?: number | undefined;
	readonly seedlings?: boolean | undefined;
}

/** A stop of a round of a brew, as it is judged. */
export function pouring(
	thing: PutThing,
	target: TargetStands,
	{ parts, onto, salt, seedlings }: HowPoured,
	{ gets, wanted, size }: Pick<PourStop, 'gets' | 'wanted' | 'size'>,
	/** Of the brew as it stands, mg in `of_l` litres. */
	contents: Contents,
	of_l: number,
	at_ms: number
): Putting {
	return {
		thing,
		target,
		way: onto === 'leaves' ? 'sprayed' : 'watered-in',
		at_ms,
		litres: gets.brew,
		gives: part(contents, of_l > 0 ? Math.min(1, gets.brew / of_l) : 0),
		poured: {
			parts,
			// Of what was asked: little for want of more is no slip.
			wanted,
			size,
			...(salt === undefined ? {} : { salt }),
			isForSeedlings: seedlings ?? false
		}
	};
}
