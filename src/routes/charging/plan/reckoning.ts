import type { CharState, CharWetness } from '$lib/core/char';
import {
	cureWindow,
	reckonCharge,
	schools,
	type PartnerId,
	type ReckonedCharge,
	type School
} from '$lib/core/charging';
import type { Window } from '$lib/core/time';
import {
	celsius,
	litres,
	parseNumber,
	parseTemperature,
	litresOfPart,
	parsePart,
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
		tub: values.tub ?? (tubs.find(({ holds }) => holds === undefined) ?? tubs[0])?.name ?? '',
		temperature: values.temperature ?? warmth
	};
}

export const partnersOf = (school: string): readonly PartnerId[] =>
	schools.find(({ id }) => id === school)?.partners ?? [];

export interface ReckonedPlan {
	readonly char: PlanChar;
	readonly school: School;
	readonly partner: PartnerId;
	readonly volume: Litres;
	readonly temperature: Celsius;
	readonly charge: ReckonedCharge;
	readonly window: Window;
	readonly tub?: PlanTub;
}

/** Amounts, nitrogen and dates of what is typed; undefined while something can't be read. */
export function reckonPlan(
	entry: ChargeEntry,
	chars: readonly PlanChar[],
	tubs: readonly PlanTub[],
	context: ParseContext,
	now_ms: number
): ReckonedPlan | undefined {
	const char = chars.find(({ code }) => code === entry.char);
	const school = schools.find(({ id }) => id === entry.school);
	const warmth = parseTemperature(entry.temperature, context);
	if (!char || !school || warmth.status !== 'ok' || warmth.value > 60 || warmth.value < -20)
		return undefined;
	const volume = volumeOf(char, entry.part, context);
	const [ratio, wantedN] = [numberOf(entry.ratio, 10), numberOf(entry.wantedN, 30)];
	const named = entry.partner.split(':').at(-1);
	const partner = school.partners.find((id) => id === named) ?? school.partners[0];
	if (volume === undefined || partner === undefined || ratio === undefined || wantedN === undefined)
		return undefined;
	const tub = tubs.find(({ name }) => name === entry.tub);
	const temperature = celsius(warmth.value);
	return {
		char,
		school,
		partner,
		volume,
		temperature,
		charge: reckonCharge({
			school: school.id,
			partner,
			volume,
			density: char.density,
			wetness: char.wetness,
			ratio,
			wantedN,
			tub: tub?.shape
		}),
		window: cureWindow(school.id, now_ms, temperature),
		...(tub ? { tub } : {})
	};
}

function volumeOf(char: PlanChar, typed: string, context: ParseContext): Litres | undefined {
	if (typed.trim() === '') return litres(char.volume_ml / 1000);
	const held = char.volume_ml / 1000;
	const read = parsePart(typed, context);
	if (read.status !== 'ok') return undefined;
	const asked = litresOfPart(read.part, held, hiddenBy(held, 'L', context.system));
	return asked > 0 && asked <= held ? litres(asked) : undefined;
}

function numberOf(typed: string, most: number): number | undefined {
	const parsed = parseNumber(typed);
	return parsed.status === 'ok' && parsed.value > 0 && parsed.value <= most
		? parsed.value
		: undefined;
}
