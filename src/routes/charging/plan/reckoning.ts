import { limits } from '$lib/input/limits';
import { amountIn, partIn } from '$lib/input/read-field';
import type { CharState, CharWetness } from '$lib/core/char';
import {
	cureWindow,
	reckonCharge,
	schools,
	type ReallyIn,
	type ReckonedCharge,
	type School
} from '$lib/core/charging';
import {
	compositionOf,
	litresOf,
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
	type Estimate,
	type KgDryPerLitre,
	type Litres,
	type ParseContext
} from '$lib/core/units';
import type { Shape } from '$lib/core/vessels';
import { hiddenBy } from '$lib/format/figure';

export interface PlanChar {
	readonly code: string;
	readonly state: CharState;
	readonly wetness: CharWetness;
	readonly volume_ml: number;
	readonly density: Estimate<KgDryPerLitre>;
}

export interface PlanTub {
	readonly name: string;
	readonly shape: Shape;
	readonly capacity_l: number;
	/** The soak that stands in it now. */
	readonly holds?: string | undefined;
}

export interface ChargeEntry {
	char: string;
	part: string;
	school: string;
	partner: string;
	ratio: string;
	wantedN: string;
	/** What really went in, where it was not what the recipe asks. */
	reallyPartner: string;
	reallyWater: string;
	tub: string;
	temperature: string;
}

export function freshCharge(
	values: Readonly<Record<string, string>>,
	chars: readonly PlanChar[],
	tubs: readonly PlanTub[],
	warmth: string
): ChargeEntry {
	const school = values.school ?? schools[0]?.id ?? '';
	return {
		char: values.char ?? chars[0]?.code ?? '',
		part: values.part ?? '',
		school,
		partner: values.partner ?? partnersOf(school)[0] ?? '',
		ratio: values.ratio ?? '1',
		wantedN: values.wantedN ?? '5',
		reallyPartner: values.reallyPartner ?? '',
		reallyWater: values.reallyWater ?? '',
		tub: values.tub ?? roomiest(tubs)?.name ?? '',
		temperature: values.temperature ?? warmth
	};
}

/** The largest tub that is free, else the largest. */
const roomiest = (tubs: readonly PlanTub[]): PlanTub | undefined =>
	[...tubs].sort(
		(a, b) =>
			Number(a.holds !== undefined) - Number(b.holds !== undefined) || b.capacity_l - a.capacity_l
	)[0];

export const partnersOf = (school: string): readonly MaterialId[] =>
	schools.find(({ id }) => id === school)?.partners ?? [];

/** A material in stock that a school may take. */
export interface PlanStock {
	readonly code: string;
	readonly name: string;
	readonly material: MaterialId;
	readonly composition: Composition;
	readonly volume_ml: number;
}

/** What there is to plan with. */
export interface ChargeYard {
	readonly chars: readonly PlanChar[];
	readonly tubs: readonly PlanTub[];
	readonly stock: readonly PlanStock[];
	/** What each partner brings when it is brought in now. */
	readonly materials: readonly Composition[];
}

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
	const ratio = amountIn(entry.ratio, limits.charge.ratio, context);
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
		tub: tub?.shape
	};
	const asked = reckonCharge(recipe);
	const really = reallyIn(entry, composition, context);
	return {
		char,
		school,
		partner,
		volume,
		temperature,
		asked,
		charge: Object.keys(really).length === 0 ? asked : reckonCharge({ ...recipe, really }),
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
	if (typed.trim() === '') return litres(char.volume_ml / 1000);
	const held = char.volume_ml / 1000;
	const part = partIn(typed, limits.charge.part, context);
	if (part === undefined) return undefined;
	const asked = litresOfPart(part, held, hiddenBy(held, 'L', context.system));
	return asked > 0 && asked <= held ? litres(asked) : undefined;
}
