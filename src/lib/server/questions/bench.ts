import type { Today } from './today';

/** Something with a clock: what wants doing, where, and when it is or was due. */
export interface BenchItem {
	readonly does: 'check' | 'look-again' | 'burn' | 'test' | 'ripens';
	readonly code: string;
	readonly href: string;
	readonly due_ms: number;
}

/** Clocks that run, the soonest first: fires before all else while they are hot. */
export function benchOf(today: Today, now_ms: number): readonly BenchItem[] {
	const fire = (does: BenchItem['does'], code: string, due_ms: number) => ({
		does,
		code,
		href: `/fires/${code}`,
		due_ms
	});
	const charge = (does: BenchItem['does'], code: string, due_ms: number) => ({
		does,
		code,
		href: `/charging/${code}`,
		due_ms
	});
	const bySoonest = (items: readonly BenchItem[]) => [...items].sort((a, b) => a.due_ms - b.due_ms);
	return [
		...bySoonest(
			today.hot.map(({ burn, proof }) => fire('check', burn.code, proof?.next?.at_ms ?? now_ms))
		),
		...bySoonest([
			...today.watch.map(({ burn, proof }) =>
				fire('look-again', burn.code, proof?.next?.at_ms ?? now_ms)
			),
			...today.planned.map(({ burn }) =>
				fire('burn', burn.code, burn.plan?.plannedFor_ms ?? now_ms)
			),
			...today.wantTest.map(({ charge: { code }, window }) =>
				charge('test', code, window.usable_ms ?? now_ms)
			),
			...today.curing.flatMap(({ charge: { code }, window }) =>
				window.usable_ms === null ? [] : [charge('ripens', code, window.usable_ms)]
			)
		])
	];
}
