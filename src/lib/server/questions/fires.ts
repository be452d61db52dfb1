import { vesselVersions } from './in-stock';
import {
	poolYields,
	tankWater,
	wayOf,
	yieldRange,
	type BurnGrounds,
	type BurnOutcome,
	type ProofState,
	type WayId
} from '../../core/fires';
import { dryKg } from '../../core/ledger';
import { exactly, product, type Range } from '../../core/units';
import { woodClasses } from '../../core/woodyard';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import type { Burn, BurnRecord } from '../db/burns';
import type { Vessel } from '../db/vessels';
import { newestResults, outcomeOf, ownDensityOf, ownResults } from './own';
import { keepingOfThings, remembering, rememberingAlways, rememberingEachAlways } from './remember';
import { proofOf, standingAt, type Standing } from './standing';
import { days } from '../../core/time';

/** What one burn gave, for the mean of all. */
export interface Given {
	readonly code: string;
	readonly way: WayId;
	readonly litres: number;
	readonly massYield: number;
}

/** Char and yield of the newest finished burns, of whatever way. */
export const given = rememberingAlways((books): readonly Given[] => {
	return newestResults(books, null).map((result) => ({
		code: result.code,
		way: result.way,
		litres: result.charLitres,
		massYield: outcomeOf(result).massYield
	}));
});

/** What forecasts in a vessel rest on; the plan page works with the same, so that page and act can't differ. */
export function groundsOf(books: Books, vessel: Vessel): BurnGrounds {
	if (vessel.usedFor === 'tub') throw new RangeError(`groundsOf: ${vessel.name} is a tub`);
	return {
		...groundsOfWay(books, vessel.usedFor),
		shape: vessel.shape,
		...(vessel.emptyMass === undefined ? {} : { emptyMass: vessel.emptyMass })
	};
}

/** The same of any vessel that burns that way. */
export function groundsOfWay(books: Books, way: WayId): Omit<BurnGrounds, 'shape' | 'emptyMass'> {
	const own = ownResults(books, way);
	return {
		way: wayOf(way).id,
		waterTemperature: tankWater,
		ownYields: poolYields(own.yieldsOfLoads),
		ownWater: own.waterPerLitre,
		ownDensities: ownDensities(books)
	};
}

const densitiesKept = rememberingEachAlways(
	(books, _all: string): BurnGrounds['ownDensities'] =>
		Object.fromEntries(
			woodClasses.flatMap(({ id }) => {
				const own = ownDensityOf(books, id);
				return own ? [[id, own]] : [];
			})
		),
	String,
	['char_lot', 'density_reading']
);
const ownDensities = (books: Books) => densitiesKept(books, 'all');

/** The stacks a finished fire took, and how much dry wood of each. */
export function woodTaken(books: Books, actId: string) {
	return books.ledger.ofAct(actId).flatMap((m) =>
		m.lotId !== undefined && m.direction === 'out'
			? [
					{
						...books.ledger.lotById(m.lotId),
						taken_g: dryKg(m.contents) * 1000,
						taken_ul: m.volume_ul
					}
				]
			: []
	);
}

/** What a burn's page tells of it, whatever the clock says. */
export const toldOfBurn = rememberingAlways((books, id: number) => {
	const record = books.burns.byId(id)?.record;
	return {
		char: record ? books.char.maybeOne(record.charCode) : null,
		brands: record?.brandsLotId == null ? null : books.ledger.lotById(record.brandsLotId),
		sources: record ? woodTaken(books, record.actId) : [],
		checks: books.checks.of(id),
		remarks: books.findings.remarks(id),
		temperatures: books.findings.temperatures(id)
	};
});

export interface BurnLine {
	readonly burn: Burn;
	readonly vessel: Vessel;
	readonly proof?: ProofState;
	/** Its char is still raw, or in a heap: none of it, once all is used up or under liquid. */
	readonly isAbout: boolean;
	readonly outcome?: BurnOutcome;
	/** Dry char of dry wood, with its doubt. */
	readonly yield?: Range;
	readonly charCode?: string;
}

/** What Today says of a fire: a page is sent no more than it shows. */
export const burnRow = ({ burn, vessel, proof }: BurnLine) => {
	const { code, record, plan } = burn;
	return {
		burn: {
			code,
			...(record
				? { record: { charLitres: record.charLitres, quenchedAt_ms: record.quenchedAt_ms } }
				: {}),
			...(plan ? { plan: { plannedFor_ms: plan.plannedFor_ms } } : {})
		},
		vessel: { name: vessel.name, shape: vessel.shape },
		...(proof ? { proof } : {})
	};
};

