import { building } from '$app/environment';
import { personCookie, signerOf } from '$lib/server/device';
import { statementsRun } from '$lib/server/db/open';
import { failureOf } from '$lib/server/db/failures';
import { copyWords, failureWords } from '$lib/format/failure-words';
import { lastCopy, log, start, stop } from '$lib/server/runtime';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';

export const init: ServerInit = async () => {
	if (building) return;
	await start();
	process.once('sveltekit:shutdown', stop);
};

const headers = {
	'x-content-type-options': 'nosniff',
	// no-referrer would make every form post look foreign
	'referrer-policy': 'same-origin',
	'permissions-policy': 'camera=(), geolocation=(), microphone=()',
	'cross-origin-opener-policy': 'same-origin'
};

let before = Promise.resolve();

/**
 * Requests that come at once are begun one to a turn of the event loop: whoever else waits is not kept until all of
 * them are answered.
 */
const ownTurn = (): Promise<void> =>
	(before = before.then(() => new Promise((turn) => setImmediate(turn))));

/**
 * A page as it was rendered. The framework would reckon a tag of every letter of it, a tenth of
 * what the page costs, and no page is ever the same twice: each has ids for its forms and a nonce.
 */
async function pageOf(
	event: Parameters<Handle>[0]['event'],
	resolve: Parameters<Handle>[0]['resolve']
): Promise<Response> {
	let page = '';
	const response = await resolve(event, {
		transformPageChunk: ({ html }) => {
			page += html;
			return '';
		}
	});
	if (page === '') return response;
	const { status, headers } = response;
	const body = Buffer.from(page);
	headers.delete('etag');
	headers.set('content-length', String(body.length));
	return new Response(body, { status, headers });
}

export const handle: Handle = async ({ event, resolve }) => {
	await ownTurn();
	const started = performance.now();
	const askedBefore = statementsRun();
	event.locals.requestId = randomUUID();
	event.locals.signed = signerOf(event.cookies.get(personCookie));
	const response = await pageOf(event, resolve);
	for (const [name, value] of Object.entries(headers)) response.headers.set(name, value);
	response.headers.set('x-request-id', event.locals.requestId);
	if (askedBefore !== undefined)
		response.headers.set('server-timing', `queries;desc=${(statementsRun() ?? 0) - askedBefore}`);
	log.info({
		request: event.locals.requestId,
		method: event.request.method,
		path: event.url.pathname,
		status: response.status,
		ms: Math.round((performance.now() - started) * 10) / 10
	});
	return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const requestId = event.locals.requestId;
	if (status >= 500)
		log.error({
			request: requestId,
			path: event.url.pathname,
			error: error instanceof Error ? error.stack : String(error)
		});
	const failure = failureOf(error);
	if (failure) return { message: `${failureWords[failure]} ${copyWords(lastCopy())}`, requestId };
	return { message: status === 404 ? 'There is no such page here.' : message, requestId };
};
