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
import {
	charDensitySource,
	lightChar,
	stackForm,
	woodClass,
	type StackFormId,
	type WoodClassId
} from '../woodyard';
import type { Quench, WayId } from './data/ways';
import { steelMass } from './heat';
import { quenchWater, type WaterNeed } from './water';
import { forecastYield, yieldAsKnown, yieldAsMeasured, type OwnYields } from './yield';

/**
 * Loose dry bulk density of whole char from a class of wood as it was stacked: chips, canes and brush give light
 * char whatever their wood. Basis: kg dry per litre, loose, whole.
 */
export function charDensity(wood: WoodClassId, form?: StackFormId): Estimate<KgDryPerLitre> {
	const { charLooseKgPerM3, name } = woodClass(wood);
	const isLight = form !== undefined && lightChar.forms.includes(form);
	const [low, high] = isLight ? lightChar.kgPerM3 : charLooseKgPerM3;
	return reckon(
		kgDryPerLitre,
		known(
			isLight ? `char of ${stackForm(form).name}` : `char of ${name}`,
			between(low / 1000, high / 1000),
			'kg/L',
			'default',
			isLight ? lightChar.source : charDensitySource
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
	readonly ownYields: OwnYields;
	/** Litres of quench water per litre of char. */
	readonly ownWater: readonly number[];
	/** The grower's own density of char by class of wood; a class without one takes the published range. */
	readonly ownDensities: Readonly<Partial<Record<WoodClassId, Estimate<KgDryPerLitre>>>>;
}

export interface BurnPlan extends BurnGrounds {
	readonly wood: WoodClassId;
	/** How most of it was stacked. */
	readonly form?: StackFormId | undefined;
	/** Dry wood that goes in. */
	readonly load: Range;
	readonly quench?: Quench | undefined;
}

/** The kind that makes up most of a load by dry mass: its class of wood, or how it was stacked, decides the density of the char. */
export function mostOf<Kind extends string>(
	parts: readonly { readonly kind: Kind; readonly dry_g: number }[]
): Kind | undefined {
	const byKind = new Map<Kind, number>();
	for (const { kind, dry_g } of parts) byKind.set(kind, (byKind.get(kind) ?? 0) + dry_g);
	return [...byKind].sort((a, b) => b[1] - a[1])[0]?.[0];
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
 * What a load will give: kg dry char = dry wood × yield; litres = kg ÷ density (whole, loose), each with the doubt
 * that is left of what own burns share with it; and the water its quench wants. Independent terms in quadrature on logs.
 */
export function forecastBurn(plan: BurnPlan): BurnForecast {
	const massYield = forecastYield(plan.way, plan.ownYields);
	const asMeasured = yieldAsMeasured(plan.way, plan.ownYields, plan.load);
	const density = plan.ownDensities[plan.wood] ?? charDensity(plan.wood, plan.form);
	// What the measure of this wood is off by stands in the yield on it.
	const wood = known('dry wood loaded', plan.load.value, 'kg', 'measured', 'the stacks chosen');
	const charKg = reckon(kgDry, times(wood, earlier('yield on wood so measured', asMeasured)), {
		unit: 'kg',
		basis: 'dry char'
	});
	// What a density of this char is off by was in the own burns, too: it stands in the yield on char so known.
	const asKnown = yieldAsKnown(plan.way, plan.ownYields, plan.load, density);
	const charLitres = reckon(
		litres,
		over(
			times(wood, earlier('yield on wood and char so known', asKnown)),
			known(
				'char density',
				density.value,
				'kg/L',
				density.from[0]?.origin ?? 'default',
				'as above, its doubt in the yield'
			)
		),
		{ unit: 'L', basis: 'whole, loose' }
	);
	const vesselMass = plan.emptyMass ?? steelMass(wettedArea(plan.shape));
	const water = quenchWater({
		way: plan.way,
		quench: plan.quench,
		charKg,
		charLitres,
		capacity: capacity(plan.shape),
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
