import { charFromLitres, type CharWetness } from '../char';
import { compositionOf, materialOf, type Composition } from '../materials';
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
import type { SchoolId } from './data/school';
import { schoolOf } from './data/schools';
import { mixSolid, settle, type ReallyIn } from './mixture';
import { offerOfAll, partnerForNitrogen, type NitrogenOffer } from './nitrogen';
import { coverWithLiquid, mostCharIn, type Soak } from './soak';

/** Something that goes in besides: so many litres of it. */
export interface ExtraIn {
	readonly id: string;
	readonly composition: Composition;
	readonly litres: Litres;
}

export interface ChargePlan {
	readonly school: SchoolId;
	readonly partner: MaterialId;
	/** What the partner brings, where more is known than the table says. */
	readonly composition?: Composition | undefined;
	readonly volume: Litres;
	readonly density: Estimate<KgDryPerLitre>;
	readonly wetness: CharWetness;
	/** Litres of partner to one of char. */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (nitrogen soaks). */
	readonly wantedN: number;
	readonly extras?: readonly ExtraIn[] | undefined;
	/** What covers it in place of rain water. */
	readonly liquid?: Composition | undefined;
	/** The tub a soak stands in. */
	readonly tub?: Shape | undefined;
	/** What really went in, in place of what is asked for. */
	readonly really?: ReallyIn | undefined;
}

export interface ReckonedCharge {
	readonly partner: Estimate<Litres>;
	/** Rain water to add, or the liquid that stands in for it. */
	readonly water: Estimate<Litres>;
	readonly extras: readonly ExtraIn[];
	readonly mix: Estimate<Litres>;
	readonly charShare: Estimate<Share>;
	readonly density: Estimate<KgDryPerLitre>;
	readonly nitrogen: NitrogenOffer;
	/** The liquid partner over all the liquid, the water already in the char included. */
	readonly partnerShare?: Estimate<Share>;
	readonly soak?: Soak;
	readonly mostChar?: Litres;
}

/** Amounts, nitrogen and fit of one charge: the one reckoning behind plan page and use case. */
export function reckonCharge(plan: ChargePlan): ReckonedCharge {
	return schoolOf(plan.school).kind === 'soak' ? reckonSoak(plan) : reckonSolid(plan);
}

const partnerIn = ({ composition, partner }: ChargePlan): Composition =>
	composition ?? compositionOf(partner);

const isLiquid = ({ composition }: ExtraIn) => materialOf(composition.material).state === 'liquid';
const sumOf = (extras: readonly ExtraIn[]): Litres =>
	litres(extras.reduce((sum, extra) => sum + extra.litres, 0));

/** Everything that feeds, by its litres. */
const feeding = (plan: ChargePlan, partner: Litres, liquid_l: number) => [
	{ composition: partnerIn(plan), litres: partner },
	...(plan.extras ?? []),
	...(plan.liquid && liquid_l > 0 ? [{ composition: plan.liquid, litres: litres(liquid_l) }] : [])
];

function reckonSolid(plan: ChargePlan): ReckonedCharge {
	const extras = plan.extras ?? [];
	const solids = sumOf(extras.filter((extra) => !isLiquid(extra)));
	const liquids = sumOf(extras.filter(isLiquid));
	const mix = mixSolid(plan.school, plan.volume, plan.ratio, plan.wetness, {
		...plan.really,
		solids,
		liquids
	});
	const charKg = charFromLitres(plan.volume, plan.density);
	return {
		...mix,
		extras,
		density: plan.density,
		nitrogen: offerOfAll(feeding(plan, mix.partner.value, 0), charKg, true)
	};
}

/** How much partner goes into a soak: as the nitrogen wants, so many parts, or all that covers. */
function partnerOfSoak(plan: ChargePlan, charKg: KgDry, covering: Litres): Estimate<Litres> {
	const { really = {}, volume, ratio } = plan;
	const school = schoolOf(plan.school);
	if (really.partner !== undefined)
		return reckon(litres, known('partner', really.partner, 'L', 'measured', 'as it went in'), {
			unit: 'L',
			basis: 'as used'
		});
	if (school.partnerBy === 'nitrogen')
		return partnerForNitrogen(partnerIn(plan), charKg, gramsPerKg(plan.wantedN));
	if (school.partnerBy === 'covers')
		return reckon(litres, known('liquid to cover', covering, 'L', 'computed', school.source), {
			unit: 'L',
			basis: 'as used'
		});
	return reckon(litres, known('partner', volume * ratio, 'L', 'typed', school.source), {
		unit: 'L',
		basis: 'as used'
	});
}

function reckonSoak(plan: ChargePlan): ReckonedCharge {
	const extras = plan.extras ?? [];
	const { really = {}, volume } = plan;
	const isSolid = materialOf(plan.partner).state === 'solid';
	const solids_l =
		sumOf(extras.filter((extra) => !isLiquid(extra))) +
		(isSolid ? (really.partner ?? volume * plan.ratio) : 0);
	const mix = settle(volume, litres(solids_l), 'drained char and what lies with it');
	// Without a tub chosen yet the amounts are worked for one just wide enough; the page asks for it.
	const tub = plan.tub ?? impliedTub(mix.value);
	const cover = (poured?: Litres) =>
		coverWithLiquid(volume, plan.density, plan.wetness, tub, poured, mix.value);
	const covering = cover();
	const partner = partnerOfSoak(plan, covering.charKg.value, covering.liquid.value);
	const partner_l = isSolid ? 0 : partner.value;
	const others_l = sumOf(extras.filter(isLiquid)) + partner_l;
	const soak = really.water === undefined ? covering : cover(litres(others_l + really.water));
	const water = reckon(
		litres,
		atLeast(
			0,
			less(
				earlier('liquid to cover', soak.liquid),
				known('other liquids', others_l, 'L', 'computed', 'the partner and what else is poured')
			)
		),
		{
			unit: 'L',
			basis: plan.liquid ? 'in place of rain water' : 'rain water',
			within: [0, Infinity]
		}
	);
	return {
		partner,
		water,
		extras,
		soak,
		mostChar: litres(mostCharIn(tub) * (mix.value > 0 ? volume / mix.value : 1)),
		mix,
		charShare: reckon(
			share,
			over(known('char', volume, 'L', 'typed', 'the lot as it lies'), earlier('mix', mix)),
			{ unit: 'share', basis: 'char before soaking per litre drained', within: [0, 1] }
		),
		density: plan.density,
		nitrogen: offerOfAll(
			feeding(plan, partner.value, water.value),
			soak.charKg,
			schoolOf(plan.school).curesWithSolids
		),
		...(isSolid ? {} : { partnerShare: shareOfLiquid(partner, soak) })
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
