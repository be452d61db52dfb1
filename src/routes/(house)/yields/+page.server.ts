import { asked, deskOf, partOf } from '$lib/server/page';
import { cures, heapsGave, brewsCame } from '$lib/server/questions/outturns';
import {
	measures,
	newestPoints,
	waysBurnt,
	yieldPoints,
	yieldsOf,
	type MeasureOf,
	type YieldPoint
} from '$lib/server/questions/yields';
import {
	bearingWords,
	kindRow,
	kindWords,
	measureWords,
	groundWords,
	nextWords,
	percent,
	sayMeasure,
	standsWords
} from '$lib/format/yield-words';
import { sayDay, type Almanac } from '$lib/format/dates';
import { say } from '$lib/format/figure';
import type { System } from '$lib/core/units';
import { compared } from './compare.server';
import type { PageServerLoad } from './$types';

/** Points that one drawing bears, the newest; and rows of its table. */
const mostPoints = 48;
const perPage = 12;
/** As many as one chooses two of. */
const mostToCompare = 24;

export const load: PageServerLoad = (event) => {
	const { books, reading, now_ms } = deskOf(event);
	const { system } = reading;
	const almanac = { timeZone: reading.timeZone, now_ms };
	const typed = asked(event.url);
	const all = yieldPoints(books);
	const ways = waysBurnt(books);
	const way = ways.find((one) => one === typed.way) ?? '';
	const over = measures.find((one) => one === typed.over) ?? '';
	const newest = newestPoints(books, way);
	const told = yieldsOf(books, way);
	const shown = (over === '' ? newest : newest.filter((one) => one[over] !== undefined))
		.slice(0, mostPoints)
		.toReversed();
	const { rows, ...part } = partOf(event.url, newest, perPage);
	return {
		...part,
		...{ way, over, n: told.n, looked: told.looked, chance: told.chance },
		ground: groundWords(told.known),
		ways: [{ value: '', label: 'all ways' }, ...ways.map((value) => ({ value, label: value }))],
		overs: [
			{ value: '', label: 'time' },
			...measures.map((value) => ({ value, label: measureWords[value] }))
		],
		answer:
			told.n === 0
				? 'No burn is recorded yet whose yield can be told'
				: nextWords(told.next, system),
		points: shown.map((one) => ({
			code: one.code,
			x: over === '' ? one.at_ms : (one[over] ?? 0),
			...drawn(one.yield),
			...(over === '' && one.limits ? { limits: drawn(one.limits) } : {}),
			isOut: one.stands !== undefined && one.stands !== 'as-usual'
		})),
		axis: axisOf(shown, over, system, almanac),
		bearings: told.bearings.map(({ of, bearing }) => ({
			name: measureWords[of],
			says: bearingWords(of, bearing),
			isShown: bearing.status === 'goes-along'
		})),
		kinds: told.kinds
			.filter(({ kinds }) => kinds.length > 1)
			.map(({ of, kinds }) => ({
				name: kindWords[of],
				rows: kinds.map((kind) => ({ name: kind.name, says: kindRow(kind) }))
			})),
		rows: rows.map((one) => rowOf(one, system, almanac)),
		codes: newest.slice(0, mostToCompare).map(({ code }) => code),
		pair: compared(all, typed.a ?? '', typed.b ?? '', system),
		cures: cures(books),
		heaps: heapsGave(books),
		brews: brewsCame(books)
	};
};

/** To a hundredth of a point: a page is sent no more than it draws. */
const drawn = <T extends Readonly<Partial<Record<'value' | 'low' | 'high', number>>>>({
	value,
	low,
	high
}: T) => {
	const short = (share: number | undefined) => Number((share ?? 0).toFixed(4));
	return { value: short(value), low: short(low), high: short(high) };
};

function axisOf(
	points: readonly YieldPoint[],
	over: MeasureOf | '',
	system: System | undefined,
	almanac: Almanac
) {
	const end = (which: 0 | -1) => {
		if (over === '') {
			const at = points.at(which)?.at_ms;
			return at === undefined ? '' : sayDay(at, almanac);
		}
		const values = points.map((one) => one[over] ?? 0).sort((a, b) => a - b);
		return sayMeasure(over, values.at(which) ?? 0, system);
	};
	return {
		name: over === '' ? 'time' : measureWords[over],
		first: end(0),
		last: end(-1)
	};
}

const rowOf = (one: YieldPoint, system: System | undefined, almanac: Almanac) => ({
	code: one.code,
	when: sayDay(one.at_ms, almanac),
	where: one.vessel,
	wood: one.wood,
	who: one.person,
	gave: say(one.litres, 'L', system),
	yield: `${percent(one.yield.value)} %`,
	ends: `${percent(one.yield.low)} to ${percent(one.yield.high)}`,
	told: measures.flatMap((of) =>
		one[of] === undefined ? [] : [`${measureWords[of]} ${sayMeasure(of, one[of], system)}`]
	),
	stands: one.stands ? standsWords[one.stands] : '',
	isOut: one.stands !== undefined && one.stands !== 'as-usual'
});
