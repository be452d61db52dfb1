import { roomFigure, shareFigure } from '$lib/core/beds';
import { moistureFigures } from '$lib/core/woodyard';
import type { Estimate } from '$lib/core/units';
import { pathOf, type Figured } from '$lib/format/paths';
import type { Books } from '$lib/server/db/books';
import { burnLine, woodTaken } from '$lib/server/questions/fires';
import { booksOf } from '$lib/server/questions/ledger';
import { stackLine } from '$lib/server/questions/woodyard';
import { spreadFigures } from '../../../../beds/[name]/spread';
import { plannedFigures, reckonBurn } from '../../../../fires/[burn]/reckoning';
import { holdsFigure } from '../../../../ledger/[lot]/holds';
import { heldFigure } from '../../../../vessels/[name]/reckoning';
import { leftFigure } from '../../../../woodyard/[lot]/reckoning';

/** A figure of a thing, with its words and the page of what it belongs to. */
export interface FigureOf {
	readonly label: string;
	readonly figure: Estimate;
	/** What it is a figure of, by code or name. */
	readonly of: string;
	readonly href: string;
}

interface Moment {
	readonly timeZone: string;
	readonly now_ms: number;
}

type Question = (
	books: Books,
	name: string,
	figure: string,
	moment: Moment
) => FigureOf | undefined;

/** The same figures that the pages of these things show, each told by itself. */
export const figuresOf: Readonly<Record<Figured, Question>> = {
	stack: (books, code, wanted) => {
		const stack = books.woodyard.maybeOne(code);
		if (!stack) return undefined;
		const [reading] = books.woodyard.readings(stack.lotId);
		const { left } = stackLine(books, stack, reading);
		return told(wanted, [code, pathOf('stack', code)], {
			dry: [`Dry wood left in ${code}`, leftFigure(stack.measure, left)],
			water: [`Water in ${code}, mean`, reading && moistureFigures(reading)?.mean]
		});
	},
	fire: (books, code, wanted, { now_ms }) => {
		const burn = books.burns.maybeOne(code);
		if (!burn) return undefined;
		const { outcome, charCode } = burnLine(books, burn, now_ms);
		const char = charCode === undefined ? null : books.char.maybeOne(charCode);
		const gave =
			burn.record && char && outcome
				? reckonBurn(burn.record, char.density, woodTaken(books, burn.record.actId), outcome)
				: undefined;
		return told(wanted, [code, pathOf('burn', code)], {
			char: [`Char from ${code}`, gave?.volume],
			yield: [`Yield of ${code}`, gave?.massYield],
			expected: [`Char to expect of ${code}`, burn.plan && plannedFigures(burn.plan).char]
		});
	},
	bed: (books, name, wanted) => {
		const bed = books.beds.maybeOne(name);
		if (!bed) return undefined;
		const { char_l, ground } = bed;
		return told(wanted, [name, pathOf('bed', name)], {
			share: [`Char in ${name}`, shareFigure(char_l, ground)],
			target: [`Room to the target in ${name}`, roomFigure('target', char_l, ground)],
			ceiling: [`Room to the ceiling in ${name}`, roomFigure('ceiling', char_l, ground)]
		});
	},
	vessel: (books, name, wanted) => {
		const vessel = books.vessels.maybeOne(name);
		if (!vessel) return undefined;
		return told(wanted, [name, pathOf('vessel', name)], {
			capacity: [`${name} holds to the rim`, heldFigure(vessel.shape, vessel.capacity_l)]
		});
	},
	spread: (books, actId, wanted) => {
		const spread = books.beds.maybeSpread(actId);
		if (!spread) return undefined;
		const { char, kg } = spreadFigures(spread);
		const at = `from ${spread.lotCode} on ${spread.bedName}`;
		return told(wanted, [spread.bedName, pathOf('bed', spread.bedName)], {
			char: [`Char ${at}`, char],
			kg: [`Dry char ${at}`, kg]
		});
	},
	lot: (books, code, wanted, almanac) => {
		const lot = books.ledger.maybeLotEver(code);
		if (!lot) return undefined;
		const acts = booksOf(books, lot.id).map((act) => ({ ...act, at_ms: act.happenedAt_ms }));
		return told(wanted, [code, `/ledger/${encodeURIComponent(code)}`], {
			litres: [`In ${code}`, holdsFigure(lot, acts, 'L', almanac)],
			kg: [`Dry in ${code}`, holdsFigure(lot, acts, 'kg', almanac)]
		});
	}
};

function told(
	wanted: string,
	[of, href]: readonly [name: string, href: string],
	figures: Readonly<Record<string, readonly [string, Estimate | undefined]>>
): FigureOf | undefined {
	const [label, figure] = (Object.hasOwn(figures, wanted) && figures[wanted]) || [];
	return label !== undefined && figure ? { label, figure, of, href } : undefined;
}
