import { plus, type Amount } from '../../core/ledger';
import { carbonOf } from '../../core/heaps';
import { amountOf, materialOf, type Composition, type MaterialId } from '../../core/materials';
import { litres } from '../../core/units';
import type { LaidPart } from '../../input/heaps';
import type { IngredientMaterial } from '../db/batch-row';
import type { Books } from '../db/books';
import type { Lot } from '../db/lot-row';
import type { Stamp } from '../db/ledger';
import { moves, type NewMovement } from '../db/movements';
import { compositionNow } from '../questions/stock';
import { refuse } from './act';
import { bringIn } from './bring-in';
import { lotOrRefuse, partOf, refuseHeld, refuseUnproven, takenOf } from './gates';

/** Something that goes on a heap: how much of it, and the lines that take it. */
export interface LaidStuff {
	readonly material: IngredientMaterial;
	/** As it lies; of what is poured on the litres fill pores. */
	readonly amount: Amount;
	readonly isLiquid: boolean;
	readonly isAsh: boolean;
	/** It brings nitrogen that ash drives off. */
	readonly isRich: boolean;
	readonly gates: readonly string[];
	/** The lot it is taken from. */
	readonly from?: Lot | undefined;
	/** Of a material what it brings, as it was known. */
	readonly composition?: Composition | undefined;
	readonly take: (stamp: Stamp) => {
		readonly fromLotId: number | null;
		readonly lines: readonly NewMovement[];
	};
}

/** Each line of the form as what it takes. */
export const stuffsFor = (
	books: Books,
	parts: readonly LaidPart[],
	at_ms: number
): readonly LaidStuff[] => parts.map((part) => stuffFor(books, part, at_ms));

function stuffFor(books: Books, part: LaidPart, at_ms: number): LaidStuff {
	const [choice, amount] = [`stuff${part.row}`, `part${part.row}`];
	if (part.lot === undefined)
		return broughtIn(books, part.stuff as MaterialId, part, choice, amount);
	const lot = lotOrRefuse(books, part.lot, choice, at_ms);
	const gates = [...refuseHeld(books, lot, choice), ...provenOr(books, lot, choice, at_ms)];
	const { material, isLiquid, isAsh, isRich } = kindOf(books, lot, choice);
	const density = lot.volume_ul > 0 ? lot.mass_mg / lot.volume_ul : 1;
	const volume = 'litres' in part.measure ? part.measure.litres : litres(part.measure.kg / density);
	const taken = takenOf(books, lot, partOf(books, lot, volume, amount), at_ms);
	return {
		...{ material, isLiquid, isAsh, isRich, gates, amount: taken, from: lot },
		composition: books.stock.maybeOne(lot.code)?.composition,
		take: () => ({ fromLotId: lot.id, lines: [moves('out', { lotId: lot.id }, taken)] })
	};
}

/** Fresh char moves on only as far as its fire is proven out. */
function provenOr(books: Books, lot: Lot, field: string, at_ms: number): readonly string[] {
	const char = books.char.maybeOne(lot.code);
	return char ? refuseUnproven(books, char.burnId, at_ms, field, 'once') : [];
}

/** What a lot is on a heap: stock, char, a brew that is poured on, another heap. */
function kindOf(books: Books, lot: Lot, field: string) {
	const stock = books.stock.maybeOne(lot.code);
	if (stock) return traitsOf(stock.material);
	const plain = { isLiquid: false, isAsh: false, isRich: false };
	if (lot.kind === 'char') return { ...plain, material: 'char' as const };
	if (lot.kind === 'heap' || lot.kind === 'charge') return { ...plain, material: 'batch' as const };
	const brew = books.brews.maybeOne(lot.code);
	if (brew) return { ...plain, isLiquid: true, material: brew.recipe };
	return refuse(field, 'no-heap-stuff', { code: lot.code });
}

function traitsOf(material: MaterialId) {
	const { state, sort, germs } = materialOf(material);
	const isAsh = sort === 'ash';
	if (!isAsh && !carbonOf(material) && material !== 'rain-water' && state !== 'liquid')
		return { material, isLiquid: false, isAsh, isRich: false };
	const isRich = ['raw-manure', 'urine'].includes(germs);
	return { material, isLiquid: state === 'liquid', isAsh, isRich };
}

function broughtIn(
	books: Books,
	material: MaterialId,
	{ measure }: Pick<LaidPart, 'measure'>,
	choice: string,
	field: string
): LaidStuff {
	const composition = compositionNow(books, material);
	const amount = amountOf(composition, measure);
	if (amount.volume_ul <= 0) refuse(field, 'nothing');
	if (materialOf(material).sort === 'ash') refuse(choice, 'ash-as-lot');
	// Rain water is nobody’s stock.
	const isWater = material === 'rain-water';
	return {
		...traitsOf(material),
		amount: isWater ? { ...amount, contents: {} } : amount,
		gates: [],
		composition,
		take: (stamp) => {
			if (isWater) return { fromLotId: null, lines: [] };
			const { lotId, lines } = bringIn(books, stamp, { material, composition, amount });
			return { fromLotId: lotId, lines: [...lines, moves('out', { lotId }, amount)] };
		}
	};
}

/** All of it together as the heap has it: what is poured on fills pores and adds no litres. */
export function together(stuffs: readonly LaidStuff[]): Amount {
	return stuffs.reduce<Amount>(
		(sum, { amount, isLiquid }) => ({
			volume_ul: sum.volume_ul + (isLiquid ? 0 : amount.volume_ul),
			mass_mg: sum.mass_mg + amount.mass_mg,
			contents: plus(sum.contents, amount.contents)
		}),
		{ volume_ul: 0, mass_mg: 0, contents: {} }
	);
}
