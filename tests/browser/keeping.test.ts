import { readdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { spawnSync } from 'node:child_process';
import Database from 'better-sqlite3';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';
import { ownFolder } from './support/server';

const scene = setScene();
const root = join(import.meta.dirname, '../..');

const stacks = `label,date,name,form,wood,seasoned,filled
old,2026-03-05,old rods,rods,light-hardwood,yes,600 L
`;
const burns = `label,date,vessel,stacks,char,wetness,cold
pit,2026-03-06,Lantern,old,140 L,drained,2026-03-07
`;
const spreads = `date,bed,lot,amount,reason
2026-03-08,Mere 2,pit,20 L,an old habit
`;

describe('keeping the books', () => {
	it('backs up by itself at the start, and says what is not in it', async () => {
		await scene.page.go('/keeping');
		await scene.page.answers('The last good backup was made');
		await scene.page.press('Back up now');
		await scene.page.answers('just now');
		const folder = join(dirname(scene.server.database), 'backups');
		const [newest] = readdirSync(folder);
		const copy = new Database(join(folder, newest ?? ''), { readonly: true });
		const acts = copy.prepare<[], { n: number }>('SELECT count(*) AS n FROM act').get()?.n;
		copy.close();
		expect(acts).toBe(scene.books.acts());
		expect(await scene.page.complaints()).toEqual([]);
	});

	it('hands out a file from which `npm run restore` makes the same books, once', async () => {
		const file = await fetch(`${scene.server.address}/keeping/books.json`).then((answer) =>
			answer.text()
		);
		const own = ownFolder();
		const path = join(dirname(own.database), 'books.json');
		writeFileSync(path, file);
		const restore = () =>
			spawnSync(process.execPath, [join(root, 'scripts/restore.mjs'), path], {
				env: { ...process.env, ASHDRIFT_DB: own.database, ASHDRIFT_NOW: '' },
				encoding: 'utf8'
			});
		expect(restore().stdout).toContain('Restored');
		const restored = new Database(own.database, { readonly: true });
		const acts = restored.prepare<[], { n: number }>('SELECT count(*) AS n FROM act').get()?.n;
		restored.close();
		expect(acts).toBe(scene.books.acts());
		const again = restore();
		expect(again.status).toBe(1);
		expect(again.stderr).toContain('There are books in');
		own.drop();
	});

	it('hands out a sheet for each room', async () => {
		const answer = await fetch(`${scene.server.address}/keeping/charging.csv`);
		expect(answer.headers.get('content-type')).toContain('text/csv');
		expect(await answer.text()).toMatch(/\r\nC1,nitrogen soak,/);
		expect((await fetch(`${scene.server.address}/keeping/acts.csv`)).status).toBe(404);
	});
});

describe('an old notebook', () => {
	it('is tried first, its bad row named and nothing written, then written whole', async () => {
		const before = scene.books.acts();
		await scene.page.go('/keeping/notebook');
		await scene.page.drop('Your sheets', {
			'old.csv': spreads.replace('Mere 2', 'Mere 7'),
			'alder.csv': stacks,
			'odd.csv': 'when,what\nMay,tea'
		});
		await scene.page.drop('Your sheets', { 'fires.csv': burns });
		await scene.page.press('Try them, write nothing');
		await scene.page.answers('Which sheet is this? Nothing was written');
		expect(await scene.page.text()).toContain('Its columns tell of no one sheet: when, what.');
		expect(await scene.page.text()).toContain('Bed: There is no bed called Mere 7.');
		expect(await scene.page.accessibility()).toEqual([]);
		await scene.page.choose('It is a sheet of', 'nothing');
		await scene.page.press('Try them, write nothing');
		await scene.page.answers('One row wants mending');
		expect((await scene.page.value('Stacks as text'))?.trim()).toBe(stacks.trim());
		expect(scene.books.acts()).toBe(before);
		await scene.page.drop('More sheets, or mended ones', { 'old.csv': spreads });
		await scene.page.press('Try them, write nothing');
		await scene.page.answers('All three rows are right');
		expect(scene.books.acts()).toBe(before);
		await scene.page.press('Write all of them');
		await scene.page.answers('Four acts are in the books now');
		expect(scene.books.acts()).toBe(before + 4);
		expect(scene.books.balance('K3').volume_ul).toBe(120_000_000);
		expect(scene.books.faults()).toEqual([]);
	});
});
