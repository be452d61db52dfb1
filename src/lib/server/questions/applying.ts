import { type PutThing, type Unproven } from '../../core/applying';
import { recipeOf } from '../../core/brews';
import { germClasses, materialOf } from '../../core/materials';
import type { LotKind } from '../../core/kinds';
import type { Batch } from '../db/batch-row';
import type { Books } from '../db/books';
import type { Brew } from '../db/brews';
import type { CharLot } from '../db/char';
import type { Lot } from '../db/lot-row';
import type { StockLot } from '../db/stock';
import { brewLine } from './brews';
import { chargeLine, notesOf, triedOf } from './charging';
import { foundInStock, foundOfBrew, type Finds } from './found';
import { charsInStock, goodsInStock, lotsInStock } from './in-stock';
import { germsIn } from './germs';
import { heldBecause, liesBy, releasesOf, standingAt } from './standing';
import { isTried, rememberingAlways, rememberingEach } from './remember';

/** What would be put somewhere, and the acts without which it might not: they let it through. */
export interface ToPut {
	readonly thing: PutThing;
	readonly gates: () => readonly string[];
}

/** A lot as something to put on a target at a moment. */
export const toPut = rememberingEach(
	(books: Books, lot: Lot, at_ms: number): ToPut | null => {
		const how = byKind[lot.kind];
		return how ? how(books, lot, commonOf(books, lot), at_ms) : null;
	},
	({ code }) => code
);

type Common = ReturnType<typeof commonOf>;

/** How a lot of each kind is told; what is in none goes on no target. */
const byKind: Partial<
	Record<LotKind, (books: Books, lot: Lot, common: Common, at_ms: number) => ToPut | null>
> = {
	brew: (books, { code }, common, at_ms) => {
		const brew = books.brews.maybeOne(code);
		return brew && ofBrew(books, brew, common, at_ms);
	},
	charge: (books, { code }, common, at_ms) => {
		const charge = books.batches.maybeOne(code);
		return charge && ofCharge(books, charge, common, at_ms);
	},
	char: (books, { code }, common, at_ms) => {
		const char = offered(books, charsInStock, code) ?? books.char.maybeOne(code);
		return char && ofChar(books, char, common, at_ms);
	},
	stock: ofGoods,
	ash: ofGoods,
	mix: ofGoods
};

function ofGoods(books: Books, { code }: Lot, common: Common): ToPut | null {
	const stock = offered(books, goodsInStock, code) ?? books.stock.maybeOne(code);
	return stock && ofStock(stock, common);
}

/** Lots whose source is refused for soil, with what it is. */
export const refusedLots = rememberingAlways(
	(books): ReadonlyMap<number, string> =>
		new Map(
			books.findings.everywhere('refused-source').map(({ thingId, found }) => [thingId, found.why])
		)
);

function commonOf(books: Books, { id, code, name }: Lot) {
	const germs = germsIn(books, code);
	const held = heldBecause(books, id);
	const refused = refusedLots(books).get(id);
	return {
		gates: () => releasesOf(books, id),
		thing: {
			code,
			name,
			germs: germClasses.findLast((one) => germs.has(one)) ?? 'none',
			isManure: germs.has('raw-manure') || germs.has('aged'),
			givesOff: false,
			isLiquid: false,
			isAsh: false,
			isLye: false,
			isBrew: false,
			isRaw: false,
			isWhole: false,
			hasChar: false,
			isUnstrained: false,
			chars: [],
			unproven: [],
			...(held === undefined ? {} : { held }),
			...(refused === undefined ? {} : { refused })
		} satisfies PutThing
	};
}

