import { closeSync, openSync, statSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readBooks } from '../../tests/browser/support/books';
import { actId, post } from '../../tests/browser/support/post';
import { ownFolder, startServer, type Server } from '../../tests/browser/support/server';
import { tell } from './scale';

let folder: ReturnType<typeof ownFolder>;
let server: Server | undefined;
beforeEach(() => (folder = ownFolder()));
afterEach(async () => {
	await server?.stop('SIGKILL');
	folder.drop();
});

const serve = async (env: Readonly<Record<string, string>> = {}) =>
	(server = await startServer({
		database: folder.database,
		now: '2026-11-24T12:00:00Z',
		demo: true,
		env
	}));
const note = (of: Server, words: string) =>
	post(of, '/log?/write', { line: `note Mere 2 ${words}`, actId: actId() });
const page = async (of: Server, path: string) => {
	const answer = await fetch(of.address + path, { headers: { accept: 'text/html' } });
	return { status: answer.status, text: await answer.text() };
};
const acts = () => {
	const books = readBooks(folder.database);
	const n = books.acts();
	const faults = books.faults();
	books.close();
	return { n, faults };
};

const preload = join(import.meta.dirname, 'small-disk.mjs');

describe('a disk', () => {
	it('that is full: what was acknowledged is there, what is refused says so, pages can be read', async () => {
		const full = await serve({ ASHDRIFT_PAGES_LEFT: '12', NODE_OPTIONS: `--import ${preload}` });
		const before = acts().n;
		let kept = 0;
		let refused: Response | undefined;
		for (let n = 0; n < 400 && !refused; n += 1) {
			const answer = await note(full, `the ${n}th ${'word '.repeat(60)}`);
			if (answer.status === 303) kept += 1;
			else refused = answer;
		}
		expect(refused?.status).toBe(500);
		const words = (await refused?.text()) ?? '';
		expect(words).toContain('The disk is full. Nothing was written');
		expect(words).toMatch(/The last good copy is |There is no copy yet/);
		expect((await page(full, '/beds/Mere%202')).status).toBe(200);
		const after = acts();
		expect(after.n).toBe(before + kept);
		expect(after.faults).toEqual([]);
		tell(
			'faults',
			`full disk: ${kept} acts kept, the next refused in words, pages still read, laws hold`
		);
	}, 120_000);

	it('that takes no writing: said in words, and pages can be read', async () => {
		const still = await serve({ ASHDRIFT_TAKES_NOTHING: '1', NODE_OPTIONS: `--import ${preload}` });
		const before = acts().n;
		await new Promise((done) => setTimeout(done, 2500));
		const answer = await note(still, 'after');
		expect(answer.status).toBe(500);
		expect(await answer.text()).toContain('read-only. Nothing was written');
		expect((await page(still, '/beds/Mere%202')).status).toBe(200);
		expect(acts().n).toBe(before);
		tell('faults', 'read-only disk: an act refused in words, pages still read');
	}, 120_000);
});

describe('books that were damaged', () => {
	it('in the midst of a day: said on the page, at /health, and where the last good copy lies', async () => {
		const first = await serve();
		// Its first copy is made soon after it begins.
		await expect.poll(() => first.log(), { timeout: 20_000 }).toContain('"backup":"ashdrift-');
		const size = statSync(folder.database).size;
		const file = openSync(folder.database, 'r+');
		// Every second page of the last two thirds is overwritten.
		for (let at = Math.ceil(size / 3 / 4096) * 4096; at < size; at += 8192)
			writeSync(file, Buffer.alloc(4096, 0x5a), 0, 4096, at);
		closeSync(file);
		const told: string[] = [];
		for (const path of ['/', '/beds', '/beds/Mere%202', '/keeping', '/stock', '/charging', '/fires']) {
			const { status, text } = await page(first, path);
			if (status === 200) continue;
			expect(status, path).toBe(500);
			expect(text, path).toContain('damaged');
			expect(text, path).toContain('The last good copy is ');
			told.push(path);
		}
		expect(told.length).toBeGreaterThan(0);
		tell(
			'faults',
			`damaged in the midst of a day: ${told.length} of 7 pages say so and where the last copy lies`
		);
		await first.stop();
		const again = startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' });
		const outcome = await again.then(
			(one) => (server = one),
			(error: Error) => error.message
		);
		if (typeof outcome === 'string') {
			expect(outcome).toMatch(/damaged/);
			expect(outcome).not.toMatch(/\n\s+at /);
			tell('faults', 'damaged at the start: refused in a sentence');
		} else {
			const health = async () => (await fetch(`${outcome.address}/health`)).status;
			await expect.poll(health, { timeout: 20_000 }).toBe(503);
			tell('faults', 'damaged at the start: /health answers 503');
		}
	}, 120_000);
});

describe('a clock', () => {
	it('that was years ahead and is put right stops neither acts nor copies', async () => {
		server = await startServer({
			database: folder.database,
			now: '2031-05-01T12:00:00Z',
			demo: true
		});
		await expect.poll(() => server?.log(), { timeout: 20_000 }).toContain('"backup":"ashdrift-');
		await server.stop();
		server = await startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' });
		expect((await note(server, 'in its own time')).status).toBe(303);
		await expect.poll(() => server?.log(), { timeout: 20_000 }).toContain('"backup":"ashdrift-');
		expect((await page(server, '/keeping')).text).toMatch(/ahead/);
		tell(
			'faults',
			'clock years ahead, then right: acts are taken, a copy is made, Keeping says so'
		);
	}, 120_000);
});

describe('two servers', () => {
	it('of one set of books: the second is refused with whose it is', async () => {
		await serve();
		await expect(
			startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' })
		).rejects.toThrow(/are kept by/);
		tell('faults', 'a second server on one set of books: refused in a sentence');
	}, 60_000);
});
