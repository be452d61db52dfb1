import {
	charShareLimits,
	doseSchools,
	mostRate,
	rateInLitres,
	type RateTerms
} from '$lib/core/beds';
import { groundOfSource } from '$lib/core/evidence';
import type { Reading } from '$lib/core/advice';
import type { System } from '$lib/core/units';
import { charOnBeds } from '$lib/server/questions/advice';
import { evidenceWords } from '$lib/format/evidence-words';
import { sayRange } from '$lib/format/figure';
import type { Books } from '$lib/server/db/books';

/** As many of one's beds as stand on the scale. */
const mostBeds = 3;

export interface ScaleRow {
	readonly name: string;
	readonly low: number;
	readonly high: number;
	readonly says: string;
	readonly is: 'heard' | 'school' | 'own' | 'limit';
}

/** Every way it may be meant beside the schools, the ceiling and own beds; of other stuff than char the ways alone. */
export function scaleOf(
	books: Books,
	readings: readonly Reading[],
	terms: RateTerms,
	{ isChar, system }: { readonly isChar: boolean; readonly system: System | undefined }
): readonly ScaleRow[] {
	const row = (is: ScaleRow['is'], name: string, low: number, high: number): ScaleRow => ({
		...{ is, name, low, high },
		says: sayRange({ value: low, low, high, unit: 'L/m²' }, system)
	});
	const ways = readings.map(({ taken, perM2 }) =>
		row('heard', `as ${taken.join(' to the ')}`, perM2.low, perM2.high)
	);
	if (!isChar) return ways;
	const soil = Number(mostRate(terms.depth));
	const rateOf = (basis: (typeof doseSchools)[number]['basis'], amount: number): number => {
		const read = rateInLitres(basis, amount, terms);
		return read.status === 'rate' ? Number(read.rate) : soil;
	};
	const ceiling = charShareLimits.ceiling * soil;
	return [
		...ways,
		...doseSchools.map(({ name, basis, low, high, source }) =>
			row(
				'school',
				`${name} (${evidenceWords[groundOfSource(source)]})`,
				rateOf(basis, low),
				rateOf(basis, high)
			)
		),
		...charOnBeds(books)
			.slice(0, mostBeds)
			.map(({ name, perM2 }) => row('own', `${name} has had`, perM2, perM2)),
		row('limit', 'the ceiling of this bed', ceiling, ceiling)
	];
}
