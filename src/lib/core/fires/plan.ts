import {
	between,
	earlier,
	kgDry,
	kgDryPerLitre,
	known,
	litres,
	over,
	reckon,
	times,
	type Celsius,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Kilograms,
	type Litres,
	type Range,
	type Share
} from '../units';
import { capacity, depthAtVolume, wettedArea, type Shape } from '../vessels';
import { charDensitySource, woodClass, type WoodClassId } from '../woodyard';
import type { Quench, WayId } from './data/ways';
import { steelMass } from './heat';
import { quenchWater, type WaterNeed } from './water';
import { forecastYield, yieldAsMeasured, type OwnYield } from './yield';

/** Loose dry bulk density of whole char from a class of wood. Basis: kg dry per litre, loose, whole. */
export function charDensity(wood: WoodClassId): Estimate<KgDryPerLitre> {
	const { charLooseKgPerM3, name } = woodClass(wood);
	const [low, high] = charLooseKgPerM3;
	return reckon(
		kgDryPerLitre,
		known(
			`char of ${name}`,
			between(low / 1000, high / 1000),
			'kg/L',
			'default',
			charDensitySource
		),
		{ unit: 'kg/L', basis: 'dry, loose, whole' }
	);
}

/** What a forecast in one vessel rests on, whatever is loaded: the vessel, and the grower's own burns of its way. */
export interface BurnGrounds {
	readonly way: WayId;
	readonly shape: Shape;
	readonly emptyMass?: Kilograms;
	readonly waterTemperature: Celsius;
	/** Char out of all the wood loaded, brands too. */
	readonly ownYields: readonly OwnYield[];
	/** Litres of quench water per litre of char. */
	readonly ownWater: readonly number[];
	/** The grower's own density of char by class of wood; a class without one takes the published range. */
	readonly ownDensities: Readonly<Partial<Record<WoodClassId, Estimate<KgDryPerLitre>>>>;
}

export interface BurnPlan extends BurnGrounds {
	readonly wood: WoodClassId;
	/** Dry wood that goes in. */
	readonly load: Range;
	readonly quench?: Quench | undefined;
}

/** The class of wood that makes up most of a load; it decides the density of the char. */
export function mainWood(
	parts: readonly { readonly wood: WoodClassId; readonly dry_g: number }[]
): WoodClassId | undefined {
	const byWood = new Map<WoodClassId, number>();
	for (const { wood, dry_g } of parts) byWood.set(wood, (byWood.get(wood) ?? 0) + dry_g);
	return [...byWood].sort((a, b) => b[1] - a[1])[0]?.[0];
}

export interface BurnForecast {
	readonly massYield: Estimate<Share>;
	readonly charKg: Estimate<KgDry>;
	readonly charLitres: Estimate<Litres>;
	readonly capacity: Litres;
	/** Fill of the vessel at the central figure, or how much is over. */
	readonly fill: ReturnType<typeof depthAtVolume>;
	readonly water: WaterNeed;
}

/**
 * What a load will give: kg dry char = dry wood × yield; litres = kg ÷ density (whole, loose),
 * and the water its quench wants. Independent terms in quadrature on logs.
 */
export function forecastBurn(plan: BurnPlan): BurnForecast {
	const massYield = forecastYield(plan.way, plan.ownYields);
	const asMeasured = yieldAsMeasured(plan.way, plan.ownYields, plan.load);
	const density = plan.ownDensities[plan.wood] ?? charDensity(plan.wood);
	// What the measure of this wood is off by stands in the yield on it.
	const wood = known('dry wood loaded', plan.load.value, 'kg', 'measured', 'the stacks chosen');
	const charKg = reckon(kgDry, times(wood, earlier('yield on wood so measured', asMeasured)), {
		unit: 'kg',
		basis: 'dry char'
	});
	const charLitres = reckon(
		litres,
		over(earlier('dry char', charKg), earlier('char density', density, density.from[0]?.origin)),
		{ unit: 'L', basis: 'whole, loose' }
	);
	const vesselMass = plan.emptyMass ?? steelMass(wettedArea(plan.shape));
	const water = quenchWater({
		way: plan.way,
		quench: plan.quench,
		charKg,
		charLitres,
		vesselMass,
		waterTemperature: plan.waterTemperature,
		ownLitresPerLitre: plan.ownWater
	});
	return {
		massYield,
		charKg,
		charLitres,
		capacity: capacity(plan.shape),
		fill: depthAtVolume(plan.shape, charLitres.value),
		water
	};
}
