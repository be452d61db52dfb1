import type { Books } from '../db/books';
import { isHot, openFires, type BurnLine } from './fires';
import { chargeLines, type ChargeLine } from './charging';
import { stackLines, type StackLine } from './woodyard';
import { rawWaiting } from './beds';
import { remembering } from './remember';

export interface Today {
	/** Fires not proven out whose char is still about: the one thing that comes before all others. */
	readonly hot: readonly BurnLine[];
	/** Fires cold so far, with a check of their series still to come or due now. */
	readonly watch: readonly BurnLine[];
	/** Fires proven by their whole series whose char may not be stored dry yet. */
	readonly cooling: readonly BurnLine[];
	readonly ripe: readonly ChargeLine[];
	readonly wantTest: readonly ChargeLine[];
	readonly failed: readonly ChargeLine[];
	readonly fading: readonly ChargeLine[];
	readonly curing: readonly ChargeLine[];
	readonly unread: readonly StackLine[];
	readonly ready: readonly StackLine[];
	readonly planned: readonly BurnLine[];
	readonly rawLitres: number;
	readonly has: {
		readonly stacks: boolean;
		readonly vessels: boolean;
		readonly beds: boolean;
		readonly burns: boolean;
	};
}

/** What is wrong, ripe or due, from every room. Every page asks it, for the counts along the path. */
export const today = remembering(lookAround);

function lookAround(books: Books, now_ms: number): Today {
	const burns = openFires(books, now_ms);
	const charges = chargeLines(books, now_ms);
	const stacks = stackLines(books);
	const inState = (state: ChargeLine['state']) => charges.filter((line) => line.state === state);
	return {
		hot: burns.filter(isHot),
		watch: burns.filter((line) => line.isAbout && line.proof?.stage === 'once'),
		cooling: burns.filter(
			(line) => line.proof?.stage === 'series' && (line.proof.storedFrom_ms ?? 0) > now_ms
		),
		ripe: inState('ripe'),
		wantTest: inState('wants-test'),
		failed: inState('failed'),
		fading: [...inState('fading'), ...inState('past')],
		curing: inState('working'),
		unread: stacks.filter((line) => line.burnable === 'unread'),
		ready: stacks.filter((line) => ['ready', 'slower'].includes(line.burnable)),
		planned: burns.filter((line) => !line.burn.record),
		rawLitres: rawWaiting(books, now_ms).reduce((total, lot) => total + lot.charLitresLeft, 0),
		has: {
			stacks: books.woodyard.any(),
			vessels: books.vessels.all().some((v) => v.usedFor !== 'tub'),
			beds: books.beds.names().length > 0,
			burns: books.burns.count() > 0
		}
	};
}
