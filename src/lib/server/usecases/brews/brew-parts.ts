import { isRecipe, recipeOf, type BrewStuff, type StuffIn } from '../../../core/brews';
import type { Amount } from '../../../core/ledger';
import {
	amountOf,
	isMaterial,
	litresOf,
	type Composition,
	type Measure
} from '../../../core/materials';
import { litres, inLitres, inKilograms } from '../../../core/units';
import type { IngredientMaterial } from '../../db/batch-row';
import type { Books } from '../../db/books';
import type { Stamp } from '../../db/ledger';
import { moves, type NewMovement } from '../../db/movements';
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
