// By which names these books may be asked for, and by which way a request really came.

const loopbackNames = ['127.0.0.1', 'localhost', '[::1]'];
const portAtEnd = /:\d+$/;

/** @param {string} host an address to listen on, as a name in a header */
export const nameOf = (host) => (host.includes(':') ? `[${host}]` : host);

/** @param {string} host whether only this machine itself can reach it */
export const isLoopback = (host) => loopbackNames.includes(nameOf(host));

/**
 * Names that are served: those of this machine, the address listened on, and what ASHDRIFT_HOSTS names, with a
 * scheme (`https://garden.lan`, then by that way alone) or without (`garden.lan`).
 * @param {string} host
 * @param {string} named
 * @returns {Map<string, string | undefined>} the scheme each is bound to, by its name
 */
export function namesServed(host, named = '') {
	/** @type {Map<string, string | undefined>} */
	const names = new Map([...loopbackNames, nameOf(host)].map((name) => [name, undefined]));
	for (const one of named.split(',').map((text) => text.trim().toLowerCase())) {
		const [, scheme, name = ''] = /^(?:(https?):\/\/)?([^/]*)\/?$/.exec(one) ?? [];
		if (name) names.set(name.replace(portAtEnd, ''), scheme);
	}
	return names;
}

/** @param {string} text addresses of proxies, comma by comma */
export const proxiesIn = (text = '') =>
	new Set(
		text
			.split(',')
			.map((one) => one.trim())
			.filter(Boolean)
	);

/** An IPv4 address is written the same, whichever way the socket tells it. @param {string | undefined} address */
const plain = (address = '') => address.replace(/^::ffff:/, '');

/**
 * How a request came: by its socket, and only through a proxy that was declared by what that says of it.
 * @param {import('node:http').IncomingMessage} request
 * @param {ReadonlySet<string>} proxies
 * @returns {{ scheme: 'http' | 'https', host: string, from: string }}
 */
export function wayOf(request, proxies) {
	const { socket, headers } = request;
	const from = plain(socket.remoteAddress);
	const isEncrypted = 'encrypted' in socket && socket.encrypted === true;
	/** @type {{ scheme: 'http' | 'https', host: string, from: string }} */
	const own = { scheme: isEncrypted ? 'https' : 'http', host: headers.host ?? '', from };
	if (!proxies.has(from)) return own;
	const said = (/** @type {string} */ name) =>
		String(headers[name] ?? '')
			.split(',')
			.at(-1)
			?.trim() || undefined;
	return {
		scheme: said('x-forwarded-proto') === 'https' ? 'https' : own.scheme,
		host: said('x-forwarded-host') ?? own.host,
		from: said('x-forwarded-for') ?? from
	};
}

/**
 * Why a request is not answered; nothing where it is.
 * @param {ReturnType<typeof wayOf>} way
 * @param {ReturnType<typeof namesServed>} names
 * @returns {string | undefined}
 */
export function refusalOf({ scheme, host }, names) {
	const name = host.toLowerCase().replace(portAtEnd, '');
	if (!names.has(name))
		return 'This address is not one that Ashdrift serves. Name it in ASHDRIFT_HOSTS.\n';
	const bound = names.get(name);
	return bound === undefined || bound === scheme
		? undefined
		: `ASHDRIFT_HOSTS names ${bound}://${name}, and this came by ${scheme}. Behind a proxy name the proxy's address in ASHDRIFT_PROXY.\n`;
}
