import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { capital, count } from '$lib/format/words';
import type { ReckonedRound } from './reckoning';

/** How far does one lot go round the beds? */
export function roundAnswer(round: ReckonedRound | undefined, system: System | undefined): string {
	if (!round) return 'Nothing is ready to carry round the beds yet';
	const { lot, stops, carried_l, left_l } = round;
	if (stops.size === 0)
		return `${lot.code} holds ${say(lot.litresLeft, 'L', system)}: say which beds get some`;
	const short = carried_l - lot.litresLeft;
	if (short > 0.0005)
		return `That is ${say(carried_l, 'L', system)}, ${say(short, 'L', system)} more than ${lot.code} holds`;
	const rest = left_l < 0.5 ? 'uses it up' : `leaves ${say(left_l, 'L', system)}`;
	return `${capital(count(stops.size, 'bed gets', 'beds get'))} ${say(carried_l, 'L', system)} of ${lot.code}; it ${rest}`;
}
