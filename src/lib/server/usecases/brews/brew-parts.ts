import { isRecipe, recipeOf, type BrewStuff, type RecipePart } from '../../../core/brews';
import type { Amount } from '../../../core/ledger';
import {
	amountOf,
	isMaterial,
	litresOf,
	type Composition,
	type Measure
} from '../../../core/materials';
import { litres, inLitres, inKilograms } from '../../../core/units';
import type { StuffIn } from '../../../input/brews';
import type { IngredientMaterial } from '../../db/batch-row';
import type { Books } from '../../db/books';
import type { Stamp } from '../../db/ledger';
import { moves, type NewMovement } from '../../db/movements';
import { brewLine, kinPlaced } from '../../questions/brews';
import { compositionNow } from '../../questions/stock';
import { refuse } from '../act';
import { bringIn } from '../bring-in';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';

/** Something that goes into a brew: how much of it, and the lines that take it. */
export interface BrewPart {
	readonly material: IngredientMaterial;
	readonly amount: Amount;
	readonly litres: number;
	readonly kg: number;
	readonly take: (stamp: Stamp) => {
		readonly fromLotId: number | null;
		readonly lines: readonly NewMovement[];
	};
}

/** Where a stuff goes in: the field of its choice, and that of its amount. */
interface At {
	readonly choice: string;
	readonly amount: string;
	readonly at_ms: number;
}

/** So much of what was chosen, out of its lot or brought in now. */
export function stuffFor(
	books: Books,
	{ stuff, lot: code }: StuffIn,
	measure: Measure,
	{ choice, amount: field, at_ms }: At
): BrewPart {
	if (code === undefined) {
		if (!isMaterial(stuff)) return refuse(choice, 'starter-wanted', { recipe: nameOf(stuff) });
		return broughtIn(books, stuff, compositionNow(books, stuff), measure, field);
	}
	const lot = lotOrRefuse(books, code, choice, at_ms);
	refuseHeld(books, lot, choice);
	const known = books.stock.maybeOne(code)?.material ?? books.brews.maybeOne(code)?.recipe;
	if (known !== stuff) refuse(choice, 'unknown-lot', { code });
	const density = lot.volume_ul > 0 ? lot.mass_mg / lot.volume_ul : 1;
	const volume = 'litres' in measure ? measure.litres : litres(measure.kg / density);
	const volume_ul = partOf(books, lot, volume, field);
	const amount = takenOf(books, lot, volume_ul, at_ms);
	return {
		material: stuff,
		amount,
		litres: inLitres(volume_ul),
		kg: inKilograms(amount.mass_mg),
		take: () => ({ fromLotId: lot.id, lines: [moves('out', { lotId: lot.id }, amount)] })
	};
}

function broughtIn(
	books: Books,
	material: Extract<BrewStuff, Composition['material']>,
	composition: Composition,
	measure: Measure,
	field: string
): BrewPart {
	const amount = amountOf(composition, measure);
	if (amount.volume_ul <= 0 && amount.mass_mg <= 0) refuse(field, 'nothing');
	return {
		material,
		amount,
		litres: litresOf(composition, measure),
		kg: inKilograms(amount.mass_mg),
		take: (stamp) => {
			const brought = bringIn(books, stamp, { material, composition, amount });
			return {
				fromLotId: brought.lotId,
				lines: [...brought.lines, moves('out', { lotId: brought.lotId }, amount)]
			};
		}
	};
}

const nameOf = (stuff: BrewStuff): string => (isRecipe(stuff) ? recipeOf(stuff).name : stuff);

/** Why a starter is not to be trusted as it stands; none where it is ripe and of a sound line. */
export function doubtsOf(
	books: Books,
	{ lot: code, stuff }: StuffIn,
	at_ms: number
): {
	readonly code: 'starter-not-ripe' | 'doubtful-line';
	readonly facts: Record<string, string>;
}[] {
	const brew = code !== undefined && isRecipe(stuff) ? books.brews.maybeOne(code) : null;
	if (!brew) return [];
	const { state } = brewLine(books, brew, at_ms);
	const doubted = kinPlaced(books, at_ms).get(brew.code)?.doubtedFor ?? [];
	return [
		...(state === 'ripe' || state === 'fading'
			? []
			: [{ code: 'starter-not-ripe' as const, facts: { code: brew.code, state } }]),
		...(doubted.length > 0
			? [{ code: 'doubtful-line' as const, facts: { code: brew.code, of: doubted.join(', ') } }]
			: [])
	];
}

/** As much of a part as its recipe usually takes. */
export const usualMeasure = (part: RecipePart, usual: number): Measure =>
	part.by === 'L'
		? { litres: litres(usual) }
		: { kg: usual as Extract<Measure, { kg: unknown }>['kg'] };
