import { changeTo, weighedAnew } from '../../core/ledger';
import {
	earlier,
	inLitres,
	kgDryPerLitre,
	known,
	reckon,
	times,
	type Estimate,
	type KgDryPerLitre
} from '../../core/units';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import type { Stamp } from '../db/ledger';
import { moves } from '../db/movements';
import { postOrRefuse } from './act';

/** A density as it was worked out, by what was weighed of a lot since. */
export const weighedSince = (
	density: Estimate<KgDryPerLitre>,
	ratio: number,
	code: string
): Estimate<KgDryPerLitre> =>
	reckon(
		kgDryPerLitre,
		times(
			earlier('density', { ...density, low: density.value, high: density.value }),
			known(
				'weighed since',
				{ value: ratio, low: ratio * 0.95, high: ratio * 1.05 },
				'times',
				'measured',
				`of ${code}, ± 5 % with the measure it fills`
			)
		),
		{ unit: 'kg/L', basis: density.basis }
	);

/**
 * What is left of a char lot is weighed anew by a better density, the difference in grams named; and so is what was
 * crushed of it and is still there. What went on keeps the grams it went with.
 */
export function weighAnew(
	books: Books,
	stamp: Stamp,
	char: CharLot,
	density: Estimate<KgDryPerLitre>,
	field: string
): void {
	const ratio = density.value / char.density.value;
	weighOne(books, stamp, char.lotId, density, field);
	for (const crushed of crushedOf(books, char.lotId))
		weighOne(books, stamp, crushed.lotId, weighedSince(crushed.density, ratio, char.code), field);
}

/** Char lots in stock that were crushed of a lot, in one pass or several. */
function crushedOf(books: Books, lotId: number): readonly CharLot[] {
	const made = new Set([lotId]);
	const codes: string[] = [];
	for (const flow of books.flows.forward(lotId)) {
		const giver = books.ledger.maybeLot(flow.from);
		if (flow.verb !== 'crush' || flow.toId === null || !giver || !made.has(giver.id)) continue;
		made.add(flow.toId);
		codes.push(flow.to);
	}
	return [...new Set(codes)].flatMap((code) => {
		const char = books.char.maybeOne(code);
		return char && inLitres(char.volume_ul) > 0 ? [char] : [];
	});
}

function weighOne(
	books: Books,
	stamp: Stamp,
	lotId: number,
	density: Estimate<KgDryPerLitre>,
	field: string
): void {
	const held = books.ledger.heldAt(lotId, stamp.happenedAt_ms);
	books.char.insertDensity({ actId: stamp.actId, lotId, density });
	if (held.volume_ul <= 0) return;
	const { comes, goes } = changeTo(held, weighedAnew(held, 'char', density.value));
	postOrRefuse(
		books,
		stamp,
		[
			moves('in', { lotId }, comes),
			moves('out', { account: 're-measured' }, comes),
			moves('out', { lotId }, goes),
			moves('in', { account: 're-measured' }, goes)
		],
		field,
		'recount-below'
	);
}
