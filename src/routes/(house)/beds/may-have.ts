import type { System } from '$lib/core/units';
import { sayDay, type Almanac } from '$lib/format/dates';
import { plain, say } from '$lib/format/figure';
import type { PageData } from './$types';
import { gateWords } from './[name]/verdict/answer';

type MayHave = PageData['beds'][number]['may'];

/** In a row of a list: what stands against ash first. */
const shortly: Readonly<Record<string, string>> = {
	'ash-untested': 'no ash before its pH is read',
	'ash-acid-lover': 'never ash, for what grows there',
	'ash-sweet-ground': 'no ash: sweet enough',
	'ash-scab': 'no ash: scab',
	'ash-salty': 'no ash: salty',
	'ash-seedlings': 'no ash on young plants',
	'ash-nitrogen': 'no ash beside nitrogen',
	'ash-cap': 'no ash: it had its fill'
};

/** "ash too", "no ash beside nitrogen, before 9 Dec" */
export function ashShortly({ says, gate }: MayHave, almanac: Almanac): string {
	if (!gate) return says === 'ash' || says === 'both' ? 'ash is wanted' : 'no need of ash';
	const until = gate.lifts_ms ? `, before ${sayDay(gate.lifts_ms, almanac)}` : '';
	return `${shortly[gate.code] ?? 'no ash now'}${until}`;
}

/** Whether ash may go on and how much, what stands in the way first, and until when. */
export function ashWords(
	{ says, gate, more, grams, code }: MayHave,
	almanac: Almanac,
	system: System | undefined
): string {
	if (gate) {
		const { says: reason, lifts } = gateWords(gate, almanac, system);
		const rest = more > 0 ? `${more} more ${more === 1 ? 'stands' : 'stand'} against it.` : '';
		return ['None now.', reason, lifts, rest].filter(Boolean).join(' ');
	}
	if (says !== 'ash' && says !== 'both') return 'No need of it.';
	return code === undefined || grams <= 0
		? 'Wanted, and none is at hand.'
		: `Wanted: ${say(grams, 'g', system)} of ${code}.`;
}

/** "woad", "madder on 50 %" */
export const cropWords = ({ name, share }: MayHave['now'][number]) =>
	share < 1 ? `${name} on ${plain(share * 100, 0)} %` : name;