/** Burns with their vessel as it was, their proof and outcome. */
export function burnLines(
	books: Books,
	ids: readonly number[],
	standing: Standing
): readonly BurnLine[] {
	const versions = vesselVersions(books);
	standing.about(ids.map((burnId) => ({ burnId })));
	const about = burnsAbout(books);
	return toldBurns(books, ids).map((told) =>
		lineOf(told, versions.get(versionOf(told.burn)), about, (id) => standing.proofOf(id))
	);
}

/** A burn with what follows from its measures alone. */
interface ToldBurn {
	readonly burn: Burn;
	readonly outcome?: BurnOutcome;
	readonly yield?: Range;
}

const toldOf = (burn: Burn): ToldBurn =>
	burn.record ? { burn, outcome: outcomeOf(burn.record), ...yieldOfRecord(burn.record) } : { burn };

/** Burns by their ids: each is read again once an act was about it or its char. */
const toldBurns = keepingOfThings(
	(books, ids) => new Map(books.burns.some(ids).map((burn) => [burn.id, toldOf(burn)] as const)),
	(books, changed) => books.burns.thatGave(changed)
);

/** Burns whose char lies where it could still burn: raw, or mixed into a heap. */
const burnsAbout = rememberingAlways(
	(books): ReadonlySet<number> => new Set(books.char.burnsAbout())
);

/** Not proven out, and there is something that could burn. */
export const isHot = ({ proof, isAbout }: BurnLine): boolean =>
	isAbout && proof?.stage === 'unproven';

const lately_ms = days(30);

/** Fires that may still want something: planned, hot, or lately quenched or checked. */
export const openFires = remembering((books, now_ms) =>
	burnLines(books, books.burns.openIds(now_ms - lately_ms), standingAt(books, now_ms)).toSorted(
		(a, b) => momentOf(b) - momentOf(a)
	)
);

/** When a fire was quenched, or is planned for. */
export const momentOf = ({ burn }: BurnLine): number =>
	burn.record?.quenchedAt_ms ??
	burn.lit?.quenched?.at_ms ??
	burn.lit?.litAt_ms ??
	burn.plan?.plannedFor_ms ??
	0;

/** Lit, and neither put out nor given up. */
export const isBurning = ({ burn: { record, lit } }: Pick<BurnLine, 'burn'>): boolean =>
	!record && lit !== undefined && !lit.quenched && lit.gaveUp_ms === undefined;

/** Fires newest first, a page of them. */
export const firesListed = remembering((books, now_ms, most: number, skip: number) =>
	burnLines(books, books.burns.latestIds(most, skip), standingAt(books, now_ms))
);

export function burnLine(books: Books, burn: Burn, now_ms: number): BurnLine {
	const vessel = vesselVersions(books).get(versionOf(burn)) ?? undefined;
	return lineOf(toldOf(burn), vessel, burnsAbout(books), (id) => proofOf(books, id, now_ms));
}

/** The vessel as it was: where it burnt, where it was lit, else where it is to. */
export const versionOf = ({ record, lit, plan }: Burn): number =>
	record?.vesselVersionId ?? lit?.vesselVersionId ?? plan?.vesselVersionId ?? 0;

function yieldOfRecord({ wood, density, charLitres, brandsKg }: BurnRecord): { yield?: Range } {
	// Where nothing was burnt or nothing came out there is no yield to tell.
	if (wood.value <= brandsKg || charLitres <= 0 || density.low <= 0) return {};
	return { yield: yieldRange(wood, product([exactly(charLitres), density]), brandsKg) };
}

function lineOf(
	{ burn, ...told }: ToldBurn,
	vessel: Vessel | undefined,
	about: ReadonlySet<number>,
	proof: (burnId: number) => ProofState
): BurnLine {
	if (!vessel) throw new NotFound(`vessel version ${versionOf(burn)} of burn ${burn.code}`);
	// Put out, and its char not measured yet: it lies there.
	if (!burn.record && burn.lit?.quenched)
		return { burn, vessel, isAbout: true, proof: proof(burn.id) };
	if (!burn.record) return { burn, vessel, isAbout: false };
	return {
		burn,
		vessel,
		proof: proof(burn.id),
		isAbout: about.has(burn.id),
		...told,
		charCode: burn.record.charCode
	};
}

/** Minutes that the newest burns of a way took, until another is recorded. */
export const minutesOfWay = rememberingEachAlways(
	(books, way: string) => books.burns.minutes(way),
	String,
	['burn_record']
);
