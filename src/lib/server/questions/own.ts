import { ownDensity } from '../../core/char';
import { charDensity, crossCheck, forecastYield, type CrossCheck } from '../../core/fires';
import type { Estimate, KgDryPerLitre } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Burn } from '../db/burns';
import { ownResults } from './fires';

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
