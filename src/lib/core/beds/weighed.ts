import {
	atMost,
	known,
	over,
	reckon,
	share,
	times,
	type Estimate,
	type Leaf,
	type Metres
} from '../units';
import { densityRange, weightAsVolume } from './compare';
import { charShareLimits } from './room';

/** Dry char on a square metre that the comparison sets side by side, kg. */
export const comparedKg = 2;

export type SortId = 'light' | 'own' | 'dense';

export interface WeighedSort {
	readonly id: SortId;
	readonly name: string;
	readonly density: number;
	/** L/m² */
	readonly rate: number;
	/** Of the soil, with what it was worked out from. */
	readonly share: Estimate;
}

const published = 'Loose dry char, 0.07 kg/L of light canes to 0.42 of crushed hardwood';

/** The same weight of three chars as litres and share of the soil. */
export function weighedSorts(code: string, own: number, depth: Metres): readonly WeighedSort[] {
	const sorts = [
		{ id: 'light' as const, name: 'Char of canes, light', density: densityRange.low },
		{ id: 'own' as const, name: `${code}, as measured`, density: own },
		{ id: 'dense' as const, name: 'Dense hardwood, crushed', density: densityRange.high }
	];
	const densities = sorts.map(({ density }) => density);
	return weightAsVolume(comparedKg, densities, depth).flatMap((row, i) => {
		const sort = sorts[i];
		if (!sort) return [];
		const [origin, source] =
			sort.id === 'own'
				? (['computed', `dry mass ÷ volume of char in ${code}`] as const)
				: (['default', published] as const);
		const density = known('density, dry', sort.density, 'kg/L', origin, source);
		return [{ ...sort, rate: row.rate, share: shareOf(density, depth) }];
	});
}

const deep = (depth: Metres): Leaf =>
	known('soil, by volume', depth * 1000, 'L/m²', 'measured', 'working depth of this bed');

const shareOf = (density: Leaf, depth: Metres) =>
	reckon(
		share,
		atMost(
			1,
			over(
				known('weight', comparedKg, 'kg/m²', 'typed', 'taken as an example'),
				density,
				deep(depth)
			)
		),
		{
			unit: 'share',
			basis: 'char of the soil in the working depth, by volume'
		}
	);

/** Dry char that would bring a bare bed to the target, by weight. */
export const fullByWeight = (code: string, own: number, depth: Metres): Estimate =>
	reckon<number>(
		(v) => v,
		times(
			known('target', charShareLimits.target, 'share', 'default', charShareLimits.source),
			deep(depth),
			known('density, dry', own, 'kg/L', 'computed', `dry mass ÷ volume of char in ${code}`)
		),
		{ unit: 'kg/m²', basis: 'dry char on a bed that has none' }
	);
