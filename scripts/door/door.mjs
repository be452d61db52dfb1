// Stands before every answer: by which name it was asked for, and whether whoever asks may in.
import { join, dirname, basename } from 'node:path';
import { isLoopback, namesServed, proxiesIn, refusalOf, wayOf } from './origins.mjs';
import { againPage, loginPage } from './login-page.mjs';
import { idle_ms, openSessions, openWaits, secretAt, sessionCookie } from './sessions.mjs';

/** @typedef {import('node:http').IncomingMessage} Request */
/** @typedef {import('node:http').ServerResponse} Response */

const longestForm = 256 * 1024;
const shortest = 8;

/**
 * @param {{ host: string, database: string, env?: NodeJS.ProcessEnv, say?: (line: Record<string, unknown>) => void }} of
 * @returns what stands in the way of serving at all, or the door itself
 */
export function openDoor({ host, database, env = process.env, say = () => {} }) {
	const passphrase = env.ASHDRIFT_PASSPHRASE ?? '';
	if (!isLoopback(host) && passphrase.length < shortest)
		return {
			trouble: `HOST is ${host}: anyone on that network could read and change these books. Set ASHDRIFT_PASSPHRASE to eight characters or more, and serve them by TLS (ASHDRIFT_CERT and ASHDRIFT_KEY, or a proxy in front).`
		};
	const names = namesServed(host, env.ASHDRIFT_HOSTS);
	const proxies = proxiesIn(env.ASHDRIFT_PROXY);
	// Kept beside the books under their name, in none of their copies.
	const secret = () => secretAt(join(dirname(database), `${basename(database)}.secret`));
	const keeper = passphrase
		? keeperOf(openSessions({ passphrase, secret: secret() }), say)
		: undefined;
	return {
		/**
		 * Let a request in, or answer it here.
		 * @param {Request} request
		 * @param {Response} response
		 * @param {() => void} enter
		 */
		meet(request, response, enter) {
			response.setHeader('x-content-type-options', 'nosniff');
			const way = wayOf(request, proxies);
			const refused = refusalOf(way, names);
			if (refused !== undefined) return answer(response, 421, refused);
			if (way.scheme === 'https')
				response.setHeader('strict-transport-security', 'max-age=31536000');
			request.headers['x-ashdrift-proto'] = way.scheme;
			request.headers['x-ashdrift-host'] = way.host;
			if (!keeper) return enter();
			// What one passphrase opens is kept by no browser: the back button asks anew.
			response.setHeader('cache-control', 'no-store');
			keeper(request, response, way, enter);
		}
	};
}

function answer(
	/** @type {Response} */ response,
	/** @type {number} */ status,
	/** @type {string} */ text
) {
	response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8' });
	response.end(text);
}

/** Only a page of these books. @param {string | null | undefined} to */
const within = (to) => (to && /^\/(?![/\\])/.test(to) && !to.startsWith('/login') ? to : '/');

const inWords = (/** @type {number} */ ms) =>
	ms < 60_000 ? `${Math.ceil(ms / 1000)} seconds` : `${Math.ceil(ms / 60_000)} minutes`;

/**
 * @param {ReturnType<typeof openSessions>} sessions
 * @param {(line: Record<string, unknown>) => void} say
 */
