// Fills an empty database from a backup or an open file: npm run restore -- FILE
import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuilt, ensureFolder, ensureInstalled, root, stop } from './ready.mjs';

const file = process.argv[2];
const database = process.env.ASHDRIFT_DB ?? join(root, 'var', 'ashdrift.sqlite');
if (!file)
	stop('Which file? npm run restore -- FILE, a backup (.sqlite) or an open file (.jsonl).');
if (!existsSync(file)) stop(`There is no file ${file}.`);

ensureFolder(dirname(database));
ensureInstalled();
ensureBuilt();
const { lockFor } = await import('./door/lock.mjs');
const lock = lockFor(database);
if ('by' in lock) stop(`The books in ${database} are kept by ${lock.by}. Stop that first.`);
process.env.ASHDRIFT_DB = database;
process.env.ASHDRIFT_RESTORE = resolve(file);
process.env.ASHDRIFT_LOG ??= 'warn';
try {
	// The built program opens its books as it starts, and restores them on the way.
	await import(pathToFileURL(join(root, 'build', 'handler.js')).href);
} catch (error) {
	const { inWords } = await import('./door/troubles.mjs');
	stop(inWords(error, database));
}
const { default: Database } = await import('better-sqlite3');
const books = new Database(database, { readonly: true });
const { id } = /** @type {{ id: string }} */ (books.prepare('SELECT id FROM books').get());
const { acts } = /** @type {{ acts: number }} */ (
	books.prepare('SELECT count(*) AS acts FROM act').get()
);
books.close();
console.log(
	`\nRestored ${file} into ${database}: books ${id}, ${acts} acts.\nStart the program with npm start.\n`
);
process.exit(0);
