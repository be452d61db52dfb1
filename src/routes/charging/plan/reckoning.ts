import { limits } from '$lib/input/limits';
import { amountIn, partIn } from '$lib/input/read-field';
import {
	cureWindow,
	reckonCharge,
	schools,
	type NutrientLine,
	type ReallyIn,
	type ReckonedCharge,
	type School
} from '$lib/core/charging';
import {
	compositionOf,
	litresOf,
	materialOf,
	readMeasure,
	type Composition,
	type MaterialId
} from '$lib/core/materials';
import type { Window } from '$lib/core/time';
import {
	celsius,
	litres,
	litresOfPart,
	type Celsius,
	type Litres,
	type ParseContext,
	inLitres
} from '$lib/core/units';
import { hiddenBy } from '$lib/format/figure';
import type { ChargeEntry, ChargeYard, PlanChar, PlanStock, PlanTub } from './entry';
import { extrasIn, nutrientsOf, ratioOf, stuffOf } from './parts';

export { freshCharge, partnerFor, partnersOf } from './entry';
export type { ChargeEntry, ChargeYard, PlanChar, PlanStock, PlanTub };

export interface ReckonedPlan {
	readonly char: PlanChar;
	readonly school: School;
	readonly partner: MaterialId;
	readonly volume: Litres;
	readonly temperature: Celsius;
	/** What the recipe asks for. */
	readonly asked: ReckonedCharge;
	/** With what really went in, where that was typed. */
	readonly charge: ReckonedCharge;
	readonly window: Window;
	readonly tub?: PlanTub;
	/** What covers or wets it. */
	readonly wetWith: string;
	/** N, P and K of it, each by where it goes. */
	readonly nutrients: readonly NutrientLine[];
	/** Litres of the partner that its lot lacks, or that it leaves; none where it is brought in. */
	readonly partnerLeft?: number | undefined;
}

/** Amounts, nitrogen and dates of what is typed; undefined while something can't be read. */
export function reckonPlan(
	entry: ChargeEntry,
	yard: ChargeYard & ParseContext,
	now_ms: number
): ReckonedPlan | undefined {
	const { chars, tubs } = yard;
	const context: ParseContext = yard;
	const char = chars.find(({ code }) => code === entry.char);
	const school = schools.find(({ id }) => id === entry.school);
	const warmth = amountIn(entry.temperature, limits.charge.temperature, context);
	if (!char || !school || warmth === undefined) return undefined;
	const volume = volumeOf(char, entry.part, context);
	const ratio = ratioOf(entry, school, context);
	const wantedN = amountIn(entry.wantedN, limits.charge.wantedN, context);
	const named = entry.partner.split(':').at(-1);
	const partner = school.partners.find((id) => id === named) ?? school.partners[0];
	if (volume === undefined || partner === undefined || ratio === undefined || wantedN === undefined)
		return undefined;
	const tub = tubs.find(({ name }) => name === entry.tub);
	const temperature = celsius(warmth);
	const composition = knownOf(entry.partner, partner, yard);
	const recipe = {
		school: school.id,
		partner,
		composition,
		volume,
		density: char.density,
		wetness: char.wetness,
		ratio,
		wantedN,
		extras: extrasIn(entry, school, volume, yard),
		...(school.liquids.length > 0 && entry.liquid !== 'rain-water'
			? { liquid: stuffOf(entry.liquid, yard) }
			: {}),
		tub: tub?.shape
	};
	const asked = reckonCharge(recipe);
	const really = reallyIn(entry, composition, context);
	const charge = Object.keys(really).length === 0 ? asked : reckonCharge({ ...recipe, really });
	const lot = yard.stock.find(({ code }) => entry.partner === `lot:${code}:${partner}`);
	return {
		char,
		school,
		partner,
		volume,
		temperature,
		asked,
		charge,
		wetWith: recipe.liquid ? materialOf(recipe.liquid.material).name : 'rain water',
		nutrients: nutrientsOf(charge, composition, recipe.liquid, school, temperature),
		...(lot ? { partnerLeft: inLitres(lot.volume_ul) - charge.partner.value } : {}),
		window: cureWindow(school.id, now_ms, temperature),
		...(tub ? { tub } : {})
	};
}

/** What the partner brings: the lot chosen, or the material as it is known now. */
const knownOf = (
	chosen: string,
	partner: MaterialId,
	{ stock, materials }: ChargeYard
): Composition =>
	stock.find(({ code, material }) => chosen === `lot:${code}:${material}` && material === partner)
		?.composition ??
	materials.find(({ material }) => material === partner) ??
	compositionOf(partner);

/** What can't be read is left to the act to complain of. */
function reallyIn(
	{ reallyPartner, reallyWater }: ChargeEntry,
	composition: Composition,
	context: ParseContext
): ReallyIn {
	const partner = readMeasure(reallyPartner, context);
	const water = readMeasure(reallyWater, context);
	return {
		...(partner.status === 'ok' ? { partner: litresOf(composition, partner.measure) } : {}),
		...(water.status === 'ok' && 'litres' in water.measure ? { water: water.measure.litres } : {})
	};
}

function volumeOf(char: PlanChar, typed: string, context: ParseContext): Litres | undefined {
	if (typed.trim() === '') return litres(inLitres(char.volume_ul));
	const held = inLitres(char.volume_ul);
	const part = partIn(typed, limits.charge.part, context);
	if (part === undefined) return undefined;
	const asked = litresOfPart(part, held, hiddenBy(held, 'L', context.system));
	return asked > 0 && asked <= held ? litres(asked) : undefined;
}
