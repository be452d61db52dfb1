import type { Day, Step } from './model';

type Hands = Pick<Day, 'hands' | 'away'>;

const held = ['fill', 'light', 'cap', 'tip'];

/** Spans in which a hand is away: the last hands are the first to go. */
const awayOf = ({ hands, away = [] }: Hands, hand: number) =>
	away.filter((span) => hand >= hands - span.hands);

const overlap = (a: { from: number; to: number }, b: { from: number; to: number }) =>
	a.from < b.to && b.from < a.to;

/** Minutes until a hand goes away next, of one that is there over a step. */
const staysFor = (day: Hands, hand: number, { to }: Step): number =>
	Math.min(
		Infinity,
		...awayOf(day, hand).flatMap((span) => (span.from >= to ? [span.from - to] : []))
	);

/** More than this is not looked at: nobody's day is so tight. */
const mostTried = 20_000;

/**
 * Give each step that holds somebody a hand that is free over it, whoever leaves soonest first, so that who stays is
 * there for what lasts longer; where that comes to nobody, what was given before is given otherwise. Who filled a
 * barrel lights it where that may be. As many are free at every minute as the plan takes; where no one person is for
 * all of a step, it is whoever is there.
 */
export function handOut(steps: readonly Step[], day: Hands): readonly Step[] {
	const inOrder = [...steps].sort(
		(a, b) => a.from - b.from || held.indexOf(a.stage) - held.indexOf(b.stage)
	);
	const wanted = inOrder.filter(({ stage }) => held.includes(stage));
	const given = giveAll(wanted, day);
	return inOrder.map((step) => {
		const at = wanted.indexOf(step);
		const hand = at < 0 ? undefined : given[at];
		return hand === undefined ? step : { ...step, hand };
	});
}

/** Hand by hand, going back where nobody is left; a hand of -1 is none. */
function giveAll(wanted: readonly Step[], day: Hands): readonly (number | undefined)[] {
	const given: number[] = [];
	const left: number[][] = [];
	for (let tried = 0; given.length < wanted.length; tried += 1) {
		const at = given.length;
		left[at] ??=
			tried < mostTried ? openFor(wanted, given, day) : openFor(wanted, given, day, true);
		const hand = left[at].shift();
		if (hand !== undefined) given.push(hand);
		else if (at === 0 || tried >= mostTried) given.push(-1);
		else {
			left.length = at;
			given.pop();
		}
	}
	return given.map((hand) => (hand < 0 ? undefined : hand));
}

/** Hands that are there over the next step and at nothing else, the best first. */
function openFor(
	wanted: readonly Step[],
	given: readonly number[],
	day: Hands,
	isLast = false
): number[] {
	const step = wanted[given.length]!;
	const until = new Array<number>(day.hands).fill(0);
	let filler: number | undefined;
	given.forEach((hand, i) => {
		const one = wanted[i]!;
		if (hand >= 0) until[hand] = Math.max(until[hand]!, one.to);
		const isItsFill =
			one.stage === 'fill' && one.barrel === step.barrel && one.round === step.round;
		if (isItsFill) filler = hand;
	});
	return Array.from({ length: day.hands }, (_, hand) => hand)
		.filter(
			(hand) => !awayOf(day, hand).some((span) => overlap(span, step)) && until[hand]! <= step.from
		)
		.map((hand) => ({
			hand,
			stays: staysFor(day, hand, step),
			isSame: step.stage === 'light' && filler === hand,
			until: until[hand]!
		}))
		.sort(
			(a, b) =>
				(a.stays === b.stays ? 0 : a.stays - b.stays) ||
				Number(b.isSame) - Number(a.isSame) ||
				a.until - b.until
		)
		.map(({ hand }) => hand)
		.slice(0, isLast ? 1 : undefined);
}
