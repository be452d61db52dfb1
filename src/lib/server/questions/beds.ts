import type { DoseLot } from '../../core/beds';
import type { Readiness } from '../../core/charging';
import { litres, type Estimate, type Input, type Range } from '../../core/units';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import { chargeLine } from './charging';
import { heldBecause, proofOf } from './standing';

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
	if (charge) {
		const tests = books.charging.tests().filter((test) => test.lotId === charge.lotId);
		const { state } = chargeLine(charge, tests, at_ms);
		const burnId = sourceBurn(books, charge.lotId);
		return {
			...common(books, charge, burnId, at_ms),
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
	const char = books.char.maybeOne(code);
	if (!char) return null;
	return {
		...common(books, char, char.burnId, at_ms),
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

function common(
	books: Books,
	lot: { lotId: number; code: string; volume_ml: number },
	burnId: number,
	at_ms: number
) {
	const held = heldBecause(books, lot.lotId);
	return {
		code: lot.code,
		burnId,
		litresLeft: litres(lot.volume_ml / 1000),
		proven: proofOf(books, burnId, at_ms).proven,
		...(held === undefined ? {} : { held })
	};
}

const rangeOf = ({ value, low, high }: Estimate): Range => ({ value, low, high });

function sourceBurn(books: Books, lotId: number): number {
	const ancestors = new Set(books.flows.ancestors(lotId));
	const char = books.char.all().find((entry) => ancestors.has(entry.lotId));
	if (!char) throw new NotFound(`char behind lot ${lotId}`);
	return char.burnId;
}

/** Everything with litres left that could go on a bed, ripe charges first. */
export function spreadables(books: Books, at_ms: number): readonly Spreadable[] {
	const codes = [...books.charging.all(), ...books.char.all()]
		.filter((lot) => lot.volume_ml > 0)
		.map((lot) => lot.code);
	return codes
		.flatMap((code) => spreadable(books, code, at_ms) ?? [])
		.sort((a, b) => a.warnings.length - b.warnings.length);
}
