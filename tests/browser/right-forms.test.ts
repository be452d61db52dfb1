import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readBooks } from './support/books';
import { forms } from './support/forms';
import { actId, post } from './support/post';
import { ownFolder, startServer, type Server } from './support/server';

const folder = ownFolder();
let server: Server;
let books: ReturnType<typeof readBooks>;

beforeAll(async () => {
	server = await startServer({
		database: folder.database,
		now: '2026-11-24T12:00:00Z',
		demo: true
	});
	books = readBooks(folder.database);
});
afterAll(async () => {
	books.close();
	await server.stop();
	folder.drop();
});

describe('a right form', () => {
	it.each(Object.keys(forms))('of %s, sent three times at once, is one act', async (path) => {
		const form = { ...forms[path], actId: actId() };
		const answers = await Promise.all([1, 2, 3].map(() => post(server, path, form)));
		expect(answers.map(({ status }) => status)).toEqual([303, 303, 303]);
		// A round is an act for each bed, numbered.
		const { n } = books.one<{ n: number }>(
			'SELECT count(*) AS n FROM act WHERE id = ? OR id LIKE ?',
			form.actId,
			`${form.actId}.%`
		);
		expect(n).toBe(1);
	});

	it('of every kind leaves books that close', () => expect(books.faults()).toEqual([]));
});
