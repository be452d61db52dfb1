import {
	celsius,
	estimate,
	kilograms,
	litres,
	type Celsius,
	type Estimate,
	type Kilograms,
	type Litres,
	type Range,
	type SquareMetres
} from '../units';
import { wayOf, type WayId } from './data/ways';

const heat = Object.freeze({
	charHeat_kJ_per_kgK: 1.3,
	steelHeat_kJ_per_kgK: 0.5,
	fireTemperature_C: 650,
	latentHeat_kJ_per_kg: 2257,
	waterHeat_kJ_per_kgK: 4.19,
	soak_L_per_kg: [1, 2],
	sheetSteel_kg_per_m2: 15.7,
	source: 'Heat balance from 650 °C to steam; soak from quench practice'
});

/** Tank water through most of the year, taken until somebody measures it. */
export const tankWater = celsius(10);

/** What a quench is worked out from, heat and run-off alike. */
export interface QuenchPlan {
	readonly way: WayId;
	/** Dry char expected or measured. */
	readonly charKg: Range;
	readonly charLitres: Range;
	readonly waterTemperature: Celsius;
	/** Steel of the vessel; from `steelMass` when nobody weighed it. */
	readonly vesselMass: Kilograms;
	/** Litres of water per litre of char in the grower's own burns of this way. */
	readonly ownLitresPerLitre: readonly number[];
}

/** Weight of an unweighed steel kiln: its wall and floor in 2 mm sheet (15.7 kg/m²). */
export function steelMass(wall: SquareMetres): Kilograms {
	return kilograms(wall * heat.sheetSteel_kg_per_m2);
}

/** Heat of the char and of what holds it, as water turned to steam. */
export function boiledOff({
	way,
	charKg,
	vesselMass,
	waterTemperature
}: QuenchPlan): Estimate<Litres> {
	const c = heat;
	const drop = c.fireTemperature_C - 100;
	const perLitre = c.latentHeat_kJ_per_kg + c.waterHeat_kJ_per_kgK * (100 - waterTemperature);
	const sink = wayOf(way).heatSink;
	const of = (kg: number) => {
		const char = kg * c.charHeat_kJ_per_kgK * drop;
		const holder =
			sink.kind === 'steel'
				? vesselMass * c.steelHeat_kJ_per_kgK * drop
				: char * sink.shareOfCharHeat;
		return (char + holder) / perLitre;
	};
	return estimate(
		litres,
		{ value: of(charKg.value), low: of(charKg.low), high: of(charKg.high) },
		{
			unit: 'L',
			basis: 'water boiled off',
			formula: 'mass × heat capacity × (650 − 100 °C) ÷ (2257 + 4.19 × (100 − water °C)) kJ/kg',
			from: [
				{ name: 'char', ...charKg, unit: 'kg', origin: 'computed', source: 'expected dry char' },
				sink.kind === 'steel'
					? {
							name: 'vessel, steel',
							value: vesselMass,
							unit: 'kg',
							origin: 'computed',
							source: 'Wall area in 2 mm sheet unless weighed; 0.5 kJ/kg·K'
						}
					: {
							name: 'ground',
							value: sink.shareOfCharHeat,
							unit: 'share',
							origin: 'default',
							source: 'A tenth of the char’s heat goes into the ground'
						},
				{
					name: 'fire',
					value: c.fireTemperature_C,
					unit: '°C',
					origin: 'default',
					source: c.source
				},
				{
					name: 'water',
					value: waterTemperature,
					unit: '°C',
					origin: 'default',
					source: 'Cool tank water'
				}
			]
		}
	);
}

/** Water soaked up by the char in the minutes of a quench, 1–2 L per kg dry. */
export function soakedUp(charKg: Range): Estimate<Litres> {
	const [low, high] = heat.soak_L_per_kg as [number, number];
	return estimate(
		litres,
		{
			value: charKg.value * Math.sqrt(low * high),
			low: charKg.low * low,
			high: charKg.high * high
		},
		{
			unit: 'L',
			basis: 'water soaked up in the minutes of a quench',
			formula: 'dry char × 1–2 L/kg',
			from: [
				{
					name: 'soak',
					value: Math.sqrt(low * high),
					low,
					high,
					unit: 'L/kg',
					origin: 'default',
					source: heat.source
				}
			]
		}
	);
}
