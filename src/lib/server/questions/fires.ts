import {
	forecastBurn,
	judgeBurn,
	tankWater,
	wayOf,
	type BurnForecast,
	type BurnOutcome,
	type ProofState,
	type WayId
} from '../../core/fires';
import type { Range } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import type { Burn, BurnRecord } from '../db/burns';
import type { Vessel } from '../db/vessels';
import { proofOf, standingAt, type Standing } from './standing';

/** The grower's own results with one way: what forecasts lean on. */
export interface OwnResults {
	readonly yields: readonly number[];
	readonly waterPerLitre: readonly number[];
}

export function ownResults(books: Books, way: WayId): OwnResults {
	const records = books.burns
		.all()
		.flatMap((burn) => (burn.record?.way === way ? [burn.record] : []));
	const outcomes = records
		.map(outcomeOf)
		.filter(
			(outcome) => outcome.verdict !== 'implausible' && outcome.verdict !== 'more-out-than-in'
		);
	return {
		yields: outcomes.map((outcome) => outcome.massYield),
		waterPerLitre: outcomes.flatMap((outcome) =>
			outcome.waterPerLitre === undefined ? [] : [outcome.waterPerLitre]
		)
	};
}

export function outcomeOf(record: BurnRecord): BurnOutcome {
	return judgeBurn({
		way: record.way,
		woodKg: record.wood.value,
		charKg: record.charKg,
		brandsKg: record.brandsKg,
		charLitres: record.charLitres,
		...(record.water_l === null ? {} : { waterLitres: record.water_l })
	});
}

/** The forecast of a load in a vessel, leaning on own burns of that way. */
export function forecastFor(
	books: Books,
	vessel: Vessel,
	wood: WoodClassId,
	load: Range
): BurnForecast {
	if (vessel.usedFor === 'tub') throw new RangeError(`forecastFor: ${vessel.name} is a tub`);
	const own = ownResults(books, vessel.usedFor);
	return forecastBurn({
		way: wayOf(vessel.usedFor).id,
		shape: vessel.shape,
		wood,
		load,
		waterTemperature: tankWater,
		ownYields: own.yields,
		ownWater: own.waterPerLitre,
		...(vessel.emptyMass === undefined ? {} : { emptyMass: vessel.emptyMass })
	});
}

export interface BurnLine {
	readonly burn: Burn;
	readonly vessel: Vessel;
	readonly proof?: ProofState;
	readonly outcome?: BurnOutcome;
	readonly charCode?: string;
}

/** Every burn with its vessel as it was, its proof and its outcome. */
export function burnLines(
	books: Books,
	now_ms: number,
	standing: Standing = standingAt(books, now_ms)
): readonly BurnLine[] {
	const versions = books.vessels.versions();
	return books.burns
		.all()
		.map((burn) => lineOf(burn, versions.get(versionOf(burn)), (id) => standing.proofOf(id)));
}

export function burnLine(books: Books, burn: Burn, now_ms: number): BurnLine {
	const vessel = books.vessels.version(versionOf(burn)) ?? undefined;
	return lineOf(burn, vessel, (id) => proofOf(books, id, now_ms));
}

const versionOf = (burn: Burn) => burn.record?.vesselVersionId ?? burn.plan?.vesselVersionId ?? 0;

function lineOf(
	burn: Burn,
	vessel: Vessel | undefined,
	proof: (burnId: number) => ProofState
): BurnLine {
	if (!vessel) throw new NotFound(`vessel version ${versionOf(burn)} of burn ${burn.code}`);
	if (!burn.record) return { burn, vessel };
	return {
		burn,
		vessel,
		proof: proof(burn.id),
		outcome: outcomeOf(burn.record),
		charCode: burn.record.charCode
	};
}