function ofBrew(books: Books, brew: Brew, { thing, gates }: Common, at_ms: number): ToPut {
	const { name, soil, leaves, isLye = false, strained = false } = recipeOf(brew.recipe);
	const { state } = brewLine(books.findings, brew, at_ms);
	const salt = foundOfBrew(books.findings, brew.lotId).findLast(
		(one) => one.kind === 'salt' && one.of === 'brew' && one.at_ms <= at_ms
	);
	return {
		gates,
		thing: {
			...thing,
			name,
			ripeness: state,
			isBrew: true,
			isLye,
			isLiquid: true,
			givesOff: !isLye,
			isUnstrained: strained && brew.strainedAt_ms === null,
			...(soil ? { soil } : {}),
			...(leaves ? { leaves } : {}),
			...(salt?.kind === 'salt' ? { salt: salt.dS_m } : {})
		}
	};
}

function ofCharge(books: Books, charge: Batch, { thing, gates }: Common, at_ms: number): ToPut {
	const { state, tests } = chargeLine(charge, notesOf(books, charge.lotId), at_ms);
	const from = charge.ingredients.flatMap(({ material, fromCode }) =>
		material === 'char' && fromCode !== null ? (books.char.maybeOne(fromCode) ?? []) : []
	);
	const proofs = charge.burnIds.map((burnId) => provenOf(books, burnId, charge.lotId, at_ms));
	return {
		gates: () => [
			...gates(),
			...proofs.flatMap(({ by }) => by()),
			...(state === 'ripe' ? ripeBy(tests) : [])
		],
		thing: {
			...thing,
			ripeness: state,
			givesOff: true,
			hasChar: true,
			chars: from.map((char) => triedOf(findsOf(books, char.lotId), char, at_ms)),
			unproven: proofs.flatMap(({ lacks }) => lacks ?? [])
		}
	};
}

/** The first test that passed since the last that failed. */
export function ripeBy(
	tests: readonly { readonly passed: boolean; readonly actId: string }[]
): readonly string[] {
	const failed = tests.findLastIndex(({ passed }) => !passed);
	return tests.slice(failed + 1, failed + 2).map(({ actId }) => actId);
}

function ofChar(books: Books, char: CharLot, { thing, gates }: Common, at_ms: number): ToPut {
	const proofs = char.burnId === null ? [] : [provenOf(books, char.burnId, char.lotId, at_ms)];
	return {
		gates: () => [...gates(), ...proofs.flatMap(({ by }) => by())],
		thing: {
			...thing,
			isRaw: true,
			isWhole: char.state === 'whole',
			hasChar: true,
			chars: [triedOf(findsOf(books, char.lotId), char, at_ms)],
			unproven: proofs.flatMap(({ lacks }) => lacks ?? [])
		}
	};
}

function ofStock({ material, composition }: StockLot, { thing, gates }: Common): ToPut {
	const { sort, state } = materialOf(material);
	const isLiquid = state === 'liquid';
	return {
		gates,
		thing: {
			...thing,
			isAsh: sort === 'ash',
			isLimestone: material === 'ground-limestone',
			isLiquid,
			givesOff: isLiquid || composition.germs !== 'none'
		}
	};
}

/** How far a fire is proven for its char to lie on a bed, and the checks by which it may. */
function provenOf(books: Books, burnId: number, lotId: number, at_ms: number) {
	const standing = standingAt(books, at_ms);
	if (standing.mayLie({ burnId, lotId }))
		return { by: () => liesBy(books, { burnId, lotId }, at_ms), lacks: undefined };
	const { passed, of } = standing.proofOf(burnId);
	const burn = books.burns.byId(burnId)?.code ?? '';
	const lacks: Unproven = { burn, needed: 'series', passed, of };
	return { by: (): readonly string[] => [], lacks };
}

/** What is in stock is read at once, for a page that offers much of it. */
const findsOf = (books: Books, lotId: number): Finds =>
	!isTried(books) && lotsInStock(books).has(lotId) ? foundInStock(books) : books.findings;

const offered = <T extends { readonly code: string }>(
	books: Books,
	inStock: (books: Books) => readonly T[],
	code: string
): T | undefined => (isTried(books) ? undefined : inStock(books).find((one) => one.code === code));
