import { choiceText } from '$lib/input/chosen';
import type { CharState, CharWetness, QualityVerdict } from '$lib/core/char';
import { schools } from '$lib/core/charging';
import { typedOf } from '$lib/input/typed-for';
import type { Composition, MaterialId, OwnAnalysis } from '$lib/core/materials';
import {
	microlitres,
	type Estimate,
	type KgDryPerLitre,
	type ParseContext,
	type System
} from '$lib/core/units';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { onTheSpot, spotWetness } from '$lib/input/spot';
import type { Shape } from '$lib/core/vessels';

export interface PlanChar {
	readonly code: string;
	readonly state: CharState;
	readonly wetness: CharWetness;
	/** Read of it, or of its maker's sheet. */
	readonly ph?: number | undefined;
	/** What was tried of it at home. */
	readonly verdict: QualityVerdict;
	readonly failed: string;
	readonly volume_ul: number;
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
	/** Char that is in no books: how much, and whether it is crushed. */
	spotChar: string;
	spotState: string;
	part: string;
	school: string;
	partner: string;
	ratio: string;
	wantedN: string;
	/** What really went in, where it was not what the recipe asks. */
	reallyPartner: string;
	reallyWater: string;
	/** What goes in besides, by the id of its part in the school: how much, and which. */
	extras: Record<string, { amount: string; with: string }>;
	liquid: string;
	/** The recipe of one's own it was begun from. */
	ownRecipe: string;
	/** The day by which it is wanted. */
	neededBy: string;
	tub: string;
	temperature: string;
}

/** What was typed for one school, and says nothing of another. */
export type OfSchool = Pick<
	ChargeEntry,
	'ratio' | 'reallyPartner' | 'reallyWater' | 'extras' | 'ownRecipe'
>;

export const ofSchool = ({
	ratio,
	reallyPartner,
	reallyWater,
	extras,
	ownRecipe
}: ChargeEntry): OfSchool => ({ ratio, reallyPartner, reallyWater, extras, ownRecipe });

/** A school nobody typed anything for yet. */
export const untyped = (): OfSchool => ({
	ratio: '',
	reallyPartner: '',
	reallyWater: '',
	extras: extrasOf({}),
	ownRecipe: ''
});

export function freshCharge(
	sent: Readonly<Record<string, string>>,
	chars: readonly PlanChar[],
	tubs: readonly PlanTub[],
	system: System | undefined
): ChargeEntry {
	const values = typedOf(sent);
	const school = values.school ?? schools[0]?.id ?? '';
	return {
		char: values.char ?? chars[0]?.code ?? onTheSpot,
		spotChar: values.spotChar ?? spotExample(system),
		spotState: values.spotState ?? 'crushed',
		part: values.part ?? '',
		school,
		partner: values.partner ?? '',
		ratio: values.ratio ?? '',
		wantedN: values.wantedN ?? '5',
		reallyPartner: values.reallyPartner ?? '',
		reallyWater: values.reallyWater ?? '',
		extras: extrasOf(values),
		liquid: values.liquid ?? 'rain-water',
		ownRecipe: values.ownRecipe ?? '',
		neededBy: values.neededBy ?? '',
		tub: values.tub ?? roomiest(tubs)?.name ?? '',
		temperature: values.temperature ?? (system === 'us' ? '59 °F' : '15 °C')
	};
}

/** What stands there before anything is typed, so that the page answers at once. */
export const spotExample = (system: System | undefined): string =>
	limits.charge.spotChar.like?.[system ?? 'metric'] ?? '';

/** Char as it is typed on the spot, known by the usual of its kind; none while its litres can't be read. */
export function spotCharOf(
	{ spotChar, spotState }: Pick<ChargeEntry, 'spotChar' | 'spotState'>,
	usual: Readonly<Record<CharState, Estimate<KgDryPerLitre>>>,
	context: ParseContext
): PlanChar | undefined {
	const volume = amountIn(spotChar, limits.charge.spotChar, context);
	const state: CharState = spotState === 'whole' ? 'whole' : 'crushed';
	return volume === undefined
		? undefined
		: {
				code: onTheSpot,
				verdict: 'untried',
				failed: '',
				state,
				wetness: spotWetness,
				volume_ul: microlitres(volume),
				density: usual[state]
			};
}

/** Every part any school has besides, as typed. */
const extrasOf = (values: Readonly<Record<string, string>>): ChargeEntry['extras'] =>
	Object.fromEntries(
		schools
			.flatMap(({ extras }) => extras)
			.map(({ id }) => [
				id,
				{ amount: values[`extra-${id}`] ?? '', with: values[`with-${id}`] ?? '' }
			])
	);

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
	/** Where it is not as the material is, by the table or an own analysis. */
	readonly composition?: Composition;
	readonly volume_ul: number;
}

/** What there is to plan with. */
export interface ChargeYard {
	readonly chars: readonly PlanChar[];
	readonly tubs: readonly PlanTub[];
	readonly stock: readonly PlanStock[];
	/** What each partner brings when it is brought in now. */
	/** Own analyses of materials that can be brought in: over the table they are what is known of them. */
	readonly analyses: Partial<Record<MaterialId, readonly OwnAnalysis[]>>;
}

/** The partner a school would take of what there is: the one chosen where it fits, else its largest lot in stock. */
export function partnerFor(
	school: string,
	{ partner }: Pick<ChargeEntry, 'partner'>,
	stock: readonly PlanStock[]
): string {
	const partners = partnersOf(school);
	const chosen = partner.split(':').at(-1);
	if (partners.some((id) => id === chosen)) return partner;
	const largest = stock
		.filter(({ material }) => partners.includes(material))
		.sort((a, b) => b.volume_ul - a.volume_ul)[0];
	return largest ? choiceText({ lot: largest.code, stuff: largest.material }) : (partners[0] ?? '');
}
