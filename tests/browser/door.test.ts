import { request as secureRequest } from 'node:https';
import { By, Key, until } from 'selenium-webdriver';
import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';
import { readBooks } from './support/books';
import { ownFolder, startServer, type Server } from './support/server';
import { openPage } from './support/page';

const tls = resolve(import.meta.dirname, '../fixtures/tls');
const passphrase = 'reed and alder';
const stack = {
	...{ sizedBy: 'outline', outline: 'box', length: '2 m', width: '1 m', height: '1 m' },
	...{ wood: 'softwood', form: 'rods', seasoned: 'yes', suspicion: 'none', name: 'rods' },
	actId: 'door-test-0001'
};
const asForm = (fields: Readonly<Record<string, string>>) => new URLSearchParams(fields).toString();

let folder: ReturnType<typeof ownFolder>;
let servers: Server[] = [];
const start = async (env: Record<string, string>, demo = false) => {
	folder = ownFolder();
	const server = await startServer({ database: folder.database, env, demo });
	servers.push(server);
	return server;
};
afterEach(async () => {
	for (const server of servers) await server.stop();
	servers = [];
	folder.drop();
});

/** Ask as a browser that trusts the certificate of the tests. */
function ask(
	address: string,
	headers: Record<string, string>,
	body?: string
): Promise<{ status: number; headers: Record<string, unknown>; text: string }> {
	return new Promise((answered, failed) => {
		const sent = secureRequest(
			address,
			{
				method: body === undefined ? 'GET' : 'POST',
				ca: readFileSync(join(tls, 'cert.pem')),
				headers: {
					...(body === undefined ? {} : { 'content-type': 'application/x-www-form-urlencoded' }),
					...headers
				}
			},
			(answer) => {
				let text = '';
				answer.on('data', (chunk) => (text += String(chunk)));
				answer.on('end', () =>
					answered({ status: answer.statusCode ?? 0, headers: answer.headers, text })
				);
			}
		);
		sent.on('error', failed);
		sent.end(body);
	});
}

describe('over TLS', () => {
	it('forms are taken from its own origin alone, cookies are secure, and pages say so', async () => {
		const server = await start({
			ASHDRIFT_CERT: join(tls, 'cert.pem'),
			ASHDRIFT_KEY: join(tls, 'key.pem')
		});
		expect(server.address).toMatch(/^https:/);
		const { origin } = new URL(server.address);
		const page = await ask(`${server.address}/woodyard`, { accept: 'text/html' });
		expect(page.status).toBe(200);
		expect(page.headers['strict-transport-security']).toMatch(/max-age/);
		expect(page.headers['cache-control']).not.toBe('no-store');
		const post = (from: string) =>
			ask(
				`${server.address}/woodyard?/measure`,
				{ origin: from, accept: 'text/html' },
				asForm(stack)
			);
		expect((await post('https://evil.lan')).status).toBe(403);
		expect((await post(origin)).status).toBe(303);
		const named = await ask(
			`${server.address}/settings?/person`,
			{ origin, accept: 'text/html' },
			asForm({ person: 'Oda', name: 'Oda' })
		);
		expect(String(named.headers['set-cookie'])).toMatch(/; Secure/);
	});

	it('a proxy that is declared may tell of it, and nobody else', async () => {
		const named = { ASHDRIFT_HOSTS: 'https://garden.lan' };
		const headers = {
			host: 'garden.lan',
			origin: 'https://garden.lan',
			'x-forwarded-proto': 'https',
			accept: 'text/html',
			'content-type': 'application/x-www-form-urlencoded'
		};
		const post = async (server: Server) => {
			// fetch would set the host itself.
			const { request } = await import('node:http');
			return new Promise<number>((answered, failed) => {
				const sent = request(
					`${server.address}/woodyard?/measure`,
					{ method: 'POST', headers },
					(answer) => {
						answer.resume();
						answered(answer.statusCode ?? 0);
					}
				);
				sent.on('error', failed);
				sent.end(asForm(stack));
			});
		};
		expect(await post(await start(named))).toBe(421);
		folder.drop();
		expect(await post(await start({ ...named, ASHDRIFT_PROXY: '127.0.0.1' }))).toBe(303);
	});
});

