import { inLitres } from '../../core/units';
import { ownDensity } from '../../core/char';
import { dryKg } from '../../core/ledger';
import {
	charDensity,
	crossCheck,
	forecastYield,
	judgeBurn,
	mostOf,
	poolYields,
	yieldRange,
	type BurnOutcome,
	type CrossCheck,
	type OwnYield,
	type WayId
} from '../../core/fires';
import type { Estimate, KgDryPerLitre } from '../../core/units';
import type { StackFormId, WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { BurnResult } from '../db/burn-results';
import type { Burn, BurnRecord } from '../db/burns';
import type { CharLot } from '../db/char';
import type { Movement } from '../db/movements';
import { rememberingAlways, rememberingEach, rememberingEachAlways } from './remember';

/** The grower's own results with one way: what forecasts lean on. */
export interface OwnResults {
	/** Of the wood truly burnt. */
	readonly yields: readonly OwnYield[];
	/** Of all that was loaded, brands too: the same burns in the same order. */
	readonly yieldsOfLoads: readonly OwnYield[];
	readonly waterPerLitre: readonly number[];
}

/** Habits and kit change: the newest burns say what the next one gives. */
export const burnsThatCount = 40;

/** What the newest burns of a way, or of all ways, gave; the newest first. */
export const newestResults = rememberingEachAlways(
	(books, way: WayId | null): readonly BurnResult[] =>
		books.burnResults.newest(burnsThatCount, way),
	String,
	['burn_record', 'density_reading', 'finding']
);

export const ownResults = rememberingAlways((books, way: WayId) => resultsOf(books, way));

/** @param but a burn that is judged by the others, and is none of them */
function resultsOf(books: Books, way: WayId, but?: string): OwnResults {
	const alike = new Map<string, BurnResult['density']>();
	/** One and the same where it is alike: it is sent once. */
	const densityOf = ({ density }: BurnResult) => {
		const key = `${density.low} ${density.value} ${density.high}`;
		const known = alike.get(key) ?? density;
		alike.set(key, known);
		return known;
	};
	const results = newestResults(books, way)
		.filter(({ code }) => code !== but)
		.map((result) => ({ ...result, density: densityOf(result) }))
		.map((result) => ({ result, outcome: outcomeOf(result) }))
		.filter(
			({ outcome }) => outcome.verdict !== 'implausible' && outcome.verdict !== 'more-out-than-in'
		);
	return {
		yields: results.map(({ result }) => yieldBy(result, result.brandsKg)),
		yieldsOfLoads: results.map(({ result }) => yieldBy(result, 0)),
		waterPerLitre: results.flatMap(({ outcome }) =>
			outcome.waterPerLitre === undefined ? [] : [sent(outcome.waterPerLitre)]
		)
	};
}

/** Char out of wood, with the doubt of the wood's measure and of the char's density. */
function yieldBy({ wood, charKg, density }: BurnResult, brandsKg: number): OwnYield {
	const of = (end: number) => (density.value > 0 ? (charKg * end) / density.value : charKg);
	const char = { value: charKg, low: of(density.low), high: of(density.high) };
	const { value, low, high } = yieldRange(wood, char, brandsKg);
	return { value, low, high, density };
}

/** Plan pages are sent all of them: to far more places than any balance has, and no more. */
const sent = (value: number): number => Number(value.toPrecision(6));

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
export const usualDensity = (
	books: Books,
	wood: WoodClassId,
	form?: StackFormId,
	but?: number
): Estimate<KgDryPerLitre> => ownDensityOf(books, wood, but) ?? charDensity(wood, form);

/** The newest measured of a class of wood, and one more: a lot is judged by others than itself. */
const samplesOf = rememberingEachAlways(
	(books, wood: WoodClassId) => books.char.measured(wood, samplesThatCount + 1),
	String,
	['char_lot', 'density_reading']
);

/**
 * The grower's own density of whole char of a class of wood, where any was measured.
 * @param but a lot that is judged by the others, and is none of them
 */
export function ownDensityOf(
	books: Books,
	wood: WoodClassId,
	but?: number
): Estimate<KgDryPerLitre> | undefined {
	const own = samplesOf(books, wood)
		.filter(({ lotId }) => lotId !== but)
		.slice(0, samplesThatCount)
		.map(({ density }) => density);
	return own.length > 0 ? ownDensity(own, charDensity(wood)) : undefined;
}

const measuresKept = rememberingEach(crossChecked, ({ id }: Burn) => id);

/** The three measures of a finished burn against each other; undefined while one is nought. */
export const threeMeasures = (books: Books, burn: Burn): CrossCheck | undefined =>
	measuresKept(books, burn, 0);

function crossChecked(books: Books, burn: Burn): CrossCheck | undefined {
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
		...(record.charKg > 0 ? { bookedKg: record.charKg } : {}),
		expected: {
			massYield: forecastYield(
				record.way,
				poolYields(resultsOf(books, record.way, burn.code).yields),
				'burnt'
			),
			density: usualDensity(books, char.wood, formOf(books, taken), char.lotId)
		}
	});
}

/** How most of the wood was stacked. */
const formOf = (books: Books, taken: readonly Movement[]): StackFormId | undefined =>
	mostOf(
		taken.flatMap(({ lotId, contents }) => {
			const stack = books.woodyard.maybeOne(books.ledger.lotById(lotId ?? 0).code);
			return stack ? [{ kind: stack.measure.form, dry_g: dryKg(contents) * 1000 }] : [];
		})
	);

/** A density weighed apart: measured again since, or a sample of the day; not what all of it comes to. */
function sampleOf(record: BurnRecord, char: CharLot): number | undefined {
	return char.isReMeasured ? char.density.value : (record.sample_kg_per_l ?? undefined);
}
