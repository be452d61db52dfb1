import { heatRule } from '$lib/core/heaps';
import type { System } from '$lib/core/units';
import { sayDay, type Almanac } from '$lib/format/dates';
import { plain, say, sayRange } from '$lib/format/figure';
import { callWords } from '$lib/format/heap-words';
import type { PageData } from './$types';

/** When is it ready, what is it short of? */
export function heapAnswer(
	data: Pick<PageData, 'heap' | 'state' | 'call' | 'ready' | 'says'>,
	almanac: Almanac
): string {
	const { heap, state, call, ready } = data;
	if (heap.volume_ul <= 0)
		return `${heap.code} at ${heap.name} is lifted: nothing of it lies there`;
	if (call) return `${heap.code} is ${callWords[call.why]}`;
	if (state === 'done') return `${heap.code} at ${heap.name} is ${data.says}`;
	const when = `${sayDay(ready.best_ms[0], almanac)} to ${sayDay(ready.best_ms[1], almanac)}`;
	return state === 'forgotten'
		? `${heap.code} at ${heap.name} is forgotten: look at it; by the calendar it is done ${when}`
		: `${heap.code} at ${heap.name} is done ${when}`;
}

/** What will come out of it, and what its heat says. */
export function heapReason(
	{ gives_l, heat, heap }: Pick<PageData, 'gives_l' | 'heat' | 'heap'>,
	laid_l: number,
	system: System | undefined
): string {
	const gives = `It gives ${sayRange({ ...gives_l, unit: 'L' }, system)}, not the ${say(laid_l, 'L', system)} that were laid.`;
	if (heap.start.way !== 'compost') return gives;
	const hot = `${plain(heat.hot_days, 1)} days above 55 °C stand read at every probe, turned ${heat.turnings} ${heat.turnings === 1 ? 'time' : 'times'} in them`;
	return heat.isHot
		? `${hot}: hot, as a windrow is judged. ${gives}`
		: `${hot}. A yard heap short of ${heatRule.days} such days and ${heatRule.turnings} turnings proves nothing: its germs count as those of what went in. ${gives}`;
}
