import type { Rule } from '../cautions';
import { judgeCrush } from './crush';
import type { CharState } from './state';
import type { Litres } from '../units';

/** Char that was crushed: litres before and after, and whether it lay whole. */
export interface Crushing {
	readonly state: CharState;
	readonly before: Litres;
	readonly after: Litres;
}

/** A further pass packs little away: only what grows or all but vanishes is doubtful. Working assumption. */
const again = Object.freeze({ grows: -0.02, vanishes: 0.65 });

/** What speaks against the figures of a crushing. */
export const crushingRules: readonly Rule<Crushing>[] = Object.freeze([
	{
		code: 'implausible-crush',
		weight: 'ask',
		when: 'Litres that grew in crushing, or of which more vanished than packs away',
		lifted: 'Better measures',
		source: 'Practice: crushed char fills a third to a half less',
		finds: ({ state, before, after }) => {
			const { verdict, packedAway } = judgeCrush(before, after);
			const isOdd =
				state === 'whole'
					? verdict === 'implausible'
					: packedAway < again.grows || packedAway > again.vanishes;
			return isOdd && { facts: { packed: packedAway } };
		}
	}
] satisfies readonly Rule<Crushing>[]);
