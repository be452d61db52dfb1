import type { AnalysisInput, StockInput } from '../../input/stock';
import type { Amount } from '../../core/ledger';
import { judge } from '../../core/cautions';
import { withCharTold } from '../../core/char';
import { bagRules, type BagCase } from '../../core/mixes';
import { localDay } from '../../core/time';
import { inLitres, kilograms, litres } from '../../core/units';
import {
	amountOf,
	compositionOf,
	isManure,
	likelyOxide,
	materialOf,
	printedOn,
	type Composition,
	type MaterialId,
	type Measure
} from '../../core/materials';
import type { Books } from '../db/books';
import type { IngredientMaterial } from '../db/batch-row';
import type { Stamp } from '../db/ledger';
import { moves, type NewMovement } from '../db/movements';
import { settingsOf } from '../questions/settings';
import { analysesOf, compositionNow } from '../questions/stock';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** What an ingredient is taken from. */
export interface Ingredient {
	readonly fromLotId: number | null;
	readonly material: IngredientMaterial;
}

/** A new lot of a material, and the lines that bring it in. */
export function bringIn(
	books: Books,
	{ actId }: Stamp,
	brought: {
		readonly kind?: 'stock' | 'ash' | 'mix';
		readonly material: MaterialId;
		readonly composition: Composition;
		readonly amount: Amount;
		readonly name?: string;
	}
): { readonly lotId: number; readonly lines: readonly NewMovement[] } {
	const { kind = 'stock', material, composition, amount } = brought;
	const lotId = books.ledger.insertLot({
		code: books.ledger.nextCode(kind),
		kind,
		name: brought.name ?? materialOf(material).name,
		actId
	});
	books.stock.insert({ lotId, actId, material, composition });
	return {
		lotId,
		lines: [moves('out', { account: 'gathered' }, amount), moves('in', { lotId }, amount)]
	};
}

/** Something is brought in and held in stock until it is used. */
export function stockUp(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: StockInput
): Outcome {
	return perform(books, now_ms, 'stock-up', envelope, { ...input }, () => {
		const composition = compositionOfBag(books, input, envelope.happenedAt_ms);
		const plain = amountOf(composition, inBags(input));
		if (plain.volume_ul <= 0) refuse('amount', 'nothing');
		if (input.charTold && !isManure(input.material)) refuse('charTold', 'no-manure');
		const contents = input.charTold
			? withCharTold(plain.contents, inLitres(plain.volume_ul), input.charTold)
			: plain.contents;
		const amount = { ...plain, contents };
		const code = books.ledger.nextCode('stock');
		return {
			path: `/stock/${code}`,
			cautions: judge(bagRules, bagCase(books, input)),
			fieldOf: () => 'bagP',
			write: (stamp) => {
				const { lotId, lines } = bringIn(books, stamp, {
					...input,
					name: input.name || materialOf(input.material).name,
					composition,
					amount
				});
				postOrRefuse(books, stamp, lines, 'amount');
				if (input.bought)
					books.findings.insert({
						...{ actId: stamp.actId, thingId: lotId, what: 'bought' },
						found: input.bought
					});
			}
		};
	});
}

/** What the bag says goes before the table, and before own analyses of other bags. */
function compositionOfBag(books: Books, input: StockInput, at_ms: number): Composition {
	const now = compositionNow(books, input.material);
	if (!input.printed) return now;
	const source = `its bag of ${localDay(settingsOf(books).timeZone, at_ms)}`;
	const measured = printedOn(now, input.printed);
	return compositionOf(input.material, [
		{ measured, source },
		...(analysesOf(books, [input.material])[input.material] ?? [])
	]);
}

function bagCase(books: Books, { material, printed }: StockInput): BagCase {
	const of = printed && likelyOxide(compositionNow(books, material), printed);
	const told = of === 'phosphorus' ? printed?.p : printed?.k;
	return { material: materialOf(material).name, likelyOxide: of, told };
}

/** All of them together. */
function inBags({ measure, bought }: StockInput): Measure {
	const bags = bought?.bags ?? 1;
	return 'litres' in measure
		? { litres: litres(measure.litres * bags) }
		: { kg: kilograms(measure.kg * bags) };
}

/** An own analysis or a weighed measure of a material: what is brought in from now on goes by it. */
export function analyseMaterial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: AnalysisInput
): Outcome {
	return perform(books, now_ms, 'analyse', envelope, { ...input }, () => {
		if (Object.keys(input.measured).length === 0) refuse('density', 'nothing');
		return {
			path: '/stock',
			write: ({ actId }) => books.stock.insertAnalysis(actId, input.material, input.measured)
		};
	});
}
