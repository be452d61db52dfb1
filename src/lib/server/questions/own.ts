import { inLitres } from '../../core/units';
import { ownDensity } from '../../core/char';
import { dryKg } from '../../core/ledger';
import {
	charDensity,
	crossCheck,
	forecastYield,
	judgeBurn,
	yieldRange,
	type BurnOutcome,
	type CrossCheck,
	type OwnYield,
	type WayId
} from '../../core/fires';
import type { Estimate, KgDryPerLitre } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { BurnResult } from '../db/burn-results';
import type { Burn, BurnRecord } from '../db/burns';
import type { CharLot } from '../db/char';
import { rememberingAlways } from './remember';

/** The grower's own results with one way: what forecasts lean on. */
export interface OwnResults {
	/** Of the wood truly burnt. */
	readonly yields: readonly OwnYield[];
	/** Of all that was loaded, brands too: the same burns in the same order. */
	readonly yieldsOfLoads: readonly OwnYield[];
	readonly waterPerLitre: readonly number[];
}

/** Habits and kit change: the newest burns say what the next one gives. */
export const burnsThatCount = 60;

export const ownResults = rememberingAlways((books, way: WayId): OwnResults => {
	const results = books.burnResults
		.newest(burnsThatCount, way)
		.map((result) => ({ result, outcome: outcomeOf(result) }))
		.filter(
			({ outcome }) => outcome.verdict !== 'implausible' && outcome.verdict !== 'more-out-than-in'
		);
	return {
		yields: results.map(({ result }) => yieldBy(result, result.brandsKg)),
		yieldsOfLoads: results.map(({ result }) => yieldBy(result, 0)),
		waterPerLitre: results.flatMap(({ outcome }) =>
			outcome.waterPerLitre === undefined ? [] : [outcome.waterPerLitre]
		)
	};
});

/** Char out of wood, with the doubt of the wood's measure and of the char's density. */
function yieldBy({ wood, charKg, density }: BurnResult, brandsKg: number): OwnYield {
	const of = (end: number) => (density.value > 0 ? (charKg * end) / density.value : charKg);
	return yieldRange(
		wood,
		{ value: charKg, low: of(density.low), high: of(density.high) },
		brandsKg
	);
}

export function outcomeOf(record: Omit<BurnResult, 'code' | 'density'>): BurnOutcome {
	return judgeBurn({
		way: record.way,
		woodKg: record.wood.value,
		charKg: record.charKg,
		brandsKg: record.brandsKg,
		charLitres: record.charLitres,
		...(record.water_l === null ? {} : { waterLitres: record.water_l })
	});
}

/** Own samples that a density leans on: the newest say what the next fire gives. */
const samplesThatCount = 12;

/** Density of whole char of a class of wood: the grower's own where any was measured, else the published range. */
export const usualDensity = (books: Books, wood: WoodClassId): Estimate<KgDryPerLitre> =>
	ownDensityOf(books, wood) ?? charDensity(wood);

/** The grower's own density of whole char of a class of wood, where any was measured. */
export function ownDensityOf(books: Books, wood: WoodClassId): Estimate<KgDryPerLitre> | undefined {
	const own = books.char.measured(wood, samplesThatCount);
	return own.length > 0 ? ownDensity(own) : undefined;
}

/** The three measures of a finished burn against each other; undefined while one is nought. */
export function threeMeasures(books: Books, burn: Burn): CrossCheck | undefined {
	const { record } = burn;
	const char = record && books.char.maybeOne(record.charCode);
	if (!record || !char || record.charLitres <= 0) return undefined;
	const taken = books.ledger
		.ofAct(record.actId)
		.filter((m) => m.lotId !== undefined && m.direction === 'out');
	const [taken_kg, woodLitres] = [
		taken.reduce((sum, m) => sum + dryKg(m.contents), 0),
		inLitres(taken.reduce((sum, m) => sum + m.volume_ul, 0))
	];
	const { brandsKg } = record;
	if (record.wood.low <= brandsKg || woodLitres <= 0) return undefined;
	const { value, low, high } = record.wood;
	const density = sampleOf(record, char);
	return crossCheck({
		wood: { value: value - brandsKg, low: low - brandsKg, high: high - brandsKg },
		woodLitres: (woodLitres * (taken_kg - brandsKg)) / taken_kg,
		charLitres: record.charLitres,
		...(density === undefined ? {} : { density }),
		...(record.charWeighed_kg === null ? {} : { weighedKg: record.charWeighed_kg }),
		expected: {
			massYield: forecastYield(record.way, ownResults(books, record.way).yields, 'burnt'),
			density: usualDensity(books, char.wood)
		}
	});
}

/** A density weighed apart: measured again since, or a sample of the day; not what all of it comes to. */
function sampleOf(record: BurnRecord, char: CharLot): number | undefined {
	return char.isReMeasured ? char.density.value : (record.sample_kg_per_l ?? undefined);
}