describe('behind a passphrase', () => {
	it('a page leads to the login and back, what was typed is kept, and Log out ends it', async () => {
		const server = await start({ ASHDRIFT_PASSPHRASE: passphrase });
		const page = await openPage(server.address, 'phone');
		try {
			const says = (words: string) =>
				page.driver.wait(
					async () => (await page.text().catch(() => '')).includes(words),
					10_000,
					words
				);
			/** The login page has no script: it is there at once. */
			const tryIn = async (said: string) => {
				await page.fill('Passphrase', said);
				await page.pressHere('Log in');
			};
			await page.driver.get(`${server.address}/woodyard`);
			expect(await page.h1()).toBe('These books want their passphrase');
			expect(await page.accessibility()).toEqual([]);
			await tryIn('wrong');
			await says('That is not it.');
			await tryIn(passphrase);
			await page.answers(/Nothing|woodyard|stack/i);
			expect(await page.path()).toBe('/woodyard');
			// The session ends in another window, and a form is sent all the same.
			await page.driver.manage().deleteCookie('ashdrift_session');
			await page.driver.executeScript(
				`const form = document.createElement('form'); form.method = 'post'; form.action = '/woodyard?/measure';
				for (const [name, value] of Object.entries(arguments[0])) { const field = document.createElement('input'); field.type = 'hidden'; field.name = name; field.value = value; form.append(field); }
				document.body.append(form); form.submit();`,
				stack
			);
			await says('Not written down yet');
			await tryIn(passphrase);
			await says('You are in');
			await page.pressHere('Send what I had typed');
			await page.answers(/S1/);
			const kept = () =>
				page.driver.executeAsyncScript<string[]>('caches.keys().then(arguments[0])');
			await page.go('/log');
			await page.driver.wait(async () => (await kept()).length > 0, 10_000, 'no page was kept');
			await page.go('/settings');
			await page.pressHere('Log out');
			await says('These books want their passphrase');
			expect(await kept()).toEqual([]);
			expect((await page.complaints()).filter((one) => !/403/.test(one))).toEqual([]);
		} finally {
			await page.close();
		}
	}, 60_000);

	it('what waits on a device whose session is over says "log in", and is written once somebody has', async () => {
		const server = await start({ ASHDRIFT_PASSPHRASE: passphrase }, true);
		const page = await openPage(server.address, 'phone');
		const says = (words: string) =>
			page.driver.wait(
				async () => (await page.text().catch(() => '')).includes(words),
				20_000,
				words
			);
		const offline = (yes: boolean) =>
			page.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
				offline: yes,
				latency: 0,
				downloadThroughput: -1,
				uploadThroughput: -1
			});
		try {
			await page.driver.get(`${server.address}/log`);
			await page.fill('Passphrase', passphrase);
			await page.pressHere('Log in');
			await page.driver.wait(until.elementLocated(By.css('main [name=line]')), 20_000);
			await page.driver.sendDevToolsCommand('Network.enable', {});
			await offline(true);
			const field = await page.driver.findElement(By.css('main [name=line]'));
			await field.sendKeys('note Mere 2 slugs in the woad', Key.ENTER);
			await says('One act waits for a connection');
			await page.driver.manage().deleteCookie('ashdrift_session');
			await offline(false);
			await page.driver.executeScript("window.dispatchEvent(new Event('online'))");
			await says('Log in: one act waits on this device.');
			expect(await page.accessibility()).toEqual([]);
			await (await page.driver.findElement(By.linkText('Log in'))).click();
			await says('These books want their passphrase');
			await page.fill('Passphrase', passphrase);
			await page.pressHere('Log in');
			// The page says nothing of what waits before its script has looked: the books are asked.
			const kept = () => {
				const books = readBooks(folder.database);
				const remarks = books.all<{ note: string }>(
					"SELECT found_json AS note FROM finding WHERE what = 'remark'"
				);
				books.close();
				return remarks.filter(({ note }) => note.includes('slugs in the woad'));
			};
			await page.driver.wait(() => kept().length > 0, 20_000, 'it was not written');
			await page.driver.wait(
				async () => !(await page.text().catch(() => 'waits')).includes('waits'),
				20_000,
				'it still waits'
			);
			expect(kept()).toHaveLength(1);
		} finally {
			await page.close();
		}
	}, 90_000);

	it('scripts say it with each request, and guesses wait and are logged', async () => {
		const server = await start({ ASHDRIFT_PASSPHRASE: passphrase });
		const basic = (said: string) => ({
			authorization: `Basic ${Buffer.from(`any:${said}`).toString('base64')}`
		});
		const of = (said: string) => fetch(`${server.address}/health`, { headers: basic(said) });
		expect((await fetch(`${server.address}/health`)).status).toBe(401);
		const right = await of(passphrase);
		expect(right.status).toBe(200);
		expect(right.headers.get('cache-control')).toBe('no-store');
		for (let i = 0; i < 5; i += 1) expect((await of('guess')).status).toBe(401);
		expect((await of('guess')).status).toBe(429);
		expect((await of(passphrase)).status).toBe(429);
		expect(server.log()).toMatch(/"login":"wrong passphrase","from":"127\.0\.0\.1","wrong":5/);
		await new Promise((waited) => setTimeout(waited, 1100));
		expect((await of(passphrase)).status).toBe(200);
	});
});

describe('one set of books', () => {
	it('is kept by one process: another is refused with whose it is', async () => {
		const server = await start({});
		await expect(startServer({ database: folder.database })).rejects.toThrow(
			/are kept by process \d+ on/
		);
		await server.stop('SIGKILL');
		servers = [await startServer({ database: folder.database })];
		expect((await fetch(`${servers[0]!.address}/health`)).status).toBe(200);
	});
});
