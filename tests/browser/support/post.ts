import type { Server } from './server';

let counter = 0;

/** An id as a form would make it. */
export const actId = (): string => `browser-act-${Date.now()}-${(counter += 1)}`;

/** Send a form as a browser would, without one. Redirects are not followed: a 303 is a yes. */
export function post(
	server: Pick<Server, 'address'>,
	path: string,
	fields: Readonly<Record<string, string>>,
	headers: Readonly<Record<string, string>> = {}
): Promise<Response> {
	return fetch(server.address + path, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin: server.address, accept: 'text/html', ...headers },
		body: new URLSearchParams(fields)
	});
}

/** The same as the script of a page sends it: what came of it, without the page anew. */
export async function postByScript(
	server: Pick<Server, 'address'>,
	path: string,
	fields: Readonly<Record<string, string>>
): Promise<{ readonly status: number }> {
	const answer = await post(server, path, fields, {
		accept: 'application/json',
		'x-sveltekit-action': 'true'
	});
	if (!answer.ok) return answer;
	return (await answer.json()) as { status: number };
}
