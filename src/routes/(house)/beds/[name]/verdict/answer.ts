import type { Caution } from '$lib/core/cautions';
import { sayCaution } from '$lib/format/caution-words';
import { sayDay, type Almanac } from '$lib/format/dates';
import { bestMeasure, inMeasures, say } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import type { OwnMeasure, System } from '$lib/core/units';
import type { PageData } from './$types';

/** So much ash for all of a bed: grams dry, and litres of it as it lies. */
export function ashFor(
	data: Pick<PageData, 'verdict' | 'bed' | 'ash'>
): { readonly grams: number; readonly litres: number } | undefined {
	const { verdict, bed, ash } = data;
	if (!verdict.dose || !ash) return undefined;
	const grams = verdict.dose.grams.value * bed.area_m2;
	// A hair less, so that what is measured out in round figures stays within its cap.
	const litres = grams / 1000 / (1 - ash.water) / ash.density;
	return { grams, litres: Math.floor(litres * 99) / 100 };
}

/** So many grams of ground limestone in litres of a lot. */
export const stoneFor = (
	grams: number,
	{ density }: { readonly density: number }
): { readonly grams: number; readonly litres: number } => ({
	grams,
	litres: Number((grams / 1000 / density).toPrecision(2))
});

/** Char, ash, both or neither: what it may have now. */
export function verdictAnswer(
	data: Pick<PageData, 'verdict' | 'bed' | 'ash'>,
	measures: readonly OwnMeasure[],
	almanac: Almanac,
	system: System | undefined
): Sentence | string {
	const { verdict, bed, ash } = data;
	const [gate] = verdict.gates;
	const amount = ashFor(data);
	const { says } = verdict;
	if (amount && ash && (says === 'both' || says === 'ash')) {
		const measure = bestMeasure(amount.litres, measures);
		const put = measure
			? said`${inMeasures(amount.litres, measure)}, ${slipped(say(amount.grams, 'g', system), 'Ash for the bed')},`
			: slipped(say(amount.grams, 'g', system), 'Ash for the bed');
		return says === 'both'
			? said`${bed.name} wants both: char dug in, and ${put} of ${ash.code} on top`
			: said`${bed.name} wants ash and no char: ${put} of ${ash.code}`;
	}
	const char = says === 'char' || says === 'both' ? 'char' : 'neither char nor ash';
	if (gate) {
		const until = gate.lifts_ms ? `, before ${sayDay(gate.lifts_ms, almanac)}` : '';
		return `${bed.name} may have ${says === 'char' ? 'char, and no ash' : 'no ash'}${until}`;
	}
	if (!ash && verdict.need && verdict.need.value > 0)
		return `${bed.name} is sour: lime would lift it, and no ash is at hand`;
	return `${bed.name} wants ${char}${char === 'char' ? ' alone' : ''}`;
}

/** What would lift a gate, in a few words; nothing where its day says it. */
export const liftWords: Readonly<Record<string, string>> = {
	'ash-untested': 'Read its pH: a strip will do to begin with.',
	'ash-acid-lover': 'Nothing, as long as they grow there.',
	'ash-sweet-ground': 'A lower pH, read again.',
	'ash-salty': 'Leach it where it drains, and read its salt again.',
	'ash-scab': 'A year without potatoes, and none to come.',
	'ash-cap': 'Twelve months since the ash before.',
	'refused-source': 'Nothing: other ash.',
	held: 'The quarantine of the ash is lifted.'
};

export const gateWords = (
	gate: Caution,
	almanac: Almanac,
	system: System | undefined
): { readonly says: string; readonly lifts: string } => ({
	says: sayCaution(gate, system),
	lifts: gate.lifts_ms
		? `From ${sayDay(gate.lifts_ms, almanac)} it stands no longer in the way.`
		: (liftWords[gate.code] ?? '')
});
