import type { ChargeInput } from '../../input/charging';
import { schoolOf, workOutCharge, type ReckonedCharge } from '../../core/charging';
import type { Amount } from '../../core/ledger';
import type { Composition } from '../../core/materials';
import { litres, inLitres, microlitres } from '../../core/units';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import type { Stamp } from '../db/ledger';
import type { Lot } from '../db/lot-row';
import type { Vessel } from '../db/vessels';
import { moves } from '../db/movements';
import type { OwnRecipe } from '../db/recipes';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import type { Ingredient } from './bring-in';
import {
	compositionIn,
	extrasIn,
	liquidOf,
	takePartOf,
	togetherOf,
	type ExtraPart
} from './charge-parts';
import { triedOf } from '../questions/charging';
import { soakIn } from '../questions/vessels';
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
		const gates = [
			...refuseHeld(books, lot, 'char'),
			...refuseUnproven(books, char.burnId, envelope.happenedAt_ms, 'char', 'once')
		];
		const school = schoolOf(input.school);
		if (!school.partners.includes(input.partner))
			refuse('partner', 'wrong-partner', { school: school.name });
		const tub = tubOf(books, input);
		const taken_ul = partOf(books, lot, input.part, 'part');
		const char_l = litres(inLitres(taken_ul));
		const composition = compositionIn(
			books,
			{ material: input.partner, lot: input.partnerLot },
			'partner'
		);
		const chosen = extrasIn(books, input);
		const liquid = input.liquid && compositionIn(books, input.liquid, 'liquid');
		if (liquid && !school.liquids.includes(liquid.material)) refuse('liquid', 'choose');
		if (school.kind === 'bed') refuse('school', 'goes-on-bed');
		const at_ms = envelope.happenedAt_ms;
		const { density, wetness } = char;
		const worked = workOutCharge({
			...input,
			composition,
			char: { ...triedOf(books.findings, char, at_ms), density, wetness },
			volume: char_l,
			extras: chosen,
			liquid,
			isOwn: input.ownRecipe !== undefined,
			tub: tub && {
				name: tub.name,
				shape: tub.shape,
				holds: soakIn(books, tub.id, at_ms)?.of
			}
		});
		const extras = worked.extras.map((extra, i) => ({ ...extra, stuff: chosen[i]!.stuff }));
		const { asked, charge: reckoned, cautions } = worked;
		const code = books.ledger.nextCode('charge');
		return {
			path: `/charging/${code}`,
			gates,
			cautions,
			fieldOf: ({ code: caution }) =>
				caution === 'more-partner-than-liquid'
					? input.really?.partner === undefined
						? 'wantedN'
						: 'reallyPartner'
					: 'tub',
			write: (stamp) =>
				writeCharge(books, stamp, {
					input,
					code,
					char,
					lot,
					taken: takenOf(books, lot, taken_ul, stamp.happenedAt_ms),
					composition,
					extras,
					liquid,
					asked,
					reckoned,
					tubVersionId: tub?.versionId ?? null
				})
		};
	});
}

/** The tub a charge is set going in; a soak wants one. */
function tubOf(books: Books, { school, tub: name }: ChargeInput): Vessel | undefined {
	const tub =
		name === undefined
			? undefined
			: (books.vessels.maybeOne(name) ?? refuse('tub', 'no-vessel', { name }));
	if (schoolOf(school).kind === 'soak' && !tub) refuse('tub', 'tub-wanted');
	return tub;
}

interface Charging {
	readonly input: ChargeInput;
	readonly code: string;
	readonly char: CharLot;
	readonly lot: Lot;
	readonly taken: Amount;
	readonly composition: Composition;
	readonly extras: readonly ExtraPart[];
	readonly liquid: Composition | undefined;
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
	const partner = takePartOf(
		books,
		stamp,
		{ material: input.partner, lot: input.partnerLot },
		charging.composition,
		input.really?.partner ?? { litres: reckoned.partner.value },
		'partner'
	);
	const extras = charging.extras.map(({ id, stuff, composition, measure }) =>
		takePartOf(books, stamp, stuff, composition, measure, `extra-${id}`)
	);
	const water = liquidOf(books, stamp, input, charging.liquid, reckoned.water.value);
	const volume_ul = microlitres(reckoned.mix.value);
	// Rain water is in its pores and around it: it adds no litres of its own, and brings nothing.
	const inside = togetherOf([partner, ...extras, ...(input.liquid ? [water] : [])], taken);
	postOrRefuse(
		books,
		stamp,
		[
			moves('out', { lotId: lot.id }, taken),
			...partner.lines,
			...extras.flatMap(({ lines }) => lines),
			...water.lines,
			moves('in', { lotId }, { ...inside, volume_ul })
		],
		'partner'
	);
	// The version it is made by stays with it, whatever becomes of the recipe.
	const recipeVersionId =
		input.recipeName === undefined
			? books.recipes.all().find(({ name }) => name === input.ownRecipe)?.versionId
			: books.recipes.insert(actId, recipeOf(charging, input.recipeName));
	books.batches.insert({
		lotId,
		actId,
		school: input.school,
		recipeVersionId,
		temperature_c: input.temperature,
		burnIds: char.burnId === null ? [] : [char.burnId]
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
			volume_ul: volume,
			planned_ul: planned
		});
	ingredient({ fromLotId: lot.id, material: 'char' }, taken.volume_ul, null);
	ingredient(partner.of, partner.amount.volume_ul, microlitres(asked.partner.value));
	for (const [i, extra] of extras.entries())
		ingredient(extra.of, extra.amount.volume_ul, microlitres(charging.extras[i]?.planned_l ?? 0));
	ingredient(water.of, microlitres(reckoned.water.value), microlitres(asked.water.value));
}

/** What was really put together, as parts to one of char. */
function recipeOf({ input, extras, reckoned, taken }: Charging, name: string): OwnRecipe {
	const char_l = Math.max(inLitres(taken.volume_ul), 1e-9);
	return {
		name,
		school: input.school,
		partner: input.partner,
		ratio: reckoned.partner.value / char_l,
		wantedN: input.wantedN,
		extras: extras.map(({ id, stuff, litres }) => ({
			id,
			material: stuff.material,
			perChar: litres / char_l
		})),
		...(input.liquid ? { liquid: input.liquid.material } : {})
	};
}
