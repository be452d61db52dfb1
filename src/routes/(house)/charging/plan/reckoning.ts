import type { Caution } from '$lib/core/cautions';
import { choiceText } from '$lib/input/chosen';
import { limits } from '$lib/input/limits';
import { amountIn, partIn } from '$lib/input/read-field';
import {
	cureWindow,
	workOutCharge,
	schools,
	type NutrientLine,
	type ChargeAsked,
	type ReckonedCharge,
	type School
} from '$lib/core/charging';
import {
	compositionOf,
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

export { freshCharge, partnerFor, partnersOf, spotCharOf, spotExample } from './entry';
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
	readonly cautions: readonly Caution[];
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
	const liquid =
		school.liquids.length > 0 && entry.liquid !== 'rain-water'
			? stuffOf(entry.liquid, yard)
			: undefined;
	const { asked, charge, cautions } = workOutCharge({
		school: school.id,
		partner,
		composition,
		char,
		volume,
		ratio,
		wantedN,
		extras: extrasIn(entry, school, yard),
		liquid,
		really: reallyIn(entry, context),
		isOwn: entry.ownRecipe !== '',
		...(tub ? { tub } : {})
	});
	const lot = yard.stock.find(
		({ code }) => entry.partner === choiceText({ lot: code, stuff: partner })
	);
	return {
		char,
		school,
		partner,
		volume,
		temperature,
		asked,
		charge,
		cautions,
		wetWith: liquid ? materialOf(liquid.material).name : 'rain water',
		nutrients: nutrientsOf(charge, composition, liquid, school, temperature),
		...(lot ? { partnerLeft: inLitres(lot.volume_ul) - charge.partner.value } : {}),
		window: cureWindow(school.id, now_ms, temperature),
		...(tub ? { tub } : {})
	};
}

/** What the partner brings: the lot chosen, or the material as it is known now. */
const knownOf = (
	chosen: string,
	partner: MaterialId,
	{ stock, analyses }: ChargeYard
): Composition =>
	stock.find(
		({ code, material }) =>
			chosen === choiceText({ lot: code, stuff: material }) && material === partner
	)?.composition ?? compositionOf(partner, analyses[partner]);

/** What can't be read is left to the act to complain of. */
function reallyIn(
	{ reallyPartner, reallyWater }: ChargeEntry,
	context: ParseContext
): ChargeAsked['really'] {
	const partner = readMeasure(reallyPartner, context);
	const water = readMeasure(reallyWater, context);
	return {
		...(partner.status === 'ok' ? { partner: partner.measure } : {}),
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
