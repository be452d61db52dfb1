import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { namesServed, proxiesIn, refusalOf, wayOf } from '../../scripts/door/origins.mjs';
import { idle_ms, openSessions, openWaits, secretAt } from '../../scripts/door/sessions.mjs';
import { lockFor } from '../../scripts/door/lock.mjs';
import { inWords } from '../../scripts/door/troubles.mjs';

let folder: string;
beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'ashdrift-door-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const request = (
	headers: Record<string, string>,
	from = '192.168.1.9',
	encrypted = false
): Parameters<typeof wayOf>[0] =>
	({ headers, socket: { remoteAddress: from, encrypted } }) as never;

describe('the way a request came', () => {
	const proxies = proxiesIn('10.0.0.2');

	it('is told by its socket, whatever its headers say', () => {
		const way = wayOf(
			request({ host: 'garden.lan', 'x-forwarded-proto': 'https', 'x-forwarded-host': 'evil.lan' }),
			proxies
		);
		expect(way).toEqual({ scheme: 'http', host: 'garden.lan', from: '192.168.1.9' });
		expect(wayOf(request({ host: 'garden.lan' }, '::ffff:10.0.0.9', true), proxies)).toEqual({
			scheme: 'https',
			host: 'garden.lan',
			from: '10.0.0.9'
		});
	});

	it('is told by a proxy that was declared, by its last word', () => {
		const way = wayOf(
			request(
				{
					host: '127.0.0.1:4780',
					'x-forwarded-proto': 'http, https',
					'x-forwarded-host': 'garden.lan',
					'x-forwarded-for': '8.8.8.8, 192.168.1.50'
				},
				'10.0.0.2'
			),
			proxies
		);
		expect(way).toEqual({ scheme: 'https', host: 'garden.lan', from: '192.168.1.50' });
	});

	it('must be by a name that is served, and by its scheme where it has one', () => {
		const names = namesServed('0.0.0.0', 'garden.lan, https://Books.lan:8443/');
		const by = (scheme: 'http' | 'https', host: string) =>
			refusalOf({ scheme, host, from: '' }, names);
		expect(by('http', 'localhost:4780')).toBeUndefined();
		expect(by('http', 'garden.lan')).toBeUndefined();
		expect(by('https', 'garden.lan')).toBeUndefined();
		expect(by('https', 'BOOKS.lan:8443')).toBeUndefined();
		expect(by('http', 'books.lan')).toMatch(/ASHDRIFT_PROXY/);
		expect(by('https', 'evil.lan')).toMatch(/ASHDRIFT_HOSTS/);
	});
});

describe('a session', () => {
	let at_ms = 1_000_000;
	const now = () => at_ms;
	const open = (passphrase = 'reed and alder', secret = secretAt(join(folder, 'one.secret'))) =>
		openSessions({ passphrase, secret, now });

	it('holds for thirty days after it was last used, and is renewed as it is used', () => {
		const cookie = open().begin();
		expect(open().look(cookie)).toEqual({ ok: true });
		at_ms += idle_ms - 1000;
		const { ok, renewed } = open().look(cookie);
		expect(ok).toBe(true);
		at_ms += 2000;
		expect(open().look(cookie).ok).toBe(false);
		expect(open().look(renewed).ok).toBe(true);
	});

	it('ends with the passphrase, with the secret, and with a letter changed', () => {
		const cookie = open().begin();
		expect(open('another passphrase').look(cookie).ok).toBe(false);
		expect(open('reed and alder', secretAt(join(folder, 'two.secret'))).look(cookie).ok).toBe(
			false
		);
		expect(open().look(`z${cookie}`).ok).toBe(false);
		for (const none of [undefined, '', '.', '..', 'a.b.c.d'])
			expect(open().look(none).ok).toBe(false);
	});

	it('rests on a secret that is made once', () => {
		const path = join(folder, 'one.secret');
		expect(secretAt(path)).toEqual(secretAt(path));
		expect(readFileSync(path)).toHaveLength(32);
	});
});

describe('who guesses', () => {
	it('waits longer after each wrong one past the fifth, by address, and not for ever', () => {
		let at_ms = 0;
		const waits = openWaits({ now: () => at_ms });
		for (let i = 0; i < 4; i += 1) waits.wrong('a');
		expect(waits.left('a')).toBe(0);
		const after = Array.from({ length: 14 }, () => {
			waits.wrong('a');
			return waits.left('a');
		});
		expect(after.slice(0, 4)).toEqual([1000, 2000, 4000, 8000]);
		expect(after.at(-1)).toBe(15 * 60 * 1000);
		expect(waits.left('b')).toBe(0);
		at_ms += 16 * 60 * 1000;
		expect(waits.left('a')).toBe(0);
		waits.right('a');
		expect(waits.wrong('a')).toBe(1);
	});
});

describe('the lock of a set of books', () => {
	it('is held by one, who says who it is, and is free once let go of', () => {
		const database = join(folder, 'books.sqlite');
		const first = lockFor(database);
		expect(first).toHaveProperty('free');
		expect(lockFor(database)).toEqual({
			by: expect.stringContaining(`process ${process.pid}`) as string
		});
		if ('free' in first) first.free();
		const again = lockFor(database);
		expect(again).toHaveProperty('free');
		if ('free' in again) again.free();
	});

	it('tells in a sentence what is the matter with books', () => {
		const of = (code: string) => inWords(Object.assign(new Error(code), { code }), 'b.sqlite');
		expect(of('SQLITE_NOTADB')).toMatch(/no database/);
		expect(of('SQLITE_CORRUPT_VTAB')).toMatch(/damaged/);
		expect(of('EROFS')).toMatch(/read-only/);
		expect(of('SQLITE_FULL')).toMatch(/full/);
		expect(inWords(new Error('newer Ashdrift'), 'b.sqlite')).toBe('newer Ashdrift');
	});
});
