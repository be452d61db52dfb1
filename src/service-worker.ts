/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
import { version } from '$service-worker';

/**
 * Keeps the pages that joined (`joins-device.svelte.ts`), each as it came last with all it is made of, for when
 * nobody answers. Anything else of the site passes by. What a page is made of never changes under its name, so pages of
 * an old build and of a new one lie side by side; what no kept page is made of any more is swept.
 */
const worker = self as unknown as ServiceWorkerGlobalScope;
const name = 'ashdrift-pages-1';
/** So many pages are kept, the newest. */
const most = 6;
/** A page that does not come within this is taken from the device, ms: one bar of signal is none. */
const patience_ms = 4000;

interface Keep {
	readonly keep: string;
	readonly parts: readonly string[];
}
const isKeep = (told: unknown): told is Keep =>
	typeof told === 'object' && told !== null && 'keep' in told && 'parts' in told;

const isPage = (path: string) => /^\/(fires\/[^/]+\/now|log)$/.test(path);
const isPart = ({ pathname }: URL) =>
	pathname.startsWith('/_app/immutable/') || pathname.endsWith('.svg');

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => {
	event.waitUntil(Promise.all([worker.clients.claim(), forgetOthers()]));
});

/** Shelves of another format. */
async function forgetOthers(): Promise<void> {
	for (const other of await caches.keys())
		if (other.startsWith('ashdrift-pages') && other !== name) await caches.delete(other);
}

worker.addEventListener('message', (event) => {
	const told: unknown = event.data;
	if (isKeep(told) && isPage(told.keep)) event.waitUntil(keepPage(told));
});

/** The page as the server gives it now, and each of its parts. */
async function keepPage({ keep, parts }: Keep): Promise<void> {
	const shelf = await caches.open(name);
	try {
		const page = await fetch(keep, { headers: { accept: 'text/html' } });
		if (page.ok && !page.redirected) await shelve(shelf, keep, page);
		for (const part of parts)
			if (!(await shelf.match(part))) {
				const came = await fetch(part);
				if (came.ok) await shelf.put(part, came);
			}
		await shelf.put(listOf(keep), Response.json({ parts, version, at_ms: Date.now() }));
		await sweep(shelf);
	} catch (failure) {
		// No connection: what lies there stays.
		if (!(failure instanceof TypeError)) throw failure;
	}
}

const listOf = (page: string) => `/kept-parts${page}`;

/** Marked as kept: its time is old. */
async function shelve(shelf: Cache, path: string, page: Response): Promise<void> {
	const text = await page.clone().text();
	const headers = new Headers(page.headers);
	headers.delete('content-length');
	headers.delete('content-encoding');
	await shelf.put(path, new Response(text.replace('<html', '<html data-kept="yes"'), { headers }));
}

interface List {
	readonly parts: readonly string[];
	readonly at_ms: number;
}

/** Keep the newest pages; what none of them is made of goes. */
async function sweep(shelf: Cache): Promise<void> {
	const keys = await shelf.keys();
	const lists: { page: string; list: List }[] = [];
	for (const { url } of keys) {
		const { pathname } = new URL(url);
		if (!pathname.startsWith('/kept-parts')) continue;
		const list = (await (await shelf.match(url))?.json()) as List;
		lists.push({ page: pathname.slice('/kept-parts'.length), list });
	}
	lists.sort((a, b) => b.list.at_ms - a.list.at_ms);
	const kept = lists.slice(0, most);
	const wanted = new Set(
		kept
			.flatMap(({ page, list }) => [page, listOf(page), ...list.parts])
			.map((path) => new URL(path, worker.location.origin).href)
	);
	for (const request of keys) if (!wanted.has(request.url)) await shelf.delete(request);
}

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	// Who logs out leaves nothing to look at; what still waits to be sent is another thing, and stays.
	if (request.method === 'POST' && url.pathname === '/logout') event.waitUntil(caches.delete(name));
	if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
	if (request.mode === 'navigate' && isPage(url.pathname)) event.respondWith(pageOf(request, url));
	else if (isPart(url)) event.respondWith(partOf(request));
});

/** From the server while it answers, else as it was kept. */
async function pageOf(request: Request, { pathname }: URL): Promise<Response> {
	const shelf = await caches.open(name);
	const kept = await shelf.match(pathname);
	if (!kept) return fetch(request);
	const late = new Promise<Response>((resolve) =>
		setTimeout(() => resolve(kept.clone()), patience_ms)
	);
	const live = fetch(request).then((page) => (page.status >= 500 ? kept.clone() : page));
	return Promise.race([live, late]).catch(() => kept);
}

/** Never another under the same name. */
async function partOf(request: Request): Promise<Response> {
	const shelf = await caches.open(name);
	return (await shelf.match(request, { ignoreVary: true })) ?? fetch(request);
}
