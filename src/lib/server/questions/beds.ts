import { charsInStock, lotsInStock } from './in-stock';
import { settingsOf } from './settings';
import type { DoseLot } from '../../core/beds';
import type { Readiness } from '../../core/charging';
import { litres, type Range, type System, inLitres } from '../../core/units';
import { hiddenBy } from '../../format/figure';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import { toPut } from './applying';
import { chargeLine, chargeLines, notesOf, type ChargeLine } from './charging';
import { remembering } from './remember';
import { reaches, type ProofState } from '../../core/fires';
import { heldBecause, mayLie, proofOf, standingAt } from './standing';

export interface Spreadable extends DoseLot {
	readonly code: string;
	readonly lotId: number;
	readonly kind: 'charge' | 'char';
	readonly name: string;
	readonly burnId: number | null;
	/** Every fire its char came from. */
	readonly burnIds: readonly number[];
	readonly charLitresLeft: number;
	/** Charged, and ripe. */
	readonly isReady: boolean;
	readonly readiness?: Readiness;
	readonly held?: string;
	/** How far its fire is proven out. */
	readonly proof: ProofState;
	/** Proven far enough to be left on a bed. */
	readonly mayLie: boolean;
}

/** A charge or char lot as something to spread at a moment, with what speaks against it. */
export function spreadable(books: Books, code: string, at_ms: number): Spreadable | null {
	const charge = books.batches.maybeOne(code);
	const char = charge ? null : books.char.maybeOne(code);
	const lot = charge ?? char;
	if (!lot) return null;
	const known: Known = {
		system: settingsOf(books).system,
		held: heldBecause(books, lot.lotId),
		proof: proofOf(books, lot.burnId, at_ms),
		mayLie: mayLie(books, lot, at_ms)
	};
	if (charge) return ofCharge(chargeLine(charge, notesOf(books, charge.lotId), at_ms), known);
	return char && ofChar(char, known);
}

interface Known {
	readonly system: System | undefined;
	readonly held: string | undefined;
	readonly proof: ProofState;
	readonly mayLie: boolean;
}

function ofCharge({ charge, state }: ChargeLine, known: Known): Spreadable {
	return {
		...common(charge, known),
		kind: 'charge',
		name: charge.name,
		charShare: charge.charShare,
		density: charge.density,
		readiness: state,
		burnIds: charge.burnIds,
		charLitresLeft: inLitres(charge.volume_ul) * charge.charShare.value,
		isReady: state === 'ripe'
	};
}

function ofChar(char: CharLot, known: Known): Spreadable {
	return {
		...common(char, known),
		kind: 'char',
		name: `raw char, ${char.state}`,
		charShare: { value: 1, low: 1, high: 1 },
		density: rangeOf(char.density),
		burnIds: char.burnId === null ? [] : [char.burnId],
		charLitresLeft: inLitres(char.volume_ul),
		isReady: false
	};
}

const common = (
	lot: { code: string; lotId: number; burnId: number | null; volume_ul: number },
	{ system, held, ...proven }: Known
) => ({
	code: lot.code,
	lotId: lot.lotId,
	burnId: lot.burnId,
	litresLeft: litres(inLitres(lot.volume_ul)),
	slack_l: hiddenBy(inLitres(lot.volume_ul), 'L', system),
	...proven,
	...(held === undefined ? {} : { held })
});

const rangeOf = ({ value, low, high }: Range): Range => ({ value, low, high });

/** Everything with litres left that could go on a bed, ripe charges first. */
export const spreadables = remembering((books, at_ms): readonly Spreadable[] => {
	const lines = chargeLines(books, at_ms);
	const raw = charsInStock(books);
	const standing = standingAt(books, at_ms).about([...lines.map(({ charge }) => charge), ...raw]);
	const { system } = settingsOf(books);
	const known = (lot: { lotId: number; burnId: number | null }): Known => ({
		system,
		held: standing.heldBecause(lot.lotId),
		proof: standing.proofOf(lot.burnId),
		mayLie: standing.mayLie(lot)
	});
	const charges = lines.map((line) => ofCharge(line, known(line.charge)));
	const chars = raw.map((char) => ofChar(char, known(char)));
	return [...charges, ...chars].sort((a, b) => Number(b.isReady) - Number(a.isReady));
});

/** What may go on a bed now. */
export const dosable = (books: Books, at_ms: number): readonly Spreadable[] =>
	spreadables(books, at_ms).filter((lot) => lot.held === undefined && lot.mayLie);

/** Some of it with what a dose is worked out from and judged by: a page is sent no more. */
export const lotsToDose = (books: Books, at_ms: number, lots = dosable(books, at_ms)) =>
	lots.flatMap(({ charShare, density, lotId, ...lot }) => {
		const { code, name, litresLeft, slack_l, charLitresLeft, isReady } = lot;
		const held = lotsInStock(books).get(lotId);
		const put = held && toPut(books, held, at_ms);
		if (!put) return [];
		return {
			...{ code, name, litresLeft, charLitresLeft, isReady, thing: put.thing },
			contents: held.contents,
			...(slack_l === undefined ? {} : { slack_l }),
			charShare: rangeOf(charShare),
			density: rangeOf(density)
		};
	});

/** Raw char that may be charged: checked cold, in stock and not held. */
export const rawWaiting = (books: Books, at_ms: number): readonly Spreadable[] =>
	spreadables(books, at_ms).filter(
		(lot) => lot.kind === 'char' && reaches(lot.proof, 'once') && lot.held === undefined
	);
