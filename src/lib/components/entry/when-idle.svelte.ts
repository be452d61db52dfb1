import { untrack } from 'svelte';
import { withLater } from '../../core/units';

/** Nobody types any more. */
const rest_ms = 300;

/**
 * Answers about what is out of sight, each worked out in a task of its own once nobody types: none before the first
 * rest, and those of before while one types on. On the server only what is said to be known at first is there.
 * @param inputs what the answers rest on, read at every key: as cheap as can be
 * @param first those that are known from the start
 */
export function whenIdle<T>(
	inputs: () => unknown,
	keys: readonly string[],
	reckon: (key: string) => T,
	first: Readonly<Record<string, T>> = {}
): { readonly known: Readonly<Record<string, T>>; readonly isStale: boolean } {
	let known = $state.raw(first);
	let isStale = $state(false);
	$effect(() => {
		inputs();
		isStale = true;
		let waiting: ReturnType<typeof setTimeout>;
		const next = (left: readonly string[]) => {
			const [key, ...others] = left;
			if (key === undefined) {
				isStale = false;
				return;
			}
			known = untrack(() => ({ ...known, [key]: reckon(key) }));
			waiting = setTimeout(() => next(others), 0);
		};
		waiting = setTimeout(() => next(keys), rest_ms);
		return () => clearTimeout(waiting);
	});
	return withLater({}, { known: () => known, isStale: () => isStale });
}
