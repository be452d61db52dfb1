import type { ChargeInput } from '../../input/charging';
import { reckonCharge, schoolOf, type ReallyIn, type ReckonedCharge } from '../../core/charging';
import { addAmounts, nothing, type Amount } from '../../core/ledger';
import { amountOf, litresOf, type Composition } from '../../core/materials';
import { litres } from '../../core/units';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import type { Stamp } from '../db/ledger';
import type { Lot } from '../db/lot-row';
import { moves, type NewMovement } from '../db/movements';
import type { Vessel } from '../db/vessels';
import { compositionNow } from '../questions/stock';
import { soakIn } from '../questions/vessels';
import { perform, postOrRefuse, refuse, toMl, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { bringIn, type Ingredient } from './bring-in';
import { lotOrRefuse, partOf, refuseHeld, refuseUnproven, takenOf } from './gates';

/** Char and its partner become a batch that cures; what went in stands beside what was asked for. */
export function startCharge(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: ChargeInput
): Outcome {
	return perform(books, now_ms, 'charge', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.char, 'char', envelope.happenedAt_ms);
		const char = books.char.maybeOne(input.char) ?? refuse('char', 'no-char', { code: input.char });
		refuseHeld(books, lot, 'char');
		const gates = refuseUnproven(books, char.burnId, envelope.happenedAt_ms, 'char', 'once');
		const school = schoolOf(input.school);
		if (!school.partners.includes(input.partner))
			refuse('partner', 'wrong-partner', { school: school.name });
		const tub = tubOf(books, input, envelope.happenedAt_ms);
		const taken_ml = partOf(books, lot, input.part, 'part');
		const char_l = litres(taken_ml / 1000);
		const composition = compositionIn(books, input);
		const really: ReallyIn = {
			water: input.really?.water,
			partner: input.really?.partner && litresOf(composition, input.really.partner)
		};
		const plan = {
			...input,
			really,
			volume: char_l,
			density: char.density,
			wetness: char.wetness,
			tub: tub?.shape,
			composition
		};
		const asked = reckonCharge({ ...plan, really: undefined });
		const reckoned = reckonCharge(plan);
		refuseOverflow(reckoned, tub, input);
		const code = books.ledger.nextCode('charge');
		return {
			path: `/charging/${code}`,
			gates,
			write: (stamp) =>
				writeCharge(books, stamp, {
					input,
					code,
					char,
					lot,
					taken: takenOf(books, lot, taken_ml, stamp.happenedAt_ms),
					composition,
					asked,
					reckoned,
					tubVersionId: tub?.versionId ?? null
				})
		};
	});
}

/** What the partner brings: as the lot in stock was known, else as it is known now. */
function compositionIn(books: Books, { partner, partnerLot }: ChargeInput): Composition {
	if (partnerLot === undefined) return compositionNow(books, partner);
	const stock = books.stock.maybeOne(partnerLot);
	if (stock?.material !== partner) refuse('partner', 'unknown-lot', { code: partnerLot });
	return stock.composition;
}

function tubOf(
	books: Books,
	{ school, tub: name }: ChargeInput,
	at_ms: number
): Vessel | undefined {
	const tub =
		name === undefined
			? undefined
			: (books.vessels.maybeOne(name) ?? refuse('tub', 'no-vessel', { name }));
	if (schoolOf(school).kind === 'soak' && !tub) refuse('tub', 'tub-wanted');
	// One entered late stood there until the next was set going.
	const held = tub && soakIn(books, tub.id, at_ms);
	if (held) refuse('tub', 'tub-busy', { name: tub.name, code: held.of });
	return tub;
}

