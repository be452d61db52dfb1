// Serves the built program. A server of our own around the built handler, so that a form
// posted from any of the machine's own names is accepted and one from a foreign site is not.
import { createHash, timingSafeEqual } from 'node:crypto';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import compression from 'compression';
import { root, stop } from './ready.mjs';

// A page is asked for now and then and not ten thousand times: its code is compiled when it is first called.
setFlagsFromString('--always-sparkplug');

const loopbackNames = ['127.0.0.1', 'localhost', '[::1]'];

/**
 * @param {{ host: string, port: number, database: string, demo?: boolean | string }} where
 * @returns {Promise<string>} the address served
 */
export async function serve({ host, port, database, demo = false }) {
	process.env.ASHDRIFT_DB = database;
	process.env.ASHDRIFT_DEMO = demo === true ? '1' : demo || '';
	process.env.PROTOCOL_HEADER = 'x-ashdrift-proto';
	process.env.HOST_HEADER = 'x-ashdrift-host';
	process.env.BODY_SIZE_LIMIT ??= '2M';
	const shrink = compression();
	const { handler } = await import(pathToFileURL(join(root, 'build', 'handler.js')).href);

	const passphrase = process.env.ASHDRIFT_PASSPHRASE ?? '';
	if (!loopbackNames.includes(host.includes(':') ? `[${host}]` : host) && passphrase.length < 8)
		stop(
			`HOST is ${host}: anyone on that network could read and change these books. Set ASHDRIFT_PASSPHRASE to eight characters or more, and put TLS in front of it.`
		);

	const allowed = new Set([
		...loopbackNames,
		host,
		...(process.env.ASHDRIFT_HOSTS ?? '').split(',')
	]);
	const server = createServer((request, response) => {
		const asked = request.headers.host ?? '';
		if (!allowed.has(asked.replace(/:\d+$/, ''))) {
			response.writeHead(421, { 'content-type': 'text/plain' });
			response.end('This address is not one that Ashdrift serves. Name it in ASHDRIFT_HOSTS.\n');
			return;
		}
		if (passphrase && !isKnown(request.headers.authorization, passphrase)) {
			response.writeHead(401, {
				'content-type': 'text/plain',
				'www-authenticate': 'Basic realm="Ashdrift", charset="UTF-8"'
			});
			response.end('These books want their passphrase; the name does not matter.\n');
			return;
		}
		request.headers['x-ashdrift-proto'] = 'http';
		request.headers['x-ashdrift-host'] = asked;
		shrink(request, response, () =>
			handler(request, response, () => response.writeHead(404).end())
		);
	});

	// Longer than whoever asks keeps a connection open, so that none is closed as it is used again.
	server.keepAliveTimeout = 65_000;
	await listen(server, host, port);
	endGracefully(server);
	const bound = server.address();
	const actual = typeof bound === 'object' && bound ? bound.port : port;
	return `http://${host.includes(':') ? `[${host}]` : host}:${actual}`;
}

/** Whether a request carries the passphrase; compared in constant time. */
function isKnown(/** @type {string | undefined} */ header, /** @type {string} */ passphrase) {
	const digest = (/** @type {string} */ text) => createHash('sha256').update(text).digest();
	const sent = Buffer.from(header?.replace(/^Basic /, '') ?? '', 'base64').toString();
	return timingSafeEqual(digest(sent.slice(sent.indexOf(':') + 1)), digest(passphrase));
}

function listen(
	/** @type {import('node:http').Server} */ server,
	/** @type {string} */ host,
	/** @type {number} */ port
) {
	return new Promise((resolve) => {
		server.once('error', (/** @type {NodeJS.ErrnoException} */ error) => {
			if (error.code === 'EADDRINUSE')
				stop(
					`Port ${port} on ${host} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm run …`
				);
			stop(`Could not listen on ${host}:${port}: ${error.message}`);
		});
		server.listen(port, host, () => resolve(undefined));
	});
}

function endGracefully(/** @type {import('node:http').Server} */ server) {
	const end = () => {
		server.close(() => {
			// The database closes on this event; see src/hooks.server.ts.
			process.emit(/** @type {never} */ ('sveltekit:shutdown'));
			process.exit(0);
		});
		// An answer still under way makes its connection busy; it is idle, and so closed, a moment later.
		server.closeIdleConnections();
		setInterval(() => server.closeIdleConnections(), 100).unref();
		setTimeout(() => server.closeAllConnections(), 3000).unref();
	};
	process.once('SIGTERM', end);
	process.once('SIGINT', end);
}

/** Stop in words when the port is taken, before anything is touched. */
export async function ensureFree(/** @type {{ host: string, port: number }} */ { host, port }) {
	const probe = createServer();
	await listen(probe, host, port);
	await new Promise((resolve) => probe.close(resolve));
}

/** Host and port from the environment, checked in words. */
export function address() {
	const text = process.env.PORT ?? '4780';
	const port = Number(text);
	if (!Number.isInteger(port) || port < 0 || port > 65535)
		stop(`PORT is "${text}"; it must be a whole number from 0 to 65535.`);
	return { host: process.env.HOST ?? '127.0.0.1', port };
}
