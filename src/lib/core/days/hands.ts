import type { Step } from './model';

/** Give each step that holds somebody a hand that is free: the one free the longest. */
export function handOut(steps: readonly Step[], hands: number): readonly Step[] {
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
			const open = free.flatMap((at, hand) => (at <= one.from ? [hand] : []));
			const hand =
				same !== undefined && open.includes(same)
					? same
					: open.sort((a, b) => free[a]! - free[b]!)[0];
			if (hand === undefined) throw new RangeError(`handOut: nobody is free at ${one.from}`);
			free[hand] = one.to;
			last.set(of, hand);
			return { ...one, hand };
		});
}
