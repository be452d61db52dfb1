import { inLitres } from '../../core/units';
import type { Act } from '../db/acts';
import type { Books } from '../db/books';

/** What an act did, for the page it led to. */
export interface Did {
	readonly verb: string;
	readonly name: string;
	/** The line of the log it was written by. */
	readonly line: string;
	/** What it took, and of which lot. */
	readonly took?: { readonly code: string; readonly litres: number };
	readonly state: 'stands' | 'reversed';
	readonly actId: string;
}

/** The act, or the round of acts, that an address names as just done or just taken back. */
export function didOf(books: Books, actId: string): Did | undefined {
	if (!/^[\w.-]{8,64}$/.test(actId)) return undefined;
	const act = books.acts.maybeOne(actId);
	if (act?.reversesId) return didOf(books, act.reversesId);
	if (!act) return roundOf(books, actId);
	return {
		verb: act.verb,
		name: nameIn(act),
		line: typeof act.typed.line === 'string' ? act.typed.line : '',
		...tookIn(books, act.id),
		state: act.reversed ? 'reversed' : 'stands',
		actId
	};
}

/** A round writes an act for each bed, or takes each back, numbered from the id of its form. */
function roundOf(books: Books, actId: string): Did | undefined {
	const first = books.acts.maybeOne(`${actId}.1`);
	if (first?.reversesId) return roundOf(books, first.reversesId.replace(/\.\d+$/, ''));
	if (!first) return undefined;
	const standing = books.acts.ofRound(actId);
	const names = standing.map(nameIn).reverse();
	// The parts of a pile each go their own way.
	const isMixed = standing.some(({ verb }) => verb !== first.verb);
	return {
		verb: isMixed ? 'begun' : first.verb,
		name: names.length > mostNamed && !isMixed ? `${names.length} beds` : names.join(', '),
		line: typeof first.typed.line === 'string' ? first.typed.line : '',
		state: standing.length > 0 ? 'stands' : 'reversed',
		actId
	};
}

/** More beds than this are counted. */
const mostNamed = 4;

const nameIn = ({ resultPath }: Act): string =>
	decodeURIComponent(resultPath.split('/').at(-1) ?? '');

function tookIn(books: Books, actId: string): Pick<Did, 'took'> {
	const taken = books.ledger
		.ofAct(actId)
		.flatMap(({ lotId, direction, volume_ul }) =>
			lotId !== undefined && direction === 'out' ? [{ lotId, litres: inLitres(volume_ul) }] : []
		);
	const [one] = taken;
	// A load of several stacks is told on its own page.
	if (!one || taken.length > 1) return {};
	return { took: { code: books.ledger.lotById(one.lotId).code, litres: one.litres } };
}
