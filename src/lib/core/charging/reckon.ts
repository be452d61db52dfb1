import { charFromLitres, type CharWetness } from '../char';
import {
	asInput,
	between,
	estimate,
	exactly,
	gramsPerKg,
	litres,
	metres,
	product,
	share,
	sum,
	type Estimate,
	type KgDryPerLitre,
	type Litres,
	type Range,
	type Share
} from '../units';
import type { Shape } from '../vessels';
import { partnerOf, schoolOf, type PartnerId, type SchoolId } from './data/schools';
import { mixSolid } from './mixture';
import { offerNitrogen, partnerForNitrogen, type NitrogenOffer } from './nitrogen';
import { coverWithLiquid, mostCharIn, type Soak } from './soak';

export interface ChargePlan {
	readonly school: SchoolId;
	readonly partner: PartnerId;
	readonly volume: Litres;
	readonly density: Estimate<KgDryPerLitre>;
	readonly wetness: CharWetness;
	/** Litres of partner to one of char (solids). */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (soaks). */
	readonly wantedN: number;
	/** The tub a soak stands in. */
	readonly tub?: Shape | undefined;
}

export interface ReckonedCharge {
	readonly partner: Estimate<Litres>;
	readonly partnerDryKg: number;
	/** Rain water to add. */
	readonly water: Estimate<Litres>;
	readonly mix: Estimate<Litres>;
	readonly charShare: Estimate<Share>;
	readonly density: Range;
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

function reckonSolid(plan: ChargePlan): ReckonedCharge {
	const mix = mixSolid(plan.school, plan.volume, plan.ratio, plan.wetness);
	const { density: kgPerL = [1, 1], water = [0, 0] } = partnerOf(plan.partner);
	const dryShare = 1 - between(Math.max(1e-6, water[0]), Math.max(1e-6, water[1])).value;
	return {
		partner: mix.partner,
		water: mix.water,
		mix: mix.mix,
		charShare: mix.charShare,
		density: plan.density,
		partnerDryKg: mix.partner.value * between(...kgPerL).value * dryShare,
		nitrogen: offerNitrogen(
			plan.partner,
			mix.partner.value,
			charFromLitres(plan.volume, plan.density),
			true
		)
	};
}

function reckonSoak(plan: ChargePlan): ReckonedCharge {
	// Without a tub chosen yet the amounts are worked for one just wide enough; the page asks for it.
	const tub = plan.tub ?? impliedTub(plan.volume);
	const soak = coverWithLiquid(plan.volume, plan.density, plan.wetness, tub);
	const partnerLitres = partnerForNitrogen(
		plan.partner,
		soak.charKg.value,
		gramsPerKg(plan.wantedN)
	);
	const partner = estimate(litres, exactly(partnerLitres), {
		unit: 'L',
		basis: 'concentrate',
		formula: 'mineral N wanted × kg dry char ÷ mineral N per litre',
		from: [
			{
				name: 'mineral N wanted',
				value: plan.wantedN,
				unit: 'g/kg',
				origin: 'typed',
				source: '3–10 g/kg is a full charge'
			},
			{
				name: 'dry char',
				value: soak.charKg.value,
				low: soak.charKg.low,
				high: soak.charKg.high,
				unit: 'kg',
				origin: 'computed',
				source: soak.charKg.formula
			},
			...offerNitrogen(plan.partner, partnerLitres, soak.charKg, false).perKg.from.slice(1, 3)
		]
	});
	const rest = (of: number) => Math.max(0, of - partnerLitres);
	const water = estimate(
		litres,
		{ value: rest(soak.liquid.value), low: rest(soak.liquid.low), high: rest(soak.liquid.high) },
		{
			unit: 'L',
			basis: 'rain water',
			formula: 'liquid to cover − partner',
			from: soak.liquid.from
		}
	);
	const whole = {
		unit: 'L' as const,
		basis: 'drained char',
		formula: 'the char keeps its litres',
		from: soak.liquid.from.slice(0, 0)
	};
	return {
		partner,
		partnerDryKg: 0,
		water,
		soak,
		mostChar: mostCharIn(tub),
		mix: estimate(litres, exactly(plan.volume), whole),
		charShare: estimate(share, exactly(1), {
			...whole,
			unit: 'share',
			basis: 'drained soak: all char'
		}),
		density: plan.density,
		nitrogen: offerNitrogen(plan.partner, partnerLitres, soak.charKg, false),
		partnerShare: shareOfLiquid(partner, soak)
	};
}

/** Partner over all the liquid in the tub. At most all of it: more is refused where the act is done. */
function shareOfLiquid(partner: Estimate<Litres>, { liquid, heldWater }: Soak): Estimate<Share> {
	const inTub = sum([liquid, heldWater]);
	const { value, low, high } = product([partner, inTub], [1, -1]);
	const cap = (of: number) => Math.min(1, of);
	return estimate(
		share,
		{ value: cap(value), low: cap(low), high: cap(high) },
		{
			unit: 'share',
			basis: 'partner in all the liquid, water in the char included',
			formula: 'partner ÷ (liquid poured + water already in the char)',
			from: [
				asInput('partner', partner),
				asInput('liquid poured', liquid),
				asInput('water already in the char', heldWater)
			]
		}
	);
}

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
