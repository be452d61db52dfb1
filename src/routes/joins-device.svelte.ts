import { dev } from '$app/environment';
import { waitingStore } from './device-store';

/** Its address and all that it was made of, so that the worker can keep it whole. */
const partsOf = (): readonly string[] => [
	...new Set(
		[
			...[
				...document.querySelectorAll<HTMLLinkElement>(
					'link[rel="modulepreload"], link[rel="stylesheet"], link[rel~="icon"]'
				)
			].map(({ href }) => href),
			...performance.getEntriesByType('resource').map(({ name }) => name)
		].filter((url) => url.startsWith(`${location.origin}/_app/immutable/`) || url.endsWith('.svg'))
	)
];

/**
 * A page joins those that come back with nothing but the device: called once by its component. A small worker keeps
 * the page as it came and what it is made of, also what it fetches later; where the browser has none the page works as any other.
 */
export function joinDevice(...later: readonly (() => Promise<unknown>)[]): void {
	$effect(() => {
		if (!('serviceWorker' in navigator)) return;
		void keep(later);
	});
}

async function keep(later: readonly (() => Promise<unknown>)[]): Promise<void> {
	try {
		// As a module it would be asked for without the cookie of whoever is logged in; once built it is none.
		const type = dev ? 'module' : 'classic';
		await navigator.serviceWorker.register('/service-worker.js', { type });
		const { active } = await navigator.serviceWorker.ready;
		// What is fetched once the page stands is part of it.
		await Promise.all([waitingStore.all(), ...later.map((load) => load())]);
		// The page may still be fetching.
		if (document.readyState !== 'complete')
			await new Promise((loaded) => window.addEventListener('load', loaded, { once: true }));
		active?.postMessage({ keep: location.pathname, parts: partsOf() });
	} catch (failure) {
		// Not served securely, or closed to this site: then there is only the outbox.
		if (!(failure instanceof Error)) throw failure;
	}
}
