import { ownDensity } from '../../core/char';
import {
	charDensity,
	crossCheck,
	forecastYield,
	judgeBurn,
	type BurnOutcome,
	type CrossCheck,
	type WayId
} from '../../core/fires';
import type { Estimate, KgDryPerLitre } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { BurnResult } from '../db/burn-results';
import type { Burn } from '../db/burns';
import { rememberingAlways } from './remember';

/** The grower's own results with one way: what forecasts lean on. */
export interface OwnResults {
	readonly yields: readonly number[];
	readonly waterPerLitre: readonly number[];
}

/** Habits and kit change: the newest burns say what the next one gives. */
export const burnsThatCount = 60;

export const ownResults = rememberingAlways((books, way: WayId): OwnResults => {
	const outcomes = books.burnResults
		.newest(burnsThatCount, way)
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
});

export function outcomeOf(record: Omit<BurnResult, 'code'>): BurnOutcome {
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
export function usualDensity(books: Books, wood: WoodClassId): Estimate<KgDryPerLitre> {
	const own = books.char.measured(wood, samplesThatCount);
	return own.length > 0 ? ownDensity(own) : charDensity(wood);
}

/** The three measures of a finished burn against each other; undefined while one is nought. */
export function threeMeasures(books: Books, burn: Burn): CrossCheck | undefined {
	const { record } = burn;
	const char = record && books.char.maybeOne(record.charCode);
	if (!record || !char || record.charLitres <= 0) return undefined;
	const taken = books.ledger
		.ofAct(record.actId)
		.filter((m) => m.lotId !== undefined && m.volume_ml < 0);
	const [woodKg, woodLitres] = [
		taken.reduce((sum, m) => sum - m.dry_g, 0) / 1000,
		taken.reduce((sum, m) => sum - m.volume_ml, 0) / 1000
	];
	const burned = woodKg - record.brandsKg;
	if (burned <= 0) return undefined;
	const isMeasured = char.density.from[0]?.origin === 'measured';
	return crossCheck({
		woodKg: burned,
		woodLitres: (woodLitres * burned) / woodKg,
		charLitres: record.charLitres,
		...(isMeasured ? { density: char.density.value } : {}),
		...(record.charWeighed_kg === null ? {} : { weighedKg: record.charWeighed_kg }),
		expected: {
			massYield: forecastYield(record.way, ownResults(books, record.way).yields),
			density: usualDensity(books, char.wood)
		}
	});
}
