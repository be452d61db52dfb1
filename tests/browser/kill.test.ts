import { afterAll, describe, expect, it } from 'vitest';
import { yard } from '../fixtures/garden';
import { readBooks } from './support/books';
import { actId, post } from './support/post';
import { ownFolder, startServer } from './support/server';

const folder = ownFolder();
afterAll(() => folder.drop());

const rounds = 6;

describe('a server killed without warning', () => {
	it('has everything it acknowledged, and books that close', async () => {
		yard(folder.database).db.close();
		const acknowledged: string[] = [];
		let unanswered = 0;
		for (let round = 0; round < rounds; round += 1) {
			const server = await startServer({ database: folder.database });
			let killed = false;
			const writing = async () => {
				while (!killed) {
					const id = actId();
					try {
						const answer = await post(server, '/woodyard?/measure', {
							actId: id,
							sizedBy: 'measures',
							filled: '100 L',
							wood: 'softwood',
							form: 'chips',
							seasoned: 'yes',
							suspicion: 'none',
							name: `pile ${round}`
						});
						if (answer.status === 303) acknowledged.push(id);
					} catch (failure) {
						if (!killed) throw failure;
						unanswered += 1;
					}
				}
			};
			const writers = [writing(), writing(), writing()];
			await new Promise((resolve) => setTimeout(resolve, 120 + round * 60));
			killed = true;
			await server.stop('SIGKILL');
			await Promise.all(writers);
		}
		const books = readBooks(folder.database);
		const kept = new Set(books.all<{ id: string }>('SELECT id FROM act').map(({ id }) => id));
		expect(acknowledged.length).toBeGreaterThan(rounds);
		expect(acknowledged.filter((id) => !kept.has(id))).toEqual([]);
		expect(unanswered).toBeGreaterThan(0);
		expect(books.faults()).toEqual([]);
		books.close();
	});
});
