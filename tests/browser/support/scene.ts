import { afterAll, beforeAll } from 'vitest';
import { day, emptyBooks, start, withRipeSoak, yard } from '../../fixtures/garden';
import type { Books } from '../../../src/lib/server/db/books';
import { readBooks } from './books';
import { openPage, type Page } from './page';
import { ownFolder, startServer, type Server } from './server';

export interface Scene {
	readonly server: Server;
	readonly page: Page;
	readonly books: ReturnType<typeof readBooks>;
}

/**
 * A garden for one test file, served and open in a browser: S1, Lantern, a tub, Mere 2, fire F1
 * proven out, K2 crushed, C1 a ripe soak of 60 L. `grow` adds to it before it is served.
 */
export function setScene({
	size = 'desk',
	script = true,
	empty = false,
	grow = () => {}
}: {
	size?: 'desk' | 'phone';
	script?: boolean;
	/** Books in which nothing was ever written. */
	empty?: boolean;
	grow?: (books: Books) => void;
} = {}): Scene {
	const folder = ownFolder();
	const scene = {} as { server: Server; page: Page; books: ReturnType<typeof readBooks> };
	beforeAll(async () => {
		const seeded = empty ? emptyBooks(folder.database) : yard(folder.database);
		if (!empty) withRipeSoak(seeded);
		grow(seeded);
		seeded.db.close();
		scene.server = await startServer({
			database: folder.database,
			now: new Date(start + 12 * day).toISOString()
		});
		scene.page = await openPage(scene.server.address, size, { script });
		scene.books = readBooks(folder.database);
	});
	afterAll(async () => {
		scene.books?.close();
		await scene.page?.close();
		await scene.server?.stop();
		folder.drop();
	});
	return scene;
}
