import type { Addition, TopUpInput } from '../../input/batch';
import { schoolOf, standingAfter, type Coming, takesUp } from '../../core/charging';
import { charFromLitres } from '../../core/char';
import { nothing, type Amount } from '../../core/ledger';
import { amountOf, brings, isMaterial, materialOf, type MaterialId } from '../../core/materials';
import { exactly, litres, type Range, inLitres, microlitres } from '../../core/units';
import type { Batch, BatchState } from '../db/batch-row';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import { moves, type NewMovement } from '../db/movements';
import { compositionNow } from '../questions/stock';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { bringIn, type Ingredient } from './bring-in';
import {
	batchOrRefuse,
	lotOrRefuse,
	partOf,
	refuseHeld,
	refuseOverfull,
	refuseUnproven,
	takenOf
} from './gates';

/** What comes to a batch: from where, how much, what it does to how the batch stands. */
interface Added {
	readonly of: Ingredient;
	readonly amount: Amount;
	readonly lines: (stamp: Stamp) => { of: Ingredient; lines: readonly NewMovement[] };
	readonly coming: Coming;
	/** Litres that stand around the batch. */
	readonly liquid_l: number;
	readonly burnId?: number;
	readonly gates: readonly string[];
}

/** Something is added to a batch. A test made before lapses; what went in is kept beside the rest. */
export function topUpBatch(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: TopUpInput
): Outcome {
	return perform(books, now_ms, 'top-up', envelope, { ...input }, () => {
		const { batch, lot } = batchOrRefuse(books, input.code, 'code', envelope.happenedAt_ms);
		refuseHeld(books, lot, 'code');
		const held = books.ledger.heldAt(lot.id, envelope.happenedAt_ms);
		if (held.volume_ul <= 0) refuse('code', 'empty', { code: lot.code });
		const isSoak = schoolOf(batch.school).kind === 'soak';
		const added =
			'from' in input.add
				? fromLot(books, input.add, batch, isSoak, envelope.happenedAt_ms)
				: broughtIn(books, input.add, isSoak);
		const after = stateAfter(batch, inLitres(held.volume_ul), added);
		const char_kg = (held.contents.char ?? 0) / 1e6 + added.coming.char_kg.value;
		const volume_l = inLitres(held.volume_ul) + added.coming.volume_l;
		const level = takesUp(volume_l, char_kg, after.liquid_l);
		refuseOverfull(books, batch, level, 'amount', envelope.happenedAt_ms);
		return {
			path: `/charging/${batch.code}`,
			gates: added.gates,
			write: (stamp) => {
				const { of, lines } = added.lines(stamp);
				const inside = { ...added.amount, volume_ul: microlitres(added.coming.volume_l) };
				postOrRefuse(books, stamp, [...lines, moves('in', { lotId: lot.id }, inside)], 'amount');
				const { actId } = stamp;
				books.batches.insertState(actId, lot.id, after);
				books.findings.insert({ actId, thingId: lot.id, what: 'topped-up' });
				books.batches.insertIngredient({
					actId,
					batchLotId: lot.id,
					...of,
					volume_ul: added.amount.volume_ul,
					planned_ul: null
				});
				if (added.burnId !== undefined && !batch.burnIds.includes(added.burnId))
					books.batches.insertBurn({ actId, lotId: lot.id, burnId: added.burnId });
			}
		};
	});
}

function stateAfter(batch: Batch, volume_l: number, { coming, liquid_l }: Added): BatchState {
	const after = standingAfter({ ...batch, volume_l }, coming);
	return { startedAt_ms: batch.startedAt_ms, ...after, liquid_l: batch.liquid_l + liquid_l };
}

const none = exactly(0);

/** Solids make a heap grow; what is poured on fills pores, and in a tub stands around the char. */
const growth = (isLiquid: boolean, isSoak: boolean, volume_l: number) => ({
	volume_l: isLiquid || isSoak ? 0 : volume_l,
	liquid_l: isLiquid && isSoak ? volume_l : 0
});

function fromLot(
	books: Books,
	{ from, part }: Extract<Addition, { from: string }>,
	batch: Batch,
	isSoak: boolean,
	at_ms: number
): Added {
	const lot = lotOrRefuse(books, from, 'from', at_ms);
	if (lot.code === batch.code) refuse('from', 'same-lot', { code: lot.code });
	refuseHeld(books, lot, 'from');
	const amount = takenOf(books, lot, partOf(books, lot, part, 'amount'), at_ms);
	const volume_l = inLitres(amount.volume_ul);
	const taking = (material: Ingredient['material']) => ({
		amount,
		of: { fromLotId: lot.id, material },
		lines: () => ({
			of: { fromLotId: lot.id, material },
			lines: [moves('out', { lotId: lot.id }, amount)]
		})
	});
	const char = books.char.maybeOne(lot.code);
	if (char) {
		const gates = refuseUnproven(books, char.burnId, at_ms, 'from', 'once');
		return {
			...taking('char'),
			coming: {
				volume_l,
				char_l: exactly(volume_l),
				char_kg: charFromLitres(litres(volume_l), char.density),
				mineralN_g: none
			},
			liquid_l: 0,
			...(char.burnId === null ? {} : { burnId: char.burnId }),
			gates
		};
	}
	const stock = books.stock.maybeOne(lot.code);
	if (!stock) refuse('from', 'no-ingredient', { code: lot.code });
	const { volume_l: grows, liquid_l } = growth(
		materialOf(stock.material).state === 'liquid',
		isSoak,
		volume_l
	);
	const { mineralNitrogen } = brings(stock.composition, { litres: litres(volume_l) });
	return {
		...taking(stock.material),
		coming: { volume_l: grows, char_l: none, char_kg: none, mineralN_g: rangeOf(mineralNitrogen) },
		liquid_l,
		gates: []
	};
}

const rangeOf = ({ value, low, high }: Range): Range => ({ value, low, high });

function broughtIn(
	books: Books,
	{ material, measure }: Extract<Addition, { material: MaterialId }>,
	isSoak: boolean
): Added {
	if (!isMaterial(material)) refuse('material', 'unknown-material', { name: material });
	const composition = compositionNow(books, material);
	const amount = amountOf(composition, measure);
	if (amount.volume_ul <= 0) refuse('amount', 'nothing');
	const isLiquid = materialOf(material).state === 'liquid';
	const { volume_l, liquid_l } = growth(isLiquid, isSoak, inLitres(amount.volume_ul));
	const { mineralNitrogen } = brings(composition, measure);
	const of: Ingredient = { fromLotId: null, material };
	return {
		of,
		amount: material === 'rain-water' ? { ...nothing, volume_ul: amount.volume_ul } : amount,
		lines: (stamp) => {
			// Rain water is nobody’s stock.
			if (material === 'rain-water') return { of, lines: [] };
			const { lotId, lines } = bringIn(books, stamp, { material, composition, amount });
			return {
				of: { fromLotId: lotId, material },
				lines: [...lines, moves('out', { lotId }, amount)]
			};
		},
		coming: { volume_l, char_l: none, char_kg: none, mineralN_g: rangeOf(mineralNitrogen) },
		liquid_l,
		gates: []
	};
}
