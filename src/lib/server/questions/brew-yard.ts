import { isRecipe, type BrewStuff, type BrewYard, type StuffThere } from '../../core/brews';
import { isMaterial } from '../../core/materials';
import { inLitres } from '../../core/units';
import type { Books } from '../db/books';
import type { Brew } from '../db/brews';
import type { StockLot } from '../db/stock';
import type { Vessel } from '../db/vessels';
import { brewLine, kinOfOne, kinPlaced, type BrewLine } from './brews';
import { isTried } from './remember';
import { compositionNow } from './stock';
import { soakIn } from './vessels';

/** A lot of stock as it may go into a brew. */
export const stockThere = ({ code, material, volume_ul, mass_mg }: StockLot): StuffThere => ({
	code,
	stuff: material,
	left_l: inLitres(volume_ul),
	density: densityOf(volume_ul, mass_mg)
});

/** A brew as something to make another with. */
export function brewThere(books: Books, { brew, state }: BrewLine): StuffThere {
	const doubted =
		(isTried(books) ? kinOfOne(books, brew) : kinPlaced(books).get(brew.code))?.doubtedFor ?? [];
	return {
		code: brew.code,
		stuff: brew.recipe,
		left_l: inLitres(brew.volume_ul),
		density: densityOf(brew.volume_ul, brew.mass_mg),
		starter: {
			state,
			// A fading one is still good: it is the last hour to use it.
			isRipe: state === 'ripe' || state === 'fading',
			doubted: doubted.join(', ')
		}
	};
}

const densityOf = (volume_ul: number, mass_mg: number) => (volume_ul > 0 ? mass_mg / volume_ul : 1);

/** A lot that was chosen, whatever it is. */
export function lotThere(books: Books, code: string, at_ms: number): StuffThere | undefined {
	const stock = books.stock.maybeOne(code);
	if (stock) return stockThere(stock);
	const brew: Brew | null = books.brews.maybeOne(code);
	return brew ? brewThere(books, brewLine(books.findings, brew, at_ms)) : undefined;
}

/** kg to the litre of what is brought in now. */
export const densitiesOf = (books: Books, stuffs: readonly BrewStuff[]): BrewYard['densities'] =>
	Object.fromEntries(
		stuffs
			.filter(isMaterial)
			.filter((stuff) => !isRecipe(stuff))
			.map((stuff) => [stuff, compositionNow(books, stuff).density.value])
	);

/** A vessel as a brew is set going in it. */
export const vesselThere = (
	books: Books,
	{ id, name, capacity_l }: Vessel,
	at_ms: number
): NonNullable<BrewYard['vessel']> => ({
	name,
	capacity_l,
	holds: soakIn(books, id, at_ms)?.of
});
