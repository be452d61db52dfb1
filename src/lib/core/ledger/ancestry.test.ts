import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { carried, handedDown, wayOf, type TimedFlow } from './index';

const flow = (from: string, to: string, at_ms: number, seq = at_ms): TimedFlow => ({
	from,
	to,
	act: `${seq}`,
	at_ms,
	seq
});

/** Nodes from which something came to `start`, by every path whose steps go on in time: the definition, slowly. */
function cameFrom(flows: readonly TimedFlow[], start: string): Set<string> {
	const found = new Set([start]);
	const follow = (node: string, before: TimedFlow | undefined) => {
		for (const one of flows) {
			const isEarlier =
				!before || one.at_ms < before.at_ms || (one.at_ms === before.at_ms && one.seq < before.seq);
			if (one.to !== node || !isEarlier) continue;
			found.add(one.from);
			follow(one.from, one);
		}
	};
	follow(start, undefined);
	return found;
}

describe('ancestry', () => {
	it('does not go back to what went in after the taking', () => {
		const flows = [flow('A', 'B', 1), flow('B', 'C', 2), flow('D', 'B', 3)];
		expect([...wayOf(flows, 'C', 'back').nodes].sort()).toEqual(['A', 'B', 'C']);
		expect([...wayOf(flows, 'B', 'back').nodes].sort()).toEqual(['A', 'B', 'D']);
		expect([...wayOf(flows, 'D', 'forward').nodes].sort()).toEqual(['B', 'D']);
	});

	it('ends where a culture is fed from its child, and brings the child’s doubt back', () => {
		const flows = [flow('A', 'B', 1), flow('B', 'A', 2), flow('A', 'A', 3), flow('A', 'C', 4)];
		const doubts = handedDown(flows, new Map([['B', ['B']]]));
		expect([...doubts.entries()].map(([node, names]) => [node, [...names]])).toEqual([
			['B', ['B']],
			['A', ['B']],
			['C', ['B']]
		]);
		// What was taken before is free of it.
		expect(handedDown([flow('A', 'D', 0), ...flows], new Map([['B', ['B']]])).has('D')).toBe(false);
	});

	it('passes no more than once through an act: what comes in it is not there for what goes', () => {
		const one = (from: string, to: string) => ({ ...flow(from, to, 5), act: 'one' });
		const flows = [one('A', 'B'), one('B', 'C')];
		expect([...wayOf(flows, 'A', 'forward').nodes].sort()).toEqual(['A', 'B']);
	});

	const books = fc.array(
		fc
			.tuple(fc.constantFrom(...'ABCDE'), fc.constantFrom(...'ABCDE'), fc.nat(6))
			.map(([from, to, at_ms]) => ({ from, to, at_ms })),
		{ maxLength: 9 }
	);
	const numbered = (rows: readonly { from: string; to: string; at_ms: number }[]) =>
		rows.map((row, seq) => ({ ...row, seq, act: `${seq}` }));

	it('is what can be reached by steps that go on in time, in random books full of cycles', () =>
		fc.assert(
			fc.property(books, fc.constantFrom(...'ABCDE'), (rows, start) => {
				const flows = numbered(rows);
				expect([...wayOf(flows, start, 'back').nodes].sort()).toEqual(
					[...cameFrom(flows, start)].sort()
				);
			}),
			{ numRuns: 400 }
		));

	it('is the same walked forward and back', () =>
		fc.assert(
			fc.property(books, (rows) => {
				const flows = numbered(rows);
				const names = handedDown(flows, new Map([...'ABCDE'].map((node) => [node, [node]])));
				for (const node of 'ABCDE')
					expect([...(names.get(node) ?? [])].sort()).toEqual(
						[...wayOf(flows, node, 'back').nodes].sort()
					);
			})
		));

	it('carries whatever a giver hands on, by what it held then', () => {
		const flows = [flow('A', 'B', 1), flow('C', 'A', 2), flow('A', 'D', 3)];
		const most = carried(
			flows,
			new Map([
				['A', 1],
				['C', 9]
			]),
			(giver, taker) => Math.max(giver, taker ?? 0)
		);
		expect([most.get('B'), most.get('D')]).toEqual([1, 9]);
	});
});
