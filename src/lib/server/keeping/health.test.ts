import { mkdtempSync, openSync, writeSync, closeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { emptyBooks, yard } from '../../../../tests/fixtures/garden';
import { openDatabase } from '../db/open';
import { healthOf, lookOver } from './health';

const folder = () => mkdtempSync(join(tmpdir(), 'ashdrift-health-'));

it('books that are well say so, and tell of a backup that failed', async () => {
	const { db } = emptyBooks(join(folder(), 'books.sqlite'));
	expect(await lookOver(db)).toBeUndefined();
	expect(healthOf(db, undefined)).toEqual({ status: 'ok', troubles: [] });
	expect(healthOf(db, 'no room')).toEqual({ status: 'trouble', troubles: ['backup: no room'] });
});

it('a damaged page is found by looking over them', async () => {
	const path = join(folder(), 'books.sqlite');
	const { db } = yard(path);
	db.pragma('wal_checkpoint(TRUNCATE)');
	const roots = db
		.prepare<[], number>(
			"SELECT rootpage FROM sqlite_master WHERE name IN ('movement', 'content', 'finding')"
		)
		.pluck()
		.all();
	db.close();
	const file = openSync(path, 'r+');
	// Where tables of rows begin: what tables there are is read from elsewhere, and is whole.
	for (const page of roots) writeSync(file, Buffer.alloc(4096, 0xa5), 0, 4096, (page - 1) * 4096);
	closeSync(file);
	const damaged = openDatabase(path);
	expect(await lookOver(damaged)).toMatch(/./);
	const { status, troubles } = healthOf(damaged, undefined);
	expect(status).toBe('damaged');
	expect(troubles[0]).toMatch(/^damaged: /);
	damaged.close();
	// What is whole again is told to be so.
	const { db: whole } = emptyBooks(join(folder(), 'books.sqlite'));
	expect(await lookOver(whole)).toBeUndefined();
});