function refuseOverflow(
	{ soak, partner, mostChar }: ReckonedCharge,
	tub: Vessel | undefined,
	input: ChargeInput
): void {
	if (!soak) return;
	if (!soak.fits)
		refuse('tub', 'overflows', {
			name: tub?.name ?? '',
			capacity_l: soak.tubCapacity,
			most_l: mostChar ?? 0
		});
	if (partner.value > soak.liquid.value)
		refuse(
			input.really?.partner === undefined ? 'wantedN' : 'reallyPartner',
			'more-partner-than-liquid',
			{
				partner_l: partner.value,
				liquid_l: soak.liquid.value
			}
		);
}

interface Charging {
	readonly input: ChargeInput;
	readonly code: string;
	readonly char: CharLot;
	readonly lot: Lot;
	readonly taken: Amount;
	readonly composition: Composition;
	readonly asked: ReckonedCharge;
	readonly reckoned: ReckonedCharge;
	readonly tubVersionId: number | null;
}

function writeCharge(books: Books, stamp: Stamp, charging: Charging): void {
	const { input, code, char, lot, taken, asked, reckoned, tubVersionId } = charging;
	const { actId } = stamp;
	const lotId = books.ledger.insertLot({
		code,
		kind: 'charge',
		name: schoolOf(input.school).name,
		actId
	});
	const partner = partnerFrom(books, stamp, charging);
	const volume_ml = toMl(reckoned.mix.value);
	const inside = addAmounts(taken, partner.amount);
	postOrRefuse(
		books,
		stamp,
		[
			moves('out', { lotId: lot.id }, taken),
			...partner.lines,
			moves('in', { lotId }, { ...inside, volume_ml })
		],
		'partner'
	);
	books.batches.insert({
		lotId,
		actId,
		school: input.school,
		temperature_c: input.temperature,
		burnIds: [char.burnId]
	});
	books.batches.insertState(actId, lotId, {
		startedAt_ms: stamp.happenedAt_ms,
		charShare: reckoned.charShare,
		density: reckoned.density,
		mineralN: reckoned.nitrogen.perKg,
		liquid_l: reckoned.soak ? reckoned.soak.liquid.value + reckoned.soak.heldWater.value : 0
	});
	if (tubVersionId !== null)
		books.batches.insertPlace({ actId, lotId, vesselVersionId: tubVersionId });
	const ingredient = (of: Ingredient, volume: number, planned: number | null) =>
		books.batches.insertIngredient({
			actId,
			batchLotId: lotId,
			...of,
			volume_ml: volume,
			planned_ml: planned
		});
	ingredient({ fromLotId: lot.id, material: 'char' }, taken.volume_ml, null);
	ingredient(partner.of, partner.amount.volume_ml, toMl(asked.partner.value));
	ingredient(
		{ fromLotId: null, material: 'rain-water' },
		toMl(reckoned.water.value),
		toMl(asked.water.value)
	);
}

/** The partner out of its lot; one brought in now is a lot of its own first. */
function partnerFrom(
	books: Books,
	stamp: Stamp,
	{ input, composition, reckoned }: Charging
): { readonly of: Ingredient; readonly amount: Amount; readonly lines: readonly NewMovement[] } {
	const material = input.partner;
	if (input.partnerLot === undefined) {
		const measure = input.really?.partner ?? { litres: reckoned.partner.value };
		const amount = amountOf(composition, measure);
		if (amount.volume_ml === 0)
			return { of: { fromLotId: null, material }, amount: nothing, lines: [] };
		const brought = bringIn(books, stamp, { material, composition, amount });
		return {
			of: { fromLotId: brought.lotId, material },
			amount,
			lines: [...brought.lines, moves('out', { lotId: brought.lotId }, amount)]
		};
	}
	const lot = lotOrRefuse(books, input.partnerLot, 'partner', stamp.happenedAt_ms);
	refuseHeld(books, lot, 'partner');
	const volume_ml = partOf(books, lot, reckoned.partner.value, 'partner');
	const amount = takenOf(books, lot, volume_ml, stamp.happenedAt_ms);
	return {
		of: { fromLotId: lot.id, material },
		amount,
		lines: [moves('out', { lotId: lot.id }, amount)]
	};
}
