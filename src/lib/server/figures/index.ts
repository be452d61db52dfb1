import { bedNamed } from '$lib/server/questions/kept-beds';
import { bedFigures } from '$lib/core/beds';
import { stageFigures, type CureStage } from '$lib/core/charging';
import { lotFigures } from '$lib/core/ledger';
import { warmthOf } from '$lib/core/time';
import { celsius, known, reckon, type Estimate } from '$lib/core/units';
import { namedMoves } from '$lib/format/moves';
import { booksPath, pathOf, type Figured } from '$lib/format/paths';
import type { FigureOf } from '$lib/format/slip';
import { capital } from '$lib/format/words';
import type { Books } from '$lib/server/db/books';
import { booksOf } from '$lib/server/questions/booked';
import { roomOf, rules } from './rules';

interface Moment {
	readonly timeZone: string;
	readonly now_ms: number;
}

/** Looks one figure of a thing up by its name; undefined where there is no such thing or figure. */
type Lookup = (books: Books, name: string, figure: string, moment: Moment) => FigureOf | undefined;

/** What a slip's address can ask for. The figures are those that the pages of these things show. */
export const figuresOf: Readonly<Record<Figured, Lookup>> = {
	bed: (books, name, wanted) => {
		const bed = bedNamed(books, name);
		return bed ? told(wanted, [name, pathOf('bed', name)], bedFigures(bed), bedLabels) : undefined;
	},
	lot: (books, code, wanted, moment) => {
		const lot = books.ledger.maybeLotEver(code);
		if (!lot) return undefined;
		const acts = booksOf(books, lot.id).map((act) => ({ ...act, at_ms: act.happenedAt_ms }));
		const held = lotFigures(lot, namedMoves(acts, moment));
		const figures = { ...held, ...charIn(books, lot) };
		return told(wanted, [code, booksPath('lot', code)], figures, lotLabels);
	},
	rule: (_books, room, wanted) => {
		const rule = Object.hasOwn(rules, room) ? rules[room]?.get(wanted) : undefined;
		return rule && { ...rule, of: capital(room), href: roomOf[room] ?? '/', bounds: true };
	}
};

const bedLabels = {
	share: 'Char in',
	room: 'Room to the target in',
	good: 'Room to the ceiling in',
	ph: 'Soil of'
} as const;

const lotLabels: Readonly<Record<'litres' | 'kg' | 'share' | CureStage, string>> = {
	litres: 'In',
	kg: 'Dry in',
	share: 'Char share of',
	usable: 'Days to first use of',
	best: 'Days to the best of',
	fading: 'Days to the fading of',
	past: 'Days to the end of'
};

/** How much of a lot is char, and of a charge the days to each stage. */
function charIn(
	books: Books,
	{ code, kind }: { readonly code: string; readonly kind: string }
): Readonly<Record<string, Estimate>> {
	if (kind === 'char') return { share: allChar };
	const charge = kind === 'charge' ? books.batches.maybeOne(code) : null;
	return charge
		? {
				...stageFigures({
					...charge,
					warmth: warmthOf(
						charge.startedAt_ms,
						celsius(charge.temperature_c),
						books.findings.temperatures(charge.lotId)
					)
				}),
				share: charge.charShare
			}
		: {};
}

const allChar = reckon<number>(
	(v) => v,
	known('raw char', 1, 'share', 'computed', 'nothing is mixed into it'),
	{ unit: 'share', basis: 'of the lot, by volume' }
);

function told(
	wanted: string,
	[of, href]: readonly [name: string, href: string],
	figures: Readonly<Record<string, Estimate | undefined>>,
	labels: Readonly<Record<string, string>>
): FigureOf | undefined {
	const figure = Object.hasOwn(figures, wanted) ? figures[wanted] : undefined;
	return figure && { label: `${labels[wanted] ?? capital(wanted)} ${of}`, figure, of, href };
}
