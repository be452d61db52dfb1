import {
	added,
	between,
	celsius,
	kilograms,
	known,
	less,
	litres,
	over,
	reckon,
	times,
	type Celsius,
	type Estimate,
	type Kilograms,
	type Litres,
	type Range,
	type SquareMetres
} from '../units';
import { wayOf, type Quench, type WayId } from './data/ways';

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
	/** How it will be put out, where not as usual for the way. */
	readonly quench?: Quench | undefined;
	/** Dry char expected or measured. */
	readonly charKg: Range;
	readonly charLitres: Range;
	/** What the vessel holds: no filling takes more. */
	readonly capacity?: Litres | undefined;
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
	const sink = wayOf(way).heatSink;
	const drop = less(
		known('fire', c.fireTemperature_C, '°C', 'default', c.source),
		known('boiling', 100, '°C', 'default', 'Water at sea level')
	);
	const char = times(
		known('char', charKg, 'kg', 'computed', 'expected dry char'),
		known('heat of char', c.charHeat_kJ_per_kgK, 'kJ/kg·K', 'default', c.source)
	);
	const holder =
		sink.kind === 'steel'
			? times(
					known(
						'vessel, steel',
						vesselMass,
						'kg',
						'computed',
						'Wall area in 2 mm sheet unless weighed'
					),
					known('heat of steel', c.steelHeat_kJ_per_kgK, 'kJ/kg·K', 'default', c.source)
				)
			: times(
					char,
					known(
						'ground',
						sink.shareOfCharHeat,
						'share',
						'default',
						'A tenth of the char’s heat goes into the ground'
					)
				);
	const steam = added(
		known('heat of steam', c.latentHeat_kJ_per_kg, 'kJ/kg', 'default', c.source),
		times(
			known('heat of water', c.waterHeat_kJ_per_kgK, 'kJ/kg·K', 'default', c.source),
			less(
				known('boiling', 100, '°C', 'default', 'Water at sea level'),
				known('water', waterTemperature, '°C', 'default', 'Cool tank water')
			)
		)
	);
	return reckon(litres, over(times(added(char, holder), drop), steam), {
		unit: 'L',
		basis: 'water boiled off'
	});
}

/** Water soaked up by the char in the minutes of a quench, 1–2 L per kg dry. */
export function soakedUp(charKg: Range): Estimate<Litres> {
	const [low, high] = heat.soak_L_per_kg as [number, number];
	return reckon(
		litres,
		times(
			known('char', charKg, 'kg', 'computed', 'expected dry char'),
			known('soak', between(low, high), 'L/kg', 'default', heat.source)
		),
		{ unit: 'L', basis: 'water soaked up in the minutes of a quench' }
	);
}
