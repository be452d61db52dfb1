import { days } from '$lib/core/time';
import type { System } from '$lib/core/units';
import { sayDay, type Almanac } from '$lib/format/dates';
import { fateWords, pileWords } from '$lib/format/fate-words';
import { say } from '$lib/format/figure';
import { capital, list } from '$lib/format/words';
import type { FateReckoned } from './reckoning';

/** What becomes of this, by when? */
export function fateAnswer(
	reckoned: FateReckoned | undefined,
	almanac: Almanac,
	system: System | undefined
): string {
	if (!reckoned)
		return 'Say what lies there and how much: this says what may become of it, by when';
	const { parts, sum, litres } = reckoned;
	const lost = parts.find(({ fate }) => fate?.no !== undefined || !fate);
	if (lost)
		return `Nothing fits all that is asked of ${say(lost.litres, 'L', system)} of ${pileWords[lost.stuff]}: what stands in the way is told below`;
	if (sum.over_l > 0.5) return `${say(sum.over_l, 'L', system)} more are placed than lie there`;
	const ways = list([...new Set(parts.map(({ fate }) => fateWords[fate!.way.id] ?? ''))]);
	if (sum.left_l > 0.5)
		return `${say(sum.placed_l, 'L', system)} are placed as ${ways}; ${say(sum.left_l, 'L', system)} still lie there`;
	if (parts.length > 1) return `All ${say(litres, 'L', system)} are placed: ${ways}`;
	const [low, high] = parts[0]!.fate!.ready_ms;
	const when =
		high - almanac.now_ms < days(3)
			? 'at once'
			: `ready ${sayDay(low, almanac)} to ${sayDay(high, almanac)}`;
	return `${capital(ways)} is the best for it, ${when}`;
}
