import {
	partnerOf,
	reckonCharge,
	schoolOf,
	type PartnerId,
	type ReckonedCharge,
	type SchoolId
} from '../../core/charging';
import { takePart } from '../../core/ledger';
import { litres, type Celsius, type Part } from '../../core/units';
import type { Books } from '../db/books';
import type { NewMovement, Stamp } from '../db/ledger';
import { perform, postOrRefuse, refuse, toG, toMl, type Envelope, type Outcome } from './act';
import { soakIn } from '../questions/vessels';
import { lotOrRefuse, partOf, refuseHeld, refuseUnproven } from './gates';

export interface ChargeInput {
	readonly char: string;
	readonly part: Part;
	readonly school: SchoolId;
	readonly partner: PartnerId;
	/** A partner lot in the books, or undefined when it is brought in now. */
	readonly partnerLot?: string | undefined;
	/** Litres of partner to one of char (solids). */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (soaks). */
	readonly wantedN: number;
	readonly tub?: string | undefined;
	readonly temperature: Celsius;
}

/** Char and its partner become a charged lot that cures; the partner is a lot of its own. */
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
		refuseUnproven(books, char.burnId, envelope.happenedAt_ms, 'char', 'once');
		const school = schoolOf(input.school);
		if (!school.partners.includes(input.partner))
			refuse('partner', 'wrong-partner', { school: school.name });
		const tub =
			input.tub === undefined
				? undefined
				: (books.vessels.maybeOne(input.tub) ?? refuse('tub', 'no-vessel', { name: input.tub }));
		if (schoolOf(input.school).kind === 'soak' && !tub) refuse('tub', 'tub-wanted');
		// One entered late stood there until the next was set going.
		const held = tub && soakIn(books, tub.id, envelope.happenedAt_ms);
		if (held) refuse('tub', 'tub-busy', { name: tub.name, code: held.of });
		const part = takePart(lot, partOf(books, lot, input.part, 'part'));
		const reckoned = reckonCharge({
			...input,
			volume: litres(part.volume_ml / 1000),
			density: char.density,
			wetness: char.wetness,
			tub: tub?.shape
		});
		if (reckoned.soak && !reckoned.soak.fits)
			refuse('tub', 'overflows', {
				name: tub?.name ?? '',
				capacity_l: reckoned.soak.tubCapacity,
				most_l: reckoned.mostChar ?? 0
			});
		if (reckoned.soak && reckoned.partner.value > reckoned.soak.liquid.value)
			refuse('wantedN', 'more-partner-than-liquid', {
				partner_l: reckoned.partner.value,
				liquid_l: reckoned.soak.liquid.value
			});
		const code = books.ledger.nextCode('charge');
		return {
			path: `/charging/${code}`,
			write: (stamp) =>
				writeCharge(books, stamp, {
					input,
					code,
					from: lot.id,
					part,
					reckoned,
					tubVersionId: tub?.versionId ?? null
				})
		};
	});
}

interface Charging {
	readonly input: ChargeInput;
	readonly code: string;
	readonly from: number;
	readonly part: { readonly volume_ml: number; readonly dry_g: number };
	readonly reckoned: ReckonedCharge;
	readonly tubVersionId: number | null;
}

function writeCharge(
	books: Books,
	stamp: Stamp,
	{ input, code, from, part, reckoned, tubVersionId }: Charging
): void {
	const lotId = books.ledger.insertLot({
		code,
		kind: 'charge',
		name: schoolOf(input.school).name,
		actId: stamp.actId
	});
	const partnerLines = takePartner(books, stamp, input, reckoned);
	postOrRefuse(
		books,
		stamp,
		[
			{ lotId: from, volume_ml: -part.volume_ml, dry_g: -part.dry_g },
			{ lotId, volume_ml: toMl(reckoned.mix.value), dry_g: part.dry_g },
			...partnerLines
		],
		'partner'
	);
	books.charging.insert({
		lotId,
		school: input.school,
		partner: input.partner,
		vesselVersionId: tubVersionId,
		char_l: part.volume_ml / 1000,
		partner_l: reckoned.partner.value,
		water_l: reckoned.water.value,
		temperature_c: input.temperature,
		mix_l: reckoned.mix.value,
		charShare: reckoned.charShare,
		density: reckoned.density,
		mineralN: reckoned.nitrogen.perKg,
		totalN_g: reckoned.nitrogen.total.value
	});
}

/** Lines that take the partner from its lot into the mix; one brought in now comes first. */
function takePartner(
	books: Books,
	stamp: Stamp,
	input: ChargeInput,
	{ partner, partnerDryKg }: ReckonedCharge
): NewMovement[] {
	const volume_ml = toMl(partner.value);
	if (input.partnerLot !== undefined) {
		const lot = lotOrRefuse(books, input.partnerLot, 'partner', stamp.happenedAt_ms);
		const part = takePart(lot, partOf(books, lot, partner.value, 'partner'));
		return [
			{ lotId: lot.id, volume_ml: -part.volume_ml, dry_g: -part.dry_g },
			{ account: 'in-the-mix', volume_ml: part.volume_ml, dry_g: part.dry_g }
		];
	}
	const dry_g = toG(partnerDryKg);
	const lotId = books.ledger.insertLot({
		code: books.ledger.nextCode('partner'),
		kind: 'partner',
		name: partnerOf(input.partner).name,
		actId: stamp.actId
	});
	books.charging.insertPartner({ lotId, partner: input.partner });
	return [
		{ account: 'gathered', volume_ml: -volume_ml, dry_g: -dry_g },
		{ lotId, volume_ml, dry_g },
		{ lotId, volume_ml: -volume_ml, dry_g: -dry_g },
		{ account: 'in-the-mix', volume_ml, dry_g }
	];
}
