import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { start, yard } from '../../../../tests/fixtures/garden';
import type { Books } from '../db/books';
import { faultsIn } from '../keeping/laws';
import type { Reading } from '../../input/form';
import { measureStack } from '../usecases/measure-stack';
import { moistureSchema, stackSchema } from '../../input/woodyard';
import { readMoisture } from '../usecases/read-moisture';
import { send } from '../send';
import { keptJobs } from './kept-jobs';
import { notebookJobs } from './jobs';
import type { Sent } from './sorting';

const reading: Reading = {
	timeZone: 'UTC',
	person: 'Ines',
	now_ms: start + 200 * 86_400_000,
	measures: []
};
const row = (n: number) => `L${n},2026-03-05,rods ${n},rods,light-hardwood,yes,${n + 1} L`;
const sheet = (rows: number) =>
	`label,date,name,form,wood,seasoned,filled\n${Array.from({ length: rows }, (_, n) => row(n)).join('\n')}\n`;
const sent = (batch: string, rows: number): Sent => ({
	batch,
	job: '',
	notebook: { stacks: sheet(rows) },
	matches: {},
	unknown: []
});

let folder: string;
let books: Books;
beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'ashdrift-jobs-'));
	books = yard();
});
afterEach(() => {
	books.db.close();
	rmSync(folder, { recursive: true, force: true });
});
const quiet = () => {};
const tried = async (batch: string, rows: number) => {
	const jobs = notebookJobs(books, quiet);
	jobs.try(sent(batch, rows), reading);
	await jobs.settled(batch, 60_000);
	return jobs;
};
/** Until so many rows of it are written. */
const until = async (jobs: ReturnType<typeof notebookJobs>, batch: string, rows: number) => {
	while ((jobs.find(batch)?.done ?? 0) < rows) await new Promise(setImmediate);
};

describe('a notebook on its way', () => {
	it('is written in slices, others are answered between them, and it is taken back as one', async () => {
		const jobs = await tried('batch-of-many', 60);
		const before = books.acts.count();
		jobs.write('batch-of-many');
		let turns = 0;
		while (jobs.find('batch-of-many')?.state === 'writing') {
			turns += 1;
			await new Promise(setImmediate);
		}
		expect(turns).toBeGreaterThan(1);
		expect(books.acts.count()).toBe(before + 60);
		expect(books.acts.standingOfBatch('batch-of-many')).toHaveLength(60);
		jobs.takeBack('batch-of-many', reading);
		await jobs.settled('batch-of-many', 60_000);
		expect(jobs.find('batch-of-many')?.state).toBe('taken-back');
		expect(books.acts.standingOfBatch('batch-of-many')).toEqual([]);
		expect(faultsIn(books.db)).toEqual([]);
	});

	it('is cancelled in the midst of its writing: what was written goes again', async () => {
		const jobs = await tried('batch-cancelled', 200);
		jobs.write('batch-cancelled');
		await until(jobs, 'batch-cancelled', 5);
		jobs.cancel('batch-cancelled');
		await jobs.settled('batch-cancelled', 60_000);
		expect(jobs.find('batch-cancelled')).toMatchObject({
			state: 'taken-back',
			why: { what: 'cancelled' }
		});
		expect(books.acts.standingOfBatch('batch-cancelled')).toEqual([]);
		expect(faultsIn(books.db)).toEqual([]);
	});

	it('goes on where it was when the program ended, each row once', async () => {
		const jobs = await tried('batch-resumed', 120);
		const before = books.acts.count();
		jobs.write('batch-resumed');
		await until(jobs, 'batch-resumed', 5);
		jobs.end();
		await jobs.settled('batch-resumed', 60_000);
		const half = books.acts.count() - before;
		expect(half).toBeGreaterThan(0);
		expect(half).toBeLessThan(120);
		const again = await tried('batch-resumed', 120);
		again.write('batch-resumed');
		await again.settled('batch-resumed', 60_000);
		expect(again.find('batch-resumed')?.state).toBe('written');
		expect(books.acts.count()).toBe(before + 120);
	});

	it('is taken back where a row no longer fits as it is written, and says which', async () => {
		const twice = await tried('batch-changed', 40);
		// Somebody else sends an act under a name that the notebook is about to use.
		send(
			books,
			reading,
			{
				actId: 'batch-changed-stacks30',
				sizedBy: 'measures',
				filled: '9 L',
				wood: 'softwood',
				form: 'chips',
				seasoned: 'yes',
				suspicion: 'none',
				name: 'in its way'
			},
			stackSchema,
			measureStack
		);
		twice.write('batch-changed');
		await twice.settled('batch-changed', 60_000);
		expect(twice.find('batch-changed')).toMatchObject({
			state: 'taken-back',
			why: { what: 'row', row: { line: 30 } }
		});
	});

	it('is not taken back where somebody has gone on with it: that is undone first', async () => {
		const jobs = await tried('batch-used', 3);
		jobs.write('batch-used');
		await jobs.settled('batch-used', 60_000);
		const path = jobs.find('batch-used')?.result?.rows[0]?.path ?? '';
		const code = path.split('/').at(-1) ?? '';
		const values = { actId: 'reading-of-it', method: 'pin', pieces: '18 19' };
		const read = send(books, reading, values, () => moistureSchema(code), readMoisture);
		expect(read.status).toBe('done');
		jobs.takeBack('batch-used', reading);
		await jobs.settled('batch-used', 60_000);
		expect(jobs.find('batch-used')).toMatchObject({
			state: 'halted',
			why: { what: 'refused', issues: [{ code: 'rests-on-it' }] }
		});
		expect(books.acts.standingOfBatch('batch-used')).toHaveLength(3);
	});
});

describe('what is kept of notebooks under way', () => {
	it('is whole, is found again, and goes when it is over or too old', () => {
		const file = yard(join(folder, 'books.sqlite'));
		const kept = keptJobs(file.db);
		kept.keep({ state: 'writing', sent: sent('batch-kept', 2), reading, rows: [] });
		expect(keptJobs(file.db).all(Date.now())).toMatchObject([
			{ state: 'writing', sent: { batch: 'batch-kept' } }
		]);
		expect(kept.all(Date.now() + 8 * 86_400_000)).toEqual([]);
		kept.keep({ state: 'trying', sent: sent('batch-kept', 2), reading, rows: [] });
		kept.drop('batch-kept');
		expect(readdirSync(`${file.db.name}-notebooks`)).toEqual([]);
		file.db.close();
	});
});
