import type { Day, Step } from './model';

/** Spans in which a hand is away: the last hands are the first to go. */
const awayOf = ({ hands, away = [] }: Pick<Day, 'hands' | 'away'>, hand: number) =>
	away.filter((span) => hand >= hands - span.hands);

/** Minutes until a hand goes away next, of one that is there over a step; undefined where it is not. */
function staysFor(day: Pick<Day, 'hands' | 'away'>, hand: number, { from, to }: Step) {
	const spans = awayOf(day, hand);
	if (spans.some((span) => span.from < to && from < span.to)) return undefined;
	return Math.min(Infinity, ...spans.map((span) => span.from - to).filter((left) => left >= 0));
}

/**
 * Give each step that holds somebody a hand that is free over it: who leaves soonest first, so that who stays is
 * there for what lasts longer; of those the one free the longest.
 */
export function handOut(steps: readonly Step[], day: Pick<Day, 'hands' | 'away'>): readonly Step[] {
	const { hands } = day;
	const free = Array.from({ length: hands }, () => 0);
	const held = ['fill', 'light', 'cap', 'tip'];
	const last = new Map<string, number>();
	return [...steps]
		.sort((a, b) => a.from - b.from || held.indexOf(a.stage) - held.indexOf(b.stage))
		.map((one) => {
			if (!held.includes(one.stage)) return one;
			const of = `${one.barrel} ${one.round}`;
			// Who filled a barrel lights it.
			const same = one.stage === 'light' ? last.get(of) : undefined;
			const open = free.flatMap((at, hand) => {
				const stays = at <= one.from ? staysFor(day, hand, one) : undefined;
				return stays === undefined ? [] : [{ hand, stays }];
			});
			const bySoonest = open.sort((a, b) =>
				a.stays === b.stays ? free[a.hand]! - free[b.hand]! : a.stays - b.stays
			);
			const alike = bySoonest.filter(({ stays }) => stays === bySoonest[0]?.stays);
			const hand = (alike.find((each) => each.hand === same) ?? alike[0])?.hand;
			if (hand === undefined) throw new RangeError(`handOut: nobody is free at ${one.from}`);
			free[hand] = one.to;
			last.set(of, hand);
			return { ...one, hand };
		});
}
