import type { BurnInput } from '../../input/burns';
import { charWater } from '../../core/char';
import { addAmounts, contentsOf, dryKg, nothing, plus, type Amount } from '../../core/ledger';
import { filledWater, judgeBurn, type WayId } from '../../core/fires';
import {
	litres,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	microlitres,
	milligrams,
	inKilograms
} from '../../core/units';
import { days } from '../../core/time';
import { stayOfFire } from '../../core/vessels';
import type { Measure } from '../../core/materials';
import { dryWood, type StackMeasure, type WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import { amountOfDry, moves, type NewMovement } from '../db/movements';
import type { Vessel } from '../db/vessels';
import { askUnlessSure, perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { firesAround } from '../questions/vessels';
import { askIfFailed, refuseBusy } from './gates';
import { charOf } from './measure-char';
import { dryOfWeight, loadStacks, unstacked, type LoadedWood } from './load-stacks';

/** No fire burns longer than this unasked, a charcoal clamp aside; nor waits for its char longer than that. */
const burnsFor_ms = Object.freeze({ unasked: days(3), most: days(365) });

/** A fire is quenched after it is lit, and within its year. */
function refuseOddTime(
	envelope: Envelope,
	lit_ms: number | undefined,
	planned_ms: number | undefined
): void {
	const quenched_ms = envelope.happenedAt_ms;
	if (lit_ms !== undefined && lit_ms >= quenched_ms) refuse('litAt', 'lit-after-quench');
	const since_ms = quenched_ms - (lit_ms ?? planned_ms ?? quenched_ms);
	if (since_ms > burnsFor_ms.most)
		refuse(lit_ms === undefined ? 'happenedAt' : 'litAt', 'lit-too-long');
	if (lit_ms !== undefined && since_ms > burnsFor_ms.unasked)
		askUnlessSure(envelope, {
			code: 'burns-long',
			facts: { days: Math.floor(since_ms / days(1)) }
		});
}

interface ReckonedBurn {
	readonly vessel: Vessel;
	readonly way: WayId;
	readonly wood: LoadedWood;
	readonly charLitres: Litres;
	readonly density: Estimate<KgDryPerLitre>;
	readonly char_mg: number;
	readonly brands?: {
		readonly litres: Litres;
		readonly measure: StackMeasure;
		readonly dry: Estimate<KgDry>;
	};
}

/** A finished burn: stacks go, char and brands come, the rest is gas and ash by name. */
export function recordBurn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BurnInput
): Outcome {
	return perform(books, now_ms, 'record-burn', envelope, { ...input }, () => {
		const planned =
			input.burn === undefined
				? null
				: (books.burns.maybeOne(input.burn) ??
					refuse('vessel', 'unknown-burn', { code: input.burn }));
		if (planned?.record) refuse('vessel', 'already-burnt', { code: planned.code });
		refuseOddTime(envelope, input.told?.lit_ms, planned?.plan?.plannedFor_ms);
		if (now_ms - envelope.happenedAt_ms > longAgo_ms && input.oddReason === '')
			refuse('oddReason', 'long-ago');
		const reckoned = reckonBurn(books, input, envelope.happenedAt_ms);
		if (!planned) askIfFailed(books, envelope, reckoned.vessel);
		const others = firesAround(books, reckoned.vessel.id, envelope.happenedAt_ms).filter(
			({ of }) => of !== planned?.code
		);
		// A plan binds nobody: what is really burnt may come before or after it.
		const burnt = others.filter(({ of }) => books.burns.maybeOne(of)?.record);
		const stay = stayOfFire('', envelope.happenedAt_ms);
		refuseBusy(reckoned.vessel, burnt, stay, 'vessel');
		const code = planned?.code ?? books.burns.nextCode();
		return {
			path: `/fires/${code}`,
			write: (stamp) => writeBurn(books, stamp, input, reckoned, planned?.id, code)
		};
	});
}

/** Burnt longer ago than this, a wrong year is likelier than a late entry. */
const longAgo_ms = days(3 * 365);

function reckonBurn(books: Books, input: BurnInput, at_ms: number): ReckonedBurn {
	const vessel =
		books.vessels.maybeOne(input.vessel) ?? refuse('vessel', 'no-vessel', { name: input.vessel });
	if (vessel.usedFor === 'tub') refuse('vessel', 'no-kiln', { name: vessel.name });
	const way: WayId = vessel.usedFor;
	const stacks = input.wood ? undefined : loadStacks(books, input.loads, at_ms);
	const kind = input.wood?.class ?? stacks?.wood ?? refuse('loads', 'no-load');
	const { charLitres, density, char_mg } = charOf(books, input, vessel, kind, stacks?.form);
	if (char_mg <= 0) refuse('char', 'nothing');
	const charKg = inKilograms(char_mg);
	const wood = stacks ?? unstacked(input, kind, way, charKg);
	const brands = input.brands ? brandsOf(input.brands, kind) : undefined;
	const woodKg = wood.takes.reduce((total, { contents }) => total + dryKg(contents), 0);
	const brandsKg = brands ? inKilograms(milligrams(brands.dry.value)) : 0;
	const outcome = judgeBurn({
		way,
		woodKg,
		charKg,
		brandsKg,
		charLitres
	});
	if (outcome.verdict === 'more-out-than-in')
		refuse('char', 'more-out-than-in', {
			wood_kg: woodKg,
			out_kg: charKg + brandsKg
		});
	if (outcome.verdict === 'implausible' && input.oddReason === '')
		refuse('oddReason', 'implausible-yield', { yield: outcome.massYield });
	return { vessel, way, wood, charLitres, density, char_mg, ...(brands ? { brands } : {}) };
}

/** Brands lie about as bundled rods do; weighed, their water is that of wood nobody read. */
function brandsOf(brands: Measure, wood: WoodClassId) {
	const filling = (volume: Litres): StackMeasure => ({
		size: { by: 'measures', litres: volume, typed: 'brands picked out' },
		form: 'rods',
		wood,
		seasoned: true
	});
	if ('litres' in brands) {
		const measure = filling(brands.litres);
		return { litres: brands.litres, measure, dry: dryWood(measure) };
	}
	const dry = dryOfWeight({ by: 'weighed', kg: brands.kg, class: wood });
	const volume = litres(dry.value / dryWood(filling(litres(1))).value);
	return { litres: volume, measure: filling(volume), dry };
}

function writeBurn(
	books: Books,
	stamp: Stamp,
	input: BurnInput,
	r: ReckonedBurn,
	plannedId: number | undefined,
	code: string
): void {
	const burnId = plannedId ?? books.burns.insert({ code, actId: stamp.actId });
	const charCode = books.ledger.nextCode('char');
	const charLotId = books.ledger.insertLot({
		code: charCode,
		kind: 'char',
		name: `${r.vessel.name} ${code}`,
		actId: stamp.actId
	});
	books.char.insert({
		lotId: charLotId,
		actId: stamp.actId,
		burnId,
		state: 'whole',
		wood: r.wood.wood,
		wetness: input.wetness,
		density: r.density
	});
	const brandsLotId = r.brands ? writeBrands(books, stamp, code, r.brands) : null;
	postOrRefuse(books, stamp, linesOf(input, r, charLotId, brandsLotId), 'loads');
	books.burns.insertRecord({
		burnId,
		actId: stamp.actId,
		vesselVersionId: r.vessel.versionId,
		way: r.way,
		quenchedAt_ms: stamp.happenedAt_ms,
		charLotId,
		brandsLotId,
		wood: r.wood.dry,
		fillDepth_m: input.measured.by === 'depth' ? input.measured.depth : null,
		told: input.told ?? {},
		woodFrom: input.wood?.by ?? 'stacks',
		water_l: input.water_l ?? filled(input.told?.fills, r.charLitres) ?? null,
		smoke_min: input.smoke_min ?? null,
		charWeighed_kg: input.charWeighed ?? null,
		sample_kg_per_l: input.sample ? input.sample.kg / input.sample.litres : null,
		oddReason: input.oddReason
	});
}

const filled = (fills: number | undefined, char: Litres) =>
	fills === undefined ? undefined : filledWater(char, fills).value;

/** Wood turns to char; what is left of neither char nor brands went up as gas or fell to ash. */
function linesOf(
	input: BurnInput,
	r: ReckonedBurn,
	charLotId: number,
	brandsLotId: number | null
): NewMovement[] {
	const char = amountOfDry(
		'char',
		microlitres(r.charLitres),
		inKilograms(r.char_mg),
		charWater[input.wetness]
	);
	const brands = r.brands
		? amountOfDry('wood', microlitres(r.brands.litres), r.brands.dry.value)
		: nothing;
	const taken = r.wood.takes.reduce<Amount>(addAmounts, nothing);
	const made = plus(char.contents, brands.contents);
	const lost_kg = (Math.round(dryKg(taken.contents) * 1e6) - Math.round(dryKg(made) * 1e6)) / 1e6;
	return [
		...r.wood.takes.map(({ lotId, ...take }) =>
			moves('out', lotId === undefined ? { account: 'gathered' } : { lotId }, take)
		),
		moves('in', { lotId: charLotId }, char),
		...(brandsLotId === null ? [] : [moves('in', { lotId: brandsLotId }, brands)]),
		moves('in', { account: 'gas-and-ash' }, { ...nothing, contents: contentsOf({ wood: lost_kg }) })
	];
}

function writeBrands(
	books: Books,
	stamp: Stamp,
	burn: string,
	brands: NonNullable<ReckonedBurn['brands']>
): number {
	const lotId = books.ledger.insertLot({
		code: books.ledger.nextCode('stack'),
		kind: 'stack',
		name: `brands of ${burn}`,
		actId: stamp.actId
	});
	books.woodyard.insert(lotId, brands.measure, {
		actId: stamp.actId,
		suspicion: 'none',
		isBrands: true,
		dry: brands.dry
	});
	return lotId;
}
