import { charFromLitres } from '../char';
import {
	added,
	atLeast,
	earlier,
	kgDry,
	known,
	less,
	litres,
	over,
	reckon,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Share,
	inLitres
} from '../units';
import { overallYield, yieldOf, type BurnOutcome } from './outcome';

interface Recorded {
	readonly wood: Estimate<KgDry>;
	readonly charLitres: number;
	readonly brandsKg: number;
	readonly fillDepth_m: number | null;
	readonly water_l: number | null;
	readonly told?: { readonly outer_kg?: number };
}

interface Source {
	readonly code: string;
	readonly name: string;
	readonly taken_ul: number;
}

export interface BurnFigures {
	readonly wood: Estimate<KgDry>;
	readonly volume: Estimate<Litres>;
	readonly char: Estimate<KgDry>;
	readonly massYield: Estimate<Share>;
	/** With the fuel outside counted in, where there was any. */
	readonly overall?: Estimate<Share>;
	readonly loss: Estimate<KgDry>;
	readonly density: Estimate<KgDryPerLitre>;
	readonly water?: Estimate;
}

/** The figures of a finished burn, each with what it was worked out from; the wood as it was known then. */
export function burnFigures(
	record: Recorded,
	density: Estimate<KgDryPerLitre>,
	outcome: BurnOutcome
): BurnFigures {
	const { wood } = record;
	const volume = volumeOf(record);
	const char = charFromLitres(volume.value, density);
	return {
		wood,
		volume,
		char,
		density,
		massYield: yieldOf(wood, char, record.brandsKg),
		...(record.told?.outer_kg === undefined
			? {}
			: { overall: overallYield(wood, char, record.told.outer_kg) }),
		loss: lossOf(wood, char, record.brandsKg),
		...(record.water_l === null || outcome.waterPerLitre === undefined
			? {}
			: { water: waterOf(record.water_l, volume) })
	};
}

const volumeOf = ({ charLitres, fillDepth_m }: Recorded): Estimate<Litres> =>
	reckon(
		litres,
		known(
			'char',
			charLitres,
			'L',
			'measured',
			fillDepth_m === null
				? 'filled into tubs'
				: 'volume of the vessel up to the depth dipped with a stick'
		),
		{ unit: 'L', basis: 'whole, loose' }
	);

const lossOf = (wood: Estimate<KgDry>, char: Estimate<KgDry>, brandsKg: number): Estimate<KgDry> =>
	reckon(
		kgDry,
		atLeast(
			0,
			less(
				earlier('wood', wood, 'measured'),
				earlier('char', char),
				known('brands', brandsKg, 'kg', 'measured', 'taken out, they return to the yard')
			)
		),
		{
			unit: 'kg',
			basis: 'dry matter gone as gas and ash: it closes the balance',
			within: [0, Infinity]
		}
	);

/** Share of the wood's dry matter that went up. */
export const lossShareOf = (wood: Estimate<KgDry>, loss: Estimate<KgDry>): Estimate =>
	reckon<number>(
		(v) => v,
		wood.value > 0
			? over(earlier('gas and ash', loss), earlier('wood', wood, 'measured'))
			: known('gas and ash', 0, 'share', 'computed', 'no wood was loaded'),
		{
			unit: 'share',
			basis: 'dry matter gone as gas and ash, of the wood loaded',
			within: [0, 1]
		}
	);

const waterOf = (used_l: number, volume: Estimate<Litres>): Estimate =>
	reckon<number>(
		(value) => value,
		over(
			known('water used', used_l, 'L', 'typed', 'as noted'),
			earlier('char', volume, 'measured')
		),
		{ unit: 'L/L', basis: 'quench water per litre of whole char' }
	);

interface Planned {
	readonly figures: {
		readonly told: { readonly char: Estimate<Litres>; readonly water: Estimate<Litres> };
	};
}

/** What a plan forecast when it was set down, told by what was known then. */
export const plannedFigures = ({ figures }: Planned): Planned['figures']['told'] => figures.told;

/**
 * Litres of char to litres of wood as it was stacked: what two tapes and a stick say.
 * @throws RangeError where the wood came from no stack
 */
export function volumeYieldOf(volume: Estimate<Litres>, sources: readonly Source[]): Estimate {
	if (sources.length === 0) throw new RangeError('volumeYieldOf: no stack was loaded');
	const stacked = sources.map(({ code, name, taken_ul }) =>
		known(
			`${code} ${name}`,
			inLitres(taken_ul),
			'L',
			'measured',
			'taken from the stack, with its air'
		)
	);
	return reckon<number>((v) => v, over(earlier('char', volume, 'measured'), added(...stacked)), {
		unit: 'share',
		basis: 'volume of char, loose, of the volume of wood as stacked'
	});
}
