import { heldLots } from './held';
import { recipeOf } from '../../core/brews';
import { compositionOf, type Composition, type MaterialId } from '../../core/materials';
import { exactly, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import type { Brew } from '../db/brews';
import { brewLines } from './brews';

/** A brew as the liquid it is where another room wants one, by its own books. */
export interface StandIn {
	readonly code: string;
	readonly name: string;
	readonly material: MaterialId;
	readonly composition: Composition;
	readonly volume_ul: number;
}

/** What a litre of a brew brings; undefined for one that stands for no material, or of which nothing is left. */
export function standInOf(brew: Brew): StandIn | undefined {
	const material = recipeOf(brew.recipe).as;
	if (material === undefined || brew.volume_ul <= 0) return undefined;
	const { code, name, volume_ul, mass_mg, contents } = brew;
	const perLitre = (mg: number | undefined) => exactly((mg ?? 0) / 1000 / inLitres(volume_ul));
	const nitrogen = contents.nitrogen ?? 0;
	const measured = {
		density: exactly(mass_mg / volume_ul),
		nitrogen: perLitre(nitrogen),
		mineralShare: exactly(nitrogen > 0 ? (contents['mineral-nitrogen'] ?? 0) / nitrogen : 0),
		phosphorus: perLitre(contents.phosphorus),
		potassium: perLitre(contents.potassium)
	};
	const composition = compositionOf(material, [{ measured, source: `by the books of ${code}` }]);
	return { code, name, material, composition, volume_ul };
}

/** Brews that char may soak in: ripe or fading, and held by nobody. */
export const standIns = (books: Books, now_ms: number): readonly StandIn[] => {
	const held = heldLots(books);
	return brewLines(books, now_ms).flatMap(({ brew, state }) => {
		const found = held.has(brew.lotId) ? undefined : standInOf(brew);
		return found && (state === 'ripe' || state === 'fading') ? [found] : [];
	});
};
