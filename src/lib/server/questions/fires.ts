import {
	forecastBurn,
	tankWater,
	wayOf,
	yieldRange,
	type BurnForecast,
	type BurnOutcome,
	type ProofState
} from '../../core/fires';
import { exactly, product, type Range } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import type { Burn, BurnRecord } from '../db/burns';
import type { Vessel } from '../db/vessels';
import { burnsThatCount, outcomeOf, ownResults, usualDensity } from './own';
import { remembering, rememberingAlways } from './remember';
import { proofOf, standingAt, type Standing } from './standing';

/** What one burn gave, for the mean of all. */
export interface Given {
	readonly code: string;
	readonly litres: number;
	readonly massYield: number;
}

/** Char and yield of the newest finished burns, of whatever way. */
export const given = rememberingAlways((books): readonly Given[] => {
	return books.burnResults.newest(burnsThatCount).map((result) => ({
		code: result.code,
		litres: result.charLitres,
		massYield: outcomeOf(result).massYield
	}));
});

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
		ownDensity: usualDensity(books, wood),
		...(vessel.emptyMass === undefined ? {} : { emptyMass: vessel.emptyMass })
	});
}

/** The stacks a finished fire took, and how much dry wood of each. */
export function woodTaken(books: Books, actId: string) {
	return books.ledger
		.ofAct(actId)
		.flatMap((m) =>
			m.lotId !== undefined && m.volume_ml < 0
				? [{ ...books.ledger.lotById(m.lotId), taken_g: -m.dry_g, taken_ml: -m.volume_ml }]
				: []
		);
}

export interface BurnLine {
	readonly burn: Burn;
	readonly vessel: Vessel;
	readonly proof?: ProofState;
	readonly outcome?: BurnOutcome;
	/** Dry char of dry wood, with its doubt. */
	readonly yield?: Range;
	readonly charCode?: string;
}

/** Burns with their vessel as it was, their proof and outcome. */
export function burnLines(
	books: Books,
	burns: readonly Burn[],
	standing: Standing
): readonly BurnLine[] {
	const versions = books.vessels.versions();
	return burns.map((burn) =>
		lineOf(burn, versions.get(versionOf(burn)), (id) => standing.proofOf(id))
	);
}

const lately_ms = 30 * 86_400_000;

/** Fires that may still want something: planned, hot, or lately quenched or checked. */
export const openFires = remembering((books, now_ms) =>
	burnLines(books, books.burns.open(now_ms - lately_ms), standingAt(books, now_ms))
);

/** Fires newest first, a page of them. */
export const firesListed = remembering((books, now_ms, most: number, skip: number) =>
	burnLines(books, books.burns.latest(most, skip), standingAt(books, now_ms))
);

export function burnLine(books: Books, burn: Burn, now_ms: number): BurnLine {
	const vessel = books.vessels.version(versionOf(burn)) ?? undefined;
	return lineOf(burn, vessel, (id) => proofOf(books, id, now_ms));
}

const versionOf = (burn: Burn) => burn.record?.vesselVersionId ?? burn.plan?.vesselVersionId ?? 0;

function yieldOfRecord({ wood, density, charLitres, brandsKg }: BurnRecord): { yield?: Range } {
	// Where nothing was burnt or nothing came out there is no yield to tell.
	if (wood.value <= brandsKg || charLitres <= 0 || density.low <= 0) return {};
	return { yield: yieldRange(wood, product([exactly(charLitres), density]), brandsKg) };
}

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
		...yieldOfRecord(burn.record),
		charCode: burn.record.charCode
	};
}
