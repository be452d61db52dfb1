import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { capital, count } from '$lib/format/words';
import type { ReckonedRound } from './reckoning';

/** How far does one lot go round the beds? */
export function roundAnswer(
	round: ReckonedRound | undefined,
	system: System | undefined
): Sentence | string {
	if (!round) return 'Nothing is ready to carry round the beds yet';
	const { lot, stops, others, carried_l, left_l } = round;
	const besides = [...others].map(([bed, code]) => `; ${bed} gets ${code}`).join('');
	if (stops.size === 0)
		return said`${lot.code} holds ${say(lot.litresLeft, 'L', system)}: say which beds get some`;
	const all = slipped(say(carried_l, 'L', system), 'To carry in all');
	const short = carried_l - lot.litresLeft;
	if (short > 0.0005)
		return said`That is ${all}, ${slipped(say(short, 'L', system), 'Beyond what it holds')} more than ${lot.code} holds`;
	const left = slipped(say(left_l, 'L', system), 'Left of it');
	const rest = left_l < 0.5 ? 'uses it up' : said`leaves ${left}`;
	const served = stops.size - others.size;
	return said`${capital(count(served, 'bed gets', 'beds get'))} ${all} of ${lot.code}; it ${rest}${besides}`;
}
