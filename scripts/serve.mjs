// Serves the built program. A server of our own around the built handler: who may in is decided at its door.
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import compression from 'compression';
import { openDoor } from './door/door.mjs';
import { lockFor } from './door/lock.mjs';
import { nameOf } from './door/origins.mjs';
import { inWords } from './door/troubles.mjs';
import { root, stop } from './ready.mjs';

// A page is asked for now and then and not ten thousand times: its code is compiled when it is first called.
setFlagsFromString('--always-sparkplug');

const say = (/** @type {Record<string, unknown>} */ line) =>
	console.log(JSON.stringify({ time: Date.now(), ...line }));

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
	process.env.ASHDRIFT_THREADS ??= join(built(), 'threads');
	const door = openDoor({ host, database, say });
	if ('trouble' in door) stop(door.trouble);
	const lock = lockOrStop(database);
	const shrink = compression();
	const handler = await handlerOrStop(database);
	const tls = certificate();
	/** @type {import('node:http').RequestListener} */
	const answer = (request, response) =>
		door.meet(request, response, () =>
			shrink(/** @type {never} */ (request), /** @type {never} */ (response), () =>
				handler(request, response, () => response.writeHead(404).end())
			)
		);
	const server = tls ? createSecureServer(tls, answer) : createServer(answer);

	// Longer than whoever asks keeps a connection open, so that none is closed as it is used again.
	server.keepAliveTimeout = 65_000;
	await listen(server, host, port);
	endGracefully(server, lock.free);
	const bound = server.address();
	const actual = typeof bound === 'object' && bound ? bound.port : port;
	return `${tls ? 'https' : 'http'}://${nameOf(host)}:${actual}`;
}

/** Where what was built lies: a test serves another one. */
const built = () => process.env.ASHDRIFT_BUILD ?? join(root, 'build');

/** Another process that keeps the same books would undo what this one promises. */
function lockOrStop(/** @type {string} */ database) {
	try {
		const lock = lockFor(database);
		if ('by' in lock)
			stop(
				`The books in ${database} are kept by ${lock.by}. Stop that first, or name others in ASHDRIFT_DB.`
			);
		return lock;
	} catch (error) {
		stop(inWords(error, database));
	}
}

/** The built program with its books open, or the end in words. */
async function handlerOrStop(/** @type {string} */ database) {
	try {
		const { handler } = await import(pathToFileURL(join(built(), 'handler.js')).href);
		return handler;
	} catch (error) {
		stop(inWords(error, database));
	}
}

/** Certificate and key as the environment names them; none: plain HTTP. */
function certificate() {
	const { ASHDRIFT_CERT: cert, ASHDRIFT_KEY: key } = process.env;
	if (!cert && !key) return undefined;
	if (!cert || !key) stop('Name both ASHDRIFT_CERT and ASHDRIFT_KEY, or neither.');
	try {
		return { cert: readFileSync(cert), key: readFileSync(key) };
	} catch (error) {
		stop(
			`The certificate or its key can't be read: ${error instanceof Error ? error.message : error}`
		);
	}
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

function endGracefully(
	/** @type {import('node:http').Server} */ server,
	/** @type {() => void} */ free
) {
	const end = () => {
		server.close(() => {
			// The database closes on this event; see src/hooks.server.ts.
			process.emit(/** @type {never} */ ('sveltekit:shutdown'));
			free();
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
