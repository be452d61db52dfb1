import type { BurnInput } from '../../input/burns';
import { dryKg } from '../../core/ledger';
import { judge } from '../../core/cautions';
import { filledWater, judgeBurn, lightingRules, type Lighting, type WayId } from '../../core/fires';
import { inKilograms, milligrams, type Litres } from '../../core/units';
import { courseOf, recordOf } from '../../core/tending';
import { days } from '../../core/time';
import { clash, stayOfFire } from '../../core/vessels';
import type { Books } from '../db/books';
import type { Burn } from '../db/burns';
import type { Stamp } from '../db/ledger';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { tapsOf } from '../questions/tending';
import { firesAround } from '../questions/vessels';
import { failedBy } from '../questions/found';
import { brandsOf, linesOf, writeBrands, type ReckonedBurn } from './burn-lines';
import { charOf } from './measure-char';
import { loadStacks, unstacked } from './load-stacks';

/** No fire waits longer for its char. */
const most_ms = days(365);

/** A fire is quenched after it is lit, and within its year. */
function refuseOddTime(
	quenched_ms: number,
	lit_ms: number | undefined,
	planned_ms: number | undefined
): void {
	if (lit_ms !== undefined && lit_ms >= quenched_ms) refuse('litAt', 'lit-after-quench');
	const since_ms = quenched_ms - (lit_ms ?? planned_ms ?? quenched_ms);
	if (since_ms > most_ms) refuse(lit_ms === undefined ? 'happenedAt' : 'litAt', 'lit-too-long');
}

/** A finished burn: stacks go, char and brands come, the rest is gas and ash by name. */
export function recordBurn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	typed: BurnInput
): Outcome {
	return perform(books, now_ms, 'record-burn', envelope, { ...typed }, () => {
		const planned =
			typed.burn === undefined
				? null
				: (books.burns.maybeOne(typed.burn) ??
					refuse('vessel', 'unknown-burn', { code: typed.burn }));
		if (planned?.record) refuse('vessel', 'already-burnt', { code: planned.code });
		const at_ms = quenchOf(envelope, planned);
		const input = planned?.lit ? withTaps(books, planned, typed, at_ms) : typed;
		const lit_ms = input.told?.lit_ms;
		refuseOddTime(at_ms, lit_ms, planned?.plan?.plannedFor_ms);
		const reckoned = reckonBurn(books, input, envelope.happenedAt_ms);
		const { vessel } = reckoned;
		// A plan binds nobody: what is really burnt may come before or after it.
		const burnt = firesAround(books, vessel.id, at_ms).filter(
			({ of }) => of !== planned?.code && books.burns.maybeOne(of)?.record
		);
		const lighting: Lighting = {
			vessel: vessel.name,
			failed: planned ? undefined : failedBy(books, vessel.id, at_ms),
			busy: clash(burnt, stayOfFire('', at_ms))?.of,
			burnt_ms: lit_ms === undefined ? undefined : at_ms - lit_ms,
			late_ms: now_ms - at_ms,
			oddYield: reckoned.oddYield
		};
		const code = planned?.code ?? books.burns.nextCode();
		return {
			path: `/fires/${code}`,
			gates: [
				...reckoned.wood.gates,
				...(planned?.lit?.quenched ? [planned.lit.quenched.actId] : [])
			],
			cautions: judge(lightingRules, lighting),
			fieldOf: () => 'vessel',
			write: (stamp) =>
				writeBurn(books, stamp, input, reckoned, {
					plannedId: planned?.id,
					code,
					quenchedAt_ms: at_ms,
					reason: envelope.reason ?? ''
				})
		};
	});
}

/** A fire that was tended is quenched when that was tapped, unless the record says otherwise; measured it may be later. */
function quenchOf({ happenedAt_ms, typed }: Envelope, burn: Burn | null): number {
	const isSaid = Boolean(typed?.happenedAt?.trim());
	return isSaid ? happenedAt_ms : (burn?.lit?.quenched?.at_ms ?? happenedAt_ms);
}

/** What was not typed and was tapped at the fire. */
function withTaps(books: Books, burn: Burn, typed: BurnInput, end_ms: number): BurnInput {
	const course = courseOf(tapsOf(books, burn.id), burn.lit?.litAt_ms);
	const { told, smoke_min, water_l } = recordOf(course, books.burns.hoseRate(), end_ms);
	return {
		...typed,
		smoke_min: typed.smoke_min ?? smoke_min,
		water_l: typed.water_l ?? (typed.told?.fills === undefined ? water_l : undefined),
		told: { ...told, ...typed.told }
	};
}

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
	const oddYield = outcome.verdict === 'implausible' ? outcome.massYield : undefined;
	return {
		vessel,
		way,
		wood,
		charLitres,
		density,
		char_mg,
		oddYield,
		...(brands ? { brands } : {})
	};
}

function writeBurn(
	books: Books,
	stamp: Stamp,
	input: BurnInput,
	r: ReckonedBurn,
	{
		plannedId,
		code,
		quenchedAt_ms,
		reason
	}: {
		readonly plannedId: number | undefined;
		readonly code: string;
		readonly quenchedAt_ms: number;
		readonly reason: string;
	}
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
		quenchedAt_ms,
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
		oddReason: reason
	});
}

const filled = (fills: number | undefined, char: Litres) =>
	fills === undefined ? undefined : filledWater(char, fills).value;
