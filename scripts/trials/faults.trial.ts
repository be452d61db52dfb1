import Database from 'better-sqlite3';
import { closeSync, openSync, writeSync } from 'node:fs';
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
	it('are served as far as they go: said on the page, at /health, and where the last good copy lies', async () => {
		const first = await serve();
		// Its first copy is made soon after it begins.
		await expect.poll(() => first.log(), { timeout: 20_000 }).toContain('"backup":"ashdrift-');
		await first.stop();
		const pages = damage(folder.database, ['application', 'quench_check']);
		const again = await startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' });
		server = again;
		const health = async () => (await fetch(`${again.address}/health`)).status;
		await expect.poll(health, { timeout: 20_000 }).toBe(503);
		const told: string[] = [];
		const asked = ['/', '/beds', '/beds/Mere%202', '/keeping', '/stock', '/charging', '/fires/F6'];
		for (const path of asked) {
			const { status, text } = await page(again, path);
			if (status === 200) continue;
			expect(status, path).toBe(500);
			expect(text, path).toContain('damaged');
			expect(text, path).toContain('The last good copy is ');
			told.push(path);
		}
		expect(told).toContain('/beds/Mere%202');
		tell(
			'faults',
			`${pages} damaged pages: /health 503, ${told.length} of ${asked.length} addresses say so and where the last copy lies`
		);
	}, 120_000);

	it('at their very beginning are refused at the start, in a sentence', async () => {
		await (await serve()).stop();
		const file = openSync(folder.database, 'r+');
		writeSync(file, Buffer.alloc(4096, 0x5a), 0, 4096, 0);
		closeSync(file);
		const again = startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' });
		const why = await again.then(
			() => 'it began',
			(error: Error) => error.message
		);
		expect(why).toMatch(/damaged|no database/);
		expect(why).not.toMatch(/\n\s+at /);
		tell('faults', 'a file damaged at its beginning: refused at the start in a sentence');
	}, 60_000);
});

/** Overwrites the leaves of some tables; how many. */
function damage(path: string, tables: readonly string[]): number {
	const db = new Database(path);
	db.pragma('wal_checkpoint(TRUNCATE)');
	const size = db.pragma('page_size', { simple: true }) as number;
	const named = JSON.stringify(tables);
	const pages = db
		.prepare<[string], number>(
			"SELECT pageno FROM dbstat WHERE name IN (SELECT value FROM json_each(?)) AND pagetype = 'leaf'"
		)
		.pluck()
		.all(named);
	db.close();
	const file = openSync(path, 'r+');
	for (const page of pages) writeSync(file, Buffer.alloc(size, 0x5a), 0, size, (page - 1) * size);
	closeSync(file);
	return pages.length;
}

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

describe('books that another program holds', () => {
	it('take no act, say so soon, and can be read; a moment later all is well', async () => {
		const held = await serve();
		const other = new Database(folder.database);
		other.exec('BEGIN IMMEDIATE');
		const from = performance.now();
		const answer = await note(held, 'meanwhile');
		const took = performance.now() - from;
		expect(answer.status).toBe(500);
		expect(await answer.text()).toContain('Another program holds the books. Nothing was written');
		expect((await page(held, '/beds/Mere%202')).status).toBe(200);
		other.exec('ROLLBACK');
		other.close();
		expect((await note(held, 'afterwards')).status).toBe(303);
		expect(took).toBeLessThan(2000);
		tell('faults', `held by another program: said after ${took.toFixed(0)} ms, pages still read`);
	}, 60_000);
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