function keeperOf(sessions, say) {
	const waits = openWaits();
	const cookieText = (
		/** @type {string} */ value,
		/** @type {boolean} */ isSecure,
		age_s = idle_ms / 1000
	) =>
		`${sessionCookie}=${value}; Path=/; Max-Age=${age_s}; HttpOnly; SameSite=Lax${isSecure ? '; Secure' : ''}`;

	/** @param {Response} response @param {number} status @param {string} text */
	const page = (response, status, text) => {
		response.writeHead(status, {
			'content-type': 'text/html; charset=utf-8',
			'content-security-policy':
				"default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; frame-ancestors 'none'"
		});
		response.end(text);
	};

	/** @param {string} said @param {string} from @returns {'in' | 'wrong' | number} or how long to wait, ms */
	const judge = (said, from) => {
		const left = waits.left(from);
		if (left > 0) return left;
		if (sessions.isPassphrase(said)) {
			waits.right(from);
			return 'in';
		}
		const wrong = waits.wrong(from);
		say({ login: 'wrong passphrase', from, wrong });
		return 'wrong';
	};

	/** @param {Request} request @param {Response} response @param {ReturnType<typeof wayOf>} way */
	const logIn = async (request, response, { from, scheme }) => {
		const form = new URLSearchParams(await bodyOf(request));
		const to = within(form.get('to'));
		const path = within(form.get('againPath'));
		const again = form.has('againPath') ? { path, body: form.get('againBody') ?? '' } : undefined;
		const judged = judge(form.get('passphrase') ?? '', from);
		if (typeof judged === 'number') {
			const says = `Too many were wrong. Wait ${inWords(judged)} and try again.`;
			return page(response, 429, loginPage({ to, says, again }));
		}
		if (judged === 'wrong')
			return page(response, 403, loginPage({ to, says: 'That is not it.', again }));
		response.setHeader('set-cookie', cookieText(sessions.begin(), scheme === 'https'));
		if (again) return page(response, 200, againPage(again));
		response.writeHead(303, { location: to }).end();
	};

	/** A form that was sent when its session was over is kept on the page that asks for the passphrase. */
	const keepForm = async (/** @type {Request} */ request, /** @type {Response} */ response) => {
		const path = within(request.url);
		const body = await bodyOf(request);
		page(response, 403, loginPage({ to: '/', again: { path, body } }));
	};

	/**
	 * @param {Request} request
	 * @param {Response} response
	 * @param {ReturnType<typeof wayOf>} way
	 * @param {() => void} enter
	 */
	return (request, response, way, enter) => {
		const url = new URL(request.url ?? '/', 'http://here');
		const isSecure = way.scheme === 'https';
		const isPost = request.method === 'POST';
		if (url.pathname === '/login' && isPost && isOwn(request, way))
			return void logIn(request, response, way);
		const { ok, renewed } = sessions.look(cookieOf(request));
		if (url.pathname === '/logout' && isPost && isOwn(request, way)) {
			response.writeHead(303, { location: '/login', 'set-cookie': cookieText('', isSecure, 0) });
			return response.end();
		}
		if (ok) {
			if (url.pathname === '/login') return void response.writeHead(303, { location: '/' }).end();
			if (renewed) response.setHeader('set-cookie', cookieText(renewed, isSecure));
			return enter();
		}
		const basic = request.headers.authorization;
		if (basic !== undefined) {
			const judged = judge(saidBy(basic), way.from);
			if (judged === 'in') return enter();
			if (typeof judged === 'number') {
				response.setHeader('retry-after', Math.ceil(judged / 1000));
				return answer(response, 429, `Too many were wrong. Wait ${inWords(judged)}.\n`);
			}
		}
		if (url.pathname === '/login')
			return page(response, 200, loginPage({ to: within(url.searchParams.get('to')) }));
		const wantsPage = (request.headers.accept ?? '').includes('text/html');
		if (wantsPage && basic === undefined) {
			const type = request.headers['content-type'] ?? '';
			if (isPost && type.startsWith('application/x-www-form-urlencoded') && isOwn(request, way))
				return void keepForm(request, response);
			const to = isPost ? '/' : url.pathname + url.search;
			return void response
				.writeHead(303, { location: `/login?${new URLSearchParams({ to })}` })
				.end();
		}
		// A browser that is asked so would show a window of its own; its pages say "log in" themselves.
		if (request.headers['sec-fetch-mode'] === undefined)
			response.setHeader('www-authenticate', 'Basic realm="Ashdrift", charset="UTF-8"');
		answer(response, 401, 'These books want their passphrase; the name does not matter.\n');
	};
}

/** Sent by a page of these books, and not by one elsewhere. @param {Request} request @param {ReturnType<typeof wayOf>} way */
const isOwn = ({ headers }, { scheme, host }) =>
	headers.origin === undefined || headers.origin === `${scheme}://${host}`;

const cookieOf = (/** @type {Request} */ { headers }) =>
	new RegExp(`(?:^|;\\s*)${sessionCookie}=([^;]*)`).exec(headers.cookie ?? '')?.[1];

/** The passphrase of basic authentication; the name before it does not matter. @param {string} header */
function saidBy(header) {
	const sent = Buffer.from(header.replace(/^Basic /, ''), 'base64').toString();
	return sent.slice(sent.indexOf(':') + 1);
}

/** @param {Request} request @returns {Promise<string>} */
function bodyOf(request) {
	return new Promise((read) => {
		/** @type {Buffer[]} */
		const chunks = [];
		let length = 0;
		request.on('data', (/** @type {Buffer} */ chunk) => {
			length += chunk.length;
			if (length <= longestForm) chunks.push(chunk);
		});
		// Put together first: a letter may lie across two of them. What is longer is not kept in part.
		request.on('end', () => read(length <= longestForm ? Buffer.concat(chunks).toString() : ''));
		request.on('error', () => read(''));
	});
}
