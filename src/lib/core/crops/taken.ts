import {
	between,
	kilograms,
	known,
	reckon,
	times,
	grams,
	type Estimate,
	type Grams,
	type Kilograms
} from '../units';
import type { CropRow } from './data/crop-row';
import { takes, takesSource, takesWithin, type TakeClass } from './data/takes';

/** What is taken away of each, in the oxides it is sold and tabled by. */
export type Taken = 'nitrogen' | 'p2o5' | 'k2o';
export const taken: readonly Taken[] = ['nitrogen', 'p2o5', 'k2o'];

/**
 * What so many kilograms of a harvest take from the bed.
 * @param kg of the produce as the class weighs it: fresh leaves, fruit and roots, dry seed and straw
 * @returns grams, good to a third either way
 * @example takenBy('root', kg).nitrogen.value // 30 g of 12 kg of carrots
 */
export const takenBy = (
	of: TakeClass,
	kg: number | Estimate
): Readonly<Record<Taken, Estimate<Grams>>> => ({
	nitrogen: takenOf(of, 'nitrogen', kg),
	p2o5: takenOf(of, 'p2o5', kg),
	k2o: takenOf(of, 'k2o', kg)
});

function takenOf(of: TakeClass, what: Taken, kg: number | Estimate): Estimate<Grams> {
	const rate = takes[of][what];
	return reckon(
		grams,
		times(
			known('harvest', kg, 'kg', 'measured', `of ${takes[of].of}`),
			known(
				`${what} in a kilogram`,
				{ value: rate, low: rate * (1 - takesWithin), high: rate * (1 + takesWithin) },
				'g/kg',
				'default',
				takesSource
			)
		),
		{ unit: 'g', basis: 'taken away' }
	);
}

/** A harvest that was told by the litre of a crate, in kilograms of its class. */
export function harvestWeight(of: TakeClass, litres: number): Estimate<Kilograms> {
	const [low, high] = takes[of].kg_per_l;
	return reckon(
		kilograms,
		times(
			known('harvest', litres, 'L', 'measured', 'as it lay in the crate'),
			known(
				`weight of ${takes[of].of}`,
				between(low, high),
				'kg/L',
				'default',
				'Working range for produce in a crate: weigh one, and it is known'
			)
		),
		{ unit: 'kg', basis: takes[of].of }
	);
}

/** The same of what stands in no table: anything from leaves to roots. */
export const weightOfUnknown = (litres: number): Estimate<Kilograms> =>
	reckon(
		kilograms,
		times(
			known('harvest', litres, 'L', 'measured', 'as it lay in the crate'),
			known(
				'weight of produce',
				between(0.1, 0.7),
				'kg/L',
				'default',
				'From leaves to roots: weigh one, and it is known'
			)
		),
		{ unit: 'kg', basis: 'as harvested' }
	);

/** What a usual season of a crop takes from a square metre, g/m²: nothing where nothing is taken. */
export function seasonTakes(
	row: CropRow | undefined,
	what: Taken
): readonly [low: number, high: number] {
	if (!row?.takes) return [0, 0];
	const { usual, [what]: rate } = takes[row.takes];
	return [usual[0] * rate, usual[1] * rate];
}
