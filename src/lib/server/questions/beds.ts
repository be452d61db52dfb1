import { inOrderOfWant, type DoseLot } from '../../core/beds';
import type { Readiness } from '../../core/charging';
import { litres, type Estimate, type Input, type Range } from '../../core/units';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import { chargeLine, chargeLines, type ChargeLine } from './charging';
import { remembering, rememberingAlways } from './remember';
import { heldBecause, proofOf, standingAt } from './standing';

/** What must be said before a lot goes on a bed. */
export type SpreadWarning = 'raw' | 'uncrushed' | 'not-ripe' | 'failed' | 'fading' | 'past';

export interface Spreadable extends DoseLot {
	readonly code: string;
	readonly kind: 'charge' | 'char';
	readonly name: string;
	readonly burnId: number;
	readonly charLitresLeft: number;
	readonly warnings: readonly SpreadWarning[];
	readonly readiness?: Readiness;
	readonly held?: string;
	readonly proven: boolean;
	readonly densityFrom: readonly Input[];
	readonly urineInside: boolean;
}

const warningsByReadiness: Readonly<Record<Readiness, readonly SpreadWarning[]>> = {
	working: ['not-ripe'],
	'wants-test': ['not-ripe'],
	failed: ['failed'],
	ripe: [],
	fading: ['fading'],
	past: ['past']
};

/** A charge or char lot as something to spread at a moment, with what speaks against it. */
export function spreadable(books: Books, code: string, at_ms: number): Spreadable | null {
	const charge = books.charging.maybeOne(code);
	const char = charge ? null : books.char.maybeOne(code);
	const lot = charge ?? char;
	if (!lot) return null;
	const standing = {
		held: heldBecause(books, lot.lotId),
		proven: proofOf(books, lot.burnId, at_ms).proven
	};
	if (charge)
		return ofCharge(chargeLine(charge, books.charging.testsOf(charge.lotId), at_ms), standing);
	return char && ofChar(char, standing);
}

interface Known {
	readonly held: string | undefined;
	readonly proven: boolean;
}

function ofCharge({ charge, state }: ChargeLine, known: Known): Spreadable {
	return {
		...common(charge, known),
		kind: 'charge',
		name: charge.name,
		charShare: charge.charShare,
		density: charge.density,
		densityFrom: [],
		readiness: state,
		charLitresLeft: (charge.volume_ml / 1000) * charge.charShare.value,
		warnings: warningsByReadiness[state],
		urineInside: charge.partner === 'urine'
	};
}

function ofChar(char: CharLot, known: Known): Spreadable {
	return {
		...common(char, known),
		kind: 'char',
		name: `raw char, ${char.state}`,
		charShare: { value: 1, low: 1, high: 1 },
		density: rangeOf(char.density),
		densityFrom: char.density.from,
		charLitresLeft: char.volume_ml / 1000,
		warnings: char.state === 'whole' ? ['raw', 'uncrushed'] : ['raw'],
		urineInside: false
	};
}

const common = (
	lot: { code: string; burnId: number; volume_ml: number },
	{ held, proven }: Known
) => ({
	code: lot.code,
	burnId: lot.burnId,
	litresLeft: litres(lot.volume_ml / 1000),
	proven,
	...(held === undefined ? {} : { held })
});

const rangeOf = ({ value, low, high }: Estimate): Range => ({ value, low, high });

/** Everything with litres left that could go on a bed, ripe charges first. */
export const spreadables = remembering((books, at_ms): readonly Spreadable[] => {
	const standing = standingAt(books, at_ms);
	const known = (lot: { lotId: number; burnId: number }): Known => ({
		held: standing.heldBecause(lot.lotId),
		proven: standing.proofOf(lot.burnId).proven
	});
	const charges = chargeLines(books, at_ms).map((line) => ofCharge(line, known(line.charge)));
	const chars = books.char.inStock().map((char) => ofChar(char, known(char)));
	return [...charges, ...chars].sort((a, b) => a.warnings.length - b.warnings.length);
});

/** Raw char that may be charged: proven out, in stock and not held. */
export const rawWaiting = (books: Books, at_ms: number): readonly Spreadable[] =>
	spreadables(books, at_ms).filter(
		(lot) => lot.kind === 'char' && lot.proven && lot.held === undefined
	);

/** Every bed, those that want char most first. */
export const bedsInOrder = rememberingAlways((books) => inOrderOfWant(books.beds.all()));
