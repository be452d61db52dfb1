import { charFromLitres, type CharWetness } from '../char';
import { compositionOf, type Composition } from '../materials';
import {
	added,
	atLeast,
	atMost,
	earlier,
	gramsPerKg,
	known,
	less,
	litres,
	metres,
	over,
	reckon,
	share,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Share
} from '../units';
import type { MaterialId } from '../materials';
import type { Shape } from '../vessels';
import { schoolOf, type SchoolId } from './data/schools';
import { mixSolid, type ReallyIn } from './mixture';
import { offerNitrogen, partnerForNitrogen, type NitrogenOffer } from './nitrogen';
import { coverWithLiquid, mostCharIn, type Soak } from './soak';

export interface ChargePlan {
	readonly school: SchoolId;
	readonly partner: MaterialId;
	/** What the partner brings, where more is known than the table says. */
	readonly composition?: Composition | undefined;
	readonly volume: Litres;
	readonly density: Estimate<KgDryPerLitre>;
	readonly wetness: CharWetness;
	/** Litres of partner to one of char (solids). */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (soaks). */
	readonly wantedN: number;
	/** The tub a soak stands in. */
	readonly tub?: Shape | undefined;
	/** What really went in, in place of what is asked for. */
	readonly really?: ReallyIn | undefined;
}

export interface ReckonedCharge {
	readonly partner: Estimate<Litres>;
	/** Rain water to add. */
	readonly water: Estimate<Litres>;
	readonly mix: Estimate<Litres>;
	readonly charShare: Estimate<Share>;
	readonly density: Estimate<KgDryPerLitre>;
	readonly nitrogen: NitrogenOffer;
	/** Urine over all the liquid, the water already in the char included. */
	readonly partnerShare?: Estimate<Share>;
	readonly soak?: Soak;
	readonly mostChar?: Litres;
}

/** Amounts, nitrogen and fit of one charge: the one reckoning behind plan page and use case. */
export function reckonCharge(plan: ChargePlan): ReckonedCharge {
	return schoolOf(plan.school).curesWithSolids ? reckonSolid(plan) : reckonSoak(plan);
}

const partnerIn = ({ composition, partner }: ChargePlan): Composition =>
	composition ?? compositionOf(partner);

function reckonSolid(plan: ChargePlan): ReckonedCharge {
	const mix = mixSolid(plan.school, plan.volume, plan.ratio, plan.wetness, plan.really);
	const charKg = charFromLitres(plan.volume, plan.density);
	return {
		...mix,
		density: plan.density,
		nitrogen: offerNitrogen(partnerIn(plan), mix.partner.value, charKg, true)
	};
}

function reckonSoak(plan: ChargePlan): ReckonedCharge {
	// Without a tub chosen yet the amounts are worked for one just wide enough; the page asks for it.
	const tub = plan.tub ?? impliedTub(plan.volume);
	const composition = partnerIn(plan);
	const { really = {} } = plan;
	const partnerFor = (charKg: KgDry) =>
		really.partner === undefined
			? partnerForNitrogen(composition, charKg, gramsPerKg(plan.wantedN))
			: reckon(litres, known('partner', really.partner, 'L', 'measured', 'as it went in'), {
					unit: 'L',
					basis: 'concentrate'
				});
	const partner = partnerFor(charFromLitres(plan.volume, plan.density).value);
	const poured = really.water === undefined ? undefined : litres(partner.value + really.water);
	const soak = coverWithLiquid(plan.volume, plan.density, plan.wetness, tub, poured);
	const water = reckon(
		litres,
		atLeast(0, less(earlier('liquid to cover', soak.liquid), earlier('partner', partner))),
		{ unit: 'L', basis: 'rain water', within: [0, Infinity] }
	);
	const whole = known('char', plan.volume, 'L', 'typed', 'drained char keeps its volume');
	return {
		partner,
		water,
		soak,
		mostChar: mostCharIn(tub),
		mix: reckon(litres, whole, { unit: 'L', basis: 'drained char' }),
		charShare: reckon(share, known('all char', 1, 'share', 'computed', 'a drained soak'), {
			unit: 'share',
			basis: 'drained soak: all char'
		}),
		density: plan.density,
		nitrogen: offerNitrogen(composition, partner.value, soak.charKg, false),
		partnerShare: shareOfLiquid(partner, soak)
	};
}

/** Partner over all the liquid in the tub. At most all of it: more is refused where the act is done. */
const shareOfLiquid = (partner: Estimate<Litres>, { liquid, heldWater }: Soak): Estimate<Share> =>
	reckon(
		share,
		atMost(
			1,
			over(
				earlier('partner', partner),
				added(earlier('liquid poured', liquid), earlier('water already in the char', heldWater))
			)
		),
		{
			unit: 'share',
			basis: 'partner in all the liquid, water in the char included',
			within: [0, 1]
		}
	);

/** A cylinder as wide as it is deep, holding half as much again as the char. */
function impliedTub(volume: Litres): Shape {
	const width = Math.cbrt((((Math.max(volume, 1) * 1.5) / 1000) * 4) / Math.PI) + 0.06;
	return {
		kind: 'round',
		rimWidth: metres(width),
		floorWidth: metres(width),
		depth: metres(width)
	};
}
