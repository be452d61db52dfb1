import { changeTo, kgOf, shareOut, weighedAnew, type Change } from '../../core/ledger';
import {
	earlier,
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
 * What is left of a char lot is weighed anew by a better density, the difference in grams named; and so is the share of
 * it in what was crushed, pooled and charged of it and is still there. What is on beds keeps the grams it went with.
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
	for (const [code, share] of sharesOf(books, char)) {
		const times = 1 + share * (ratio - 1);
		const lot = books.ledger.maybeLot(code);
		const made = books.char.maybeOne(code);
		const batch = made ? null : books.batches.maybeOne(code);
		if (!lot || lot.volume_ul <= 0) continue;
		if (made) weighOne(books, stamp, lot.id, weighedSince(made.density, times, char.code), field);
		if (batch) {
			const known = weighedSince(batch.density, times, char.code);
			books.batches.insertState(stamp.actId, lot.id, { ...batch, density: known });
			scaleChar(books, stamp, lot.id, times, field);
		}
	}
}

/** Of every lot that came of a char: how much of the char in it is from there. */
function sharesOf(books: Books, char: CharLot): ReadonlyMap<string, number> {
	const flows = books.flows.forward(char.lotId);
	const acts = [...new Set(flows.map(({ act }) => act))];
	const lines = books.flows.linesOf(acts);
	const share = new Map([[char.code, 1]]);
	for (const act of acts) {
		const at_ms = flows.find((flow) => flow.act === act)?.at_ms ?? 0;
		const gifts = shareOut(lines.get(act) ?? []);
		const before = new Map(share);
		for (const to of new Set(gifts.map((gift) => gift.to))) {
			const lot = books.ledger.maybeLot(to);
			if (!lot) continue;
			const mine = gifts.filter((gift) => gift.to === to);
			const come_kg = mine.reduce((sum, { kgChar }) => sum + kgChar, 0);
			const from_kg = mine.reduce(
				(sum, { from, kgChar }) => sum + kgChar * (before.get(from) ?? 0),
				0
			);
			const held_kg = kgOf(books.ledger.heldAt(lot.id, at_ms - 1).contents, 'char');
			const all_kg = held_kg + come_kg;
			if (all_kg > 0) share.set(to, (held_kg * (before.get(to) ?? 0) + from_kg) / all_kg);
		}
	}
	share.delete(char.code);
	return new Map([...share].filter(([, of]) => of > 0));
}

/** So many times as much char is in a batch as its books said. */
function scaleChar(books: Books, stamp: Stamp, lotId: number, times: number, field: string): void {
	const held = books.ledger.heldAt(lotId, stamp.happenedAt_ms);
	const char = Math.round((held.contents.char ?? 0) * times);
	const wanted = { ...held, contents: { ...held.contents, char } };
	postChange(books, stamp, lotId, changeTo(held, wanted), field);
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
	postChange(books, stamp, lotId, changeTo(held, weighedAnew(held, 'char', density.value)), field);
}

/** What a better weight or analysis adds or takes, under its own name. */
export function postChange(
	books: Books,
	stamp: Stamp,
	lotId: number,
	{ comes, goes }: Change,
	field: string
): void {
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
