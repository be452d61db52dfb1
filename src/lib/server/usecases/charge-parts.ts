import { schoolOf, type Extra, type ExtraAsked, type ExtraWorked } from '../../core/charging';
import { addAmounts, nothing, type Amount } from '../../core/ledger';
import { amountOf, litresOf, type Composition, type Measure } from '../../core/materials';
import { type Litres, microlitres } from '../../core/units';
import type { ChargeInput, ChosenStuff, ExtraInput } from '../../input/charging';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import { moves, type NewMovement } from '../db/movements';
import { standInOf } from '../questions/stand-ins';
import { compositionNow } from '../questions/stock';
import { refuse } from './act';
import { bringIn, type Ingredient } from './bring-in';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from './gates';

/** What something brings: as the lot in stock was known, else as it is known now. */
export function compositionIn(
	books: Books,
	{ material, lot }: ChosenStuff,
	field: string
): Composition {
	if (lot === undefined) return compositionNow(books, material);
	const brew = books.brews.maybeOne(lot);
	const stock = brew ? standInOf(brew) : books.stock.maybeOne(lot);
	if (stock?.material !== material) return refuse(field, 'unknown-lot', { code: lot });
	return stock.composition;
}

/** Something that goes into a charge besides its partner, and what it is taken from. */
export interface ExtraPart extends ExtraWorked {
	readonly stuff: ChosenStuff;
}

/** The extras of a school as they were chosen: what was not named goes in as it usually does. */
export const extrasIn = (
	books: Books,
	input: ChargeInput
): readonly (ExtraAsked & { readonly stuff: ChosenStuff })[] =>
	schoolOf(input.school).extras.flatMap((extra) => extraPart(books, extra, input.extras));

function extraPart(
	books: Books,
	{ id, materials, isOption }: Extra,
	given: readonly ExtraInput[] | undefined
): readonly (ExtraAsked & { readonly stuff: ChosenStuff })[] {
	const named = given?.find((one) => one.id === id);
	if (named?.leftOut || (!named && (isOption || given !== undefined))) return [];
	const stuff: ChosenStuff = named ?? { material: materials[0]! };
	if (!materials.includes(stuff.material)) refuse(`with-${id}`, 'choose');
	const composition = compositionIn(books, stuff, `with-${id}`);
	return [{ id, stuff, composition, measure: named?.measure }];
}

/** What one part of a charge is taken from, how much it is, and the lines that take it. */
export interface TakenPart {
	readonly of: Ingredient;
	readonly amount: Amount;
	readonly lines: readonly NewMovement[];
}

/** So much of something out of its lot; what is brought in now is a lot of its own first. */
export function takePartOf(
	books: Books,
	stamp: Stamp,
	{ material, lot: code }: ChosenStuff,
	composition: Composition,
	measure: Measure,
	field: string
): TakenPart {
	if (code === undefined) {
		const amount = amountOf(composition, measure);
		if (amount.volume_ul === 0)
			return { of: { fromLotId: null, material }, amount: nothing, lines: [] };
		const brought = bringIn(books, stamp, { material, composition, amount });
		return {
			of: { fromLotId: brought.lotId, material },
			amount,
			lines: [...brought.lines, moves('out', { lotId: brought.lotId }, amount)]
		};
	}
	const lot = lotOrRefuse(books, code, field, stamp.happenedAt_ms);
	refuseHeld(books, lot, field);
	const volume_ul = partOf(books, lot, litresOf(composition, measure), field);
	const amount = takenOf(books, lot, volume_ul, stamp.happenedAt_ms);
	return {
		of: { fromLotId: lot.id, material },
		amount,
		lines: [moves('out', { lotId: lot.id }, amount)]
	};
}

/** All the parts together, as the lot they become carries them. */
export const togetherOf = (parts: readonly TakenPart[], taken: Amount): Amount =>
	parts.reduce((sum, { amount }) => addAmounts(sum, amount), taken);

/** Liquid that stands in for rain water; rain itself is nobody's stock. */
export function liquidOf(
	books: Books,
	stamp: Stamp,
	input: ChargeInput,
	composition: Composition | undefined,
	volume: Litres
): TakenPart {
	if (!input.liquid || !composition || microlitres(volume) === 0)
		return {
			of: { fromLotId: null, material: 'rain-water' },
			amount: { ...nothing, volume_ul: microlitres(volume) },
			lines: []
		};
	return takePartOf(books, stamp, input.liquid, composition, { litres: volume }, 'liquid');
}
