import { afterAll, describe, expect, it } from 'vitest';
import { withRipeSoak, yard } from '../../tests/fixtures/garden';
import { readBooks } from '../../tests/browser/support/books';
import { actId, post } from '../../tests/browser/support/post';
import { ownFolder, startServer } from '../../tests/browser/support/server';
import { scaled, tell } from './scale';

const folder = ownFolder();
afterAll(() => folder.drop());

const rounds = scaled(200, 10);

/** The fields by which a reason answers cautions. */
const answering = (...keys: readonly string[]) =>
	Object.fromEntries(keys.map((key) => [`why-${key}`, 'on']));

/** One of several acts of different rooms, told apart by its number. */
const mixed = (n: number): readonly [path: string, fields: Record<string, string>] => {
	const acts = [
		[
			'/woodyard?/measure',
			{
				sizedBy: 'measures',
				filled: '100 L',
				wood: 'softwood',
				form: 'chips',
				seasoned: 'yes',
				suspicion: 'none',
				name: `pile ${n}`
			}
		],
		[
			'/beds/Mere%202?/spread',
			{
				lot: 'C1',
				form: 'carried',
				amount: '0.2 L',
				reason: `round ${n}`,
				...answering(
					'batch-past-C1',
					'charge-fading-C1',
					'char-first-season-Mere 2',
					'nitrogen-much-Mere 2'
				)
			}
		],
		['/woodyard/S1?/read', { method: 'pin', pieces: '18 19 20' }],
		['/ledger/lot/C1?/recount', { found: `${50 + (n % 9)} L`, recountReason: 'dipped' }],
		['/log?/write', { line: `note Mere 2 round ${n}` }]
	] as const;
	return acts[n % acts.length] ?? acts[0];
};

describe('a server killed without warning', () => {
	it(`${rounds} times during mixed writes has everything it acknowledged, and books that close`, async () => {
		const seeded = yard(folder.database);
		withRipeSoak(seeded);
		seeded.db.close();
		const acknowledged: string[] = [];
		let unanswered = 0;
		let n = 0;
		for (let round = 0; round < rounds; round += 1) {
			const server = await startServer({ database: folder.database });
			let killed = false;
			let wrote = () => {};
			const first = new Promise<void>((resolve) => (wrote = resolve));
			const writing = async () => {
				while (!killed) {
					const id = actId();
					try {
						const [path, fields] = mixed((n += 1));
						const answer = await post(server, path, { ...fields, actId: id });
						if (answer.status !== 303) continue;
						acknowledged.push(id);
						wrote();
					} catch (failure) {
						if (!killed) throw failure;
						unanswered += 1;
					}
				}
			};
			const writers = [writing(), writing(), writing()];
			// In the midst of it: a while after the first act of this round was acknowledged.
			await first;
			await new Promise((resolve) => setTimeout(resolve, (round % 10) * 9));
			killed = true;
			await server.stop('SIGKILL');
			await Promise.all(writers);
		}
		const books = readBooks(folder.database);
		const kept = new Set(books.all<{ id: string }>('SELECT id FROM act').map(({ id }) => id));
		tell(
			'kill',
			`${rounds} times killed: ${acknowledged.length} acts acknowledged, ${acknowledged.filter((id) => !kept.has(id)).length} of them lost; ${unanswered} unanswered; ${books.faults().length} laws broken`
		);
		expect(acknowledged.length).toBeGreaterThanOrEqual(rounds);
		expect(acknowledged.filter((id) => !kept.has(id))).toEqual([]);
		expect(unanswered).toBeGreaterThan(0);
		const verbs = books.all<{ verb: string }>('SELECT DISTINCT verb FROM act');
		expect(verbs.map(({ verb }) => verb)).toEqual(
			expect.arrayContaining(['measure-stack', 'spread', 'read-moisture', 'recount', 'remark'])
		);
		expect(books.faults()).toEqual([]);
		books.close();
	}, 600_000);
});
