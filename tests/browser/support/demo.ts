import { afterAll, beforeAll } from 'vitest';
import { readBooks } from './books';
import { ownFolder, startServer, type Server } from './server';

/** The demo garden for one test file, served without a browser, its books read beside it. */
export function setDemo(): {
	readonly server: Server;
	readonly books: ReturnType<typeof readBooks>;
} {
	const folder = ownFolder();
	const demo = {} as { server: Server; books: ReturnType<typeof readBooks> };
	beforeAll(async () => {
		demo.server = await startServer({
			database: folder.database,
			now: '2026-11-24T12:00:00Z',
			demo: true
		});
		demo.books = readBooks(folder.database);
	});
	afterAll(async () => {
		demo.books.close();
		await demo.server.stop();
		folder.drop();
	});
	return demo;
}
