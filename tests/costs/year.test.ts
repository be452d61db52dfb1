import { copyFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyPage } from '../../scripts/bench/pages.mjs';
import { holdingOf } from '../fixtures/holding';
import { readBooks } from '../browser/support/books';
import { ownFolder, startServer, type Server } from '../browser/support/server';

const pages = ['/season', '/worth', '/carbon', '/yields', '/yields?over=smoke'];

describe('the year’s pages on ten years of books', () => {
	const folder = ownFolder();
	let server: Server;
	beforeAll(async () => {
		copyFileSync(holdingOf(10), folder.database);
		server = await startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' });
	}, 240_000);
	afterAll(async () => {
		await server?.stop();
		folder.drop();
	});

	/** The median of some answers, once it is warm, ms; and its kilobytes. */
	async function warm(path: string): Promise<{ readonly ms: number; readonly kB: number }> {
		const times: number[] = [];
		let bytes = 0;
		for (let i = 0; i < 24; i += 1) {
			const from = performance.now();
			const answer = await fetch(server.address + path);
			const html = await answer.text();
			expect(answer.status, path).toBe(200);
			bytes = Buffer.byteLength(html);
			if (i > 3) times.push(performance.now() - from);
		}
		return { ms: times.sort((a, b) => a - b)[times.length >> 1] ?? 0, kB: bytes / 1000 };
	}

	it('have two thousand burns in them', () => {
		const books = readBooks(folder.database);
		const [row] = books.all<{ n: number }>('SELECT count(*) AS n FROM burn_record');
		books.close();
		expect(row?.n).toBeGreaterThanOrEqual(2000);
	});

	it.each(pages)('%s takes at most two and a half times the empty page, warm', async (path) => {
		const empty = await warm(emptyPage);
		const page = await warm(path);
		expect(page.kB).toBeLessThanOrEqual(80);
		expect(page.ms / empty.ms, `${page.ms} ms beside ${empty.ms}`).toBeLessThanOrEqual(2.5);
	});
});
