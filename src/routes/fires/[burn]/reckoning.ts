import { charFromLitres } from '$lib/core/char';
import { yieldOf, type BurnOutcome } from '$lib/core/fires';
import {
	asInput,
	estimate,
	exactly,
	kgDry,
	litres,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Range,
	type Share
} from '$lib/core/units';

interface Recorded {
	readonly wood: Range;
	readonly charLitres: number;
	readonly brandsKg: number;
	readonly fillDepth_m: number | null;
	readonly water_l: number | null;
}

interface Source {
	readonly code: string;
	readonly name: string;
	readonly taken_g: number;
}

export interface ReckonedBurn {
	readonly wood: Estimate<KgDry>;
	readonly volume: Estimate<Litres>;
	readonly char: Estimate<KgDry>;
	readonly massYield: Estimate<Share>;
	readonly loss: Estimate<KgDry>;
	readonly density: Estimate<KgDryPerLitre>;
	readonly water?: Estimate;
}

/** The figures of a finished burn, each with what it was worked out from. */
export function reckonBurn(
	record: Recorded,
	density: Estimate<KgDryPerLitre>,
	sources: readonly Source[],
	outcome: BurnOutcome
): ReckonedBurn {
	const wood = woodOf(record, sources);
	const volume = volumeOf(record);
	const char = charFromLitres(volume.value, density);
	return {
		wood,
		volume,
		char,
		density,
		massYield: yieldOf(wood, char, record.brandsKg),
		loss: lossOf(outcome, wood, char, record.brandsKg),
		...(record.water_l === null || outcome.waterPerLitre === undefined
			? {}
			: { water: waterOf(outcome.waterPerLitre, record.water_l, volume) })
	};
}

function woodOf(record: Recorded, sources: readonly Source[]): Estimate<KgDry> {
	return estimate(kgDry, record.wood, {
		unit: 'kg',
		basis: 'oven-dry wood loaded',
		formula: 'sum of the stacks taken',
		from: sources.map(({ code, name, taken_g }) => ({
			name: `${code} ${name}`,
			value: taken_g / 1000,
			unit: 'kg' as const,
			origin: 'measured' as const,
			source: 'stack measure, pro rata'
		}))
	});
}

function volumeOf({ charLitres, fillDepth_m }: Recorded): Estimate<Litres> {
	const dipped = fillDepth_m !== null;
	return estimate(litres, exactly(charLitres), {
		unit: 'L',
		basis: 'whole, loose',
		formula: dipped ? 'volume of the vessel at that depth' : 'measured in litres',
		from: [
			dipped
				? {
						name: 'depth',
						value: fillDepth_m,
						unit: 'm',
						origin: 'measured',
						source: 'dipped with a stick'
					}
				: {
						name: 'char',
						value: charLitres,
						unit: 'L',
						origin: 'measured',
						source: 'filled into tubs'
					}
		]
	});
}

function lossOf(
	{ lossKg }: BurnOutcome,
	wood: Estimate<KgDry>,
	char: Estimate<KgDry>,
	brandsKg: number
): Estimate<KgDry> {
	return estimate(kgDry, exactly(Math.max(0, lossKg)), {
		unit: 'kg',
		basis: 'dry matter gone as gas and ash',
		formula: 'wood − char − brands: it closes the balance',
		from: [
			asInput('wood', wood, 'measured'),
			asInput('char', char),
			{
				name: 'brands',
				value: brandsKg,
				unit: 'kg',
				origin: 'measured',
				source: 'taken out, they return to the yard'
			}
		]
	});
}

/** Share of the wood's dry matter that went up. */
export function lossShareOf(wood: Estimate<KgDry>, loss: Estimate<KgDry>): Estimate {
	return estimate<number>((v) => v, exactly(wood.value > 0 ? loss.value / wood.value : 0), {
		unit: 'share',
		basis: 'dry matter gone as gas and ash, of the wood loaded',
		formula: 'gas and ash ÷ wood',
		from: [asInput('gas and ash', loss), asInput('wood', wood, 'measured')]
	});
}

function waterOf(perLitre: number, used_l: number, volume: Estimate<Litres>): Estimate {
	return estimate((value) => value, exactly(perLitre), {
		unit: 'L/L',
		basis: 'quench water per litre of whole char',
		formula: 'water used ÷ char',
		from: [
			{ name: 'water used', value: used_l, unit: 'L', origin: 'typed', source: 'as noted' },
			asInput('char', volume, 'measured')
		]
	});
}

interface Planned {
	readonly loads: readonly { readonly code: string; readonly volume_ml: number }[];
	readonly figures: {
		readonly charKg: number;
		readonly charLitres: readonly [low: number, value: number, high: number];
		readonly waterOnSite_l: number;
	};
}

/** What a plan forecast when it was set down, with the loads it was worked out from. */
export function plannedFigures({ loads, figures }: Planned): {
	readonly char: Estimate<Litres>;
	readonly water: Estimate<Litres>;
} {
	const from = loads.map(({ code, volume_ml }) => ({
		name: `${code}, loose`,
		value: volume_ml / 1000,
		unit: 'L' as const,
		origin: 'typed' as const,
		source: 'planned load, its dry wood as measured'
	}));
	const [low, value, high] = figures.charLitres;
	return {
		char: estimate(
			litres,
			{ value, low, high },
			{
				unit: 'L',
				basis: 'whole, loose; as forecast when it was set down',
				formula: 'dry wood × mass yield ÷ char density',
				from
			}
		),
		water: estimate(litres, exactly(figures.waterOnSite_l), {
			unit: 'L',
			basis: 'water on site before the match; as forecast when it was set down',
			formula: 'upper end of the need × 1.5, up to the next 10 L',
			from
		})
	};
}

/** Litres of char to litres of wood as it was stacked: what two tapes and a stick say. */
export function volumeYieldOf(
	volume: Estimate<Litres>,
	sources: readonly (Source & { readonly taken_ml: number })[]
): Estimate {
	const stacked = sources.reduce((sum, { taken_ml }) => sum + taken_ml, 0) / 1000;
	return estimate<number>((v) => v, exactly(volume.value / stacked), {
		unit: 'share',
		basis: 'litres of char, loose, of litres of wood as stacked',
		formula: 'char ÷ what was taken from the stacks',
		from: [
			asInput('char', volume, 'measured'),
			...sources.map(({ code, name, taken_ml }) => ({
				name: `${code} ${name}`,
				value: taken_ml / 1000,
				unit: 'L' as const,
				origin: 'measured' as const,
				source: 'taken from the stack, with its air'
			}))
		]
	});
}
