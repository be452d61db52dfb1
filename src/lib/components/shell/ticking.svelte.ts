import { withLater } from '$lib/core/units';
import { serverClock } from './clock';

const step_ms = 15_000;

/**
 * Now, going on by itself between two pages, and right at once when a phone wakes.
 * @param given the time the page was made for; each page brings it anew
 */
export function ticking(given: () => number): { readonly now_ms: number } {
	let now_ms = $derived(given());
	$effect(() => {
		const tell = () => (now_ms = serverClock.now());
		const tick = setInterval(tell, step_ms);
		document.addEventListener('visibilitychange', tell);
		return () => {
			clearInterval(tick);
			document.removeEventListener('visibilitychange', tell);
		};
	});
	return withLater({}, { now_ms: () => now_ms });
}
