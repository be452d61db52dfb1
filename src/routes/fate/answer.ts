import { days } from '$lib/core/time';
import type { System } from '$lib/core/units';
import { sayDay, type Almanac } from '$lib/format/dates';
import { fateWords } from '$lib/format/fate-words';
import { say } from '$lib/format/figure';
import { capital } from '$lib/format/words';
import type { FateReckoned } from './reckoning';

/** What becomes of this, by when? */
export function fateAnswer(
	reckoned: FateReckoned | undefined,
	almanac: Almanac,
	system: System | undefined
): string {
	if (!reckoned)
		return 'Say what lies there and how much: this says what may become of it, by when';
	const { fates, sum, litres } = reckoned;
	if (sum.over_l > 0) return `${say(sum.over_l, 'L', system)} more are placed than lie there`;
	if (sum.placed_l > 0)
		return sum.left_l > 0.5
			? `${say(sum.placed_l, 'L', system)} are placed, ${say(sum.left_l, 'L', system)} still lie there`
			: `All ${say(litres, 'L', system)} are placed`;
	const [first] = fates;
	if (!first || first.no !== undefined)
		return 'Nothing fits all of that: what stands in the way is told below';
	const [low, high] = first.ready_ms;
	const when =
		high - almanac.now_ms < days(3)
			? 'at once'
			: `ready ${sayDay(low, almanac)} to ${sayDay(high, almanac)}`;
	return `${capital(fateWords[first.way.id] ?? first.way.id)} is the best for it, ${when}`;
}
