import { rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureBuilt, ensureFolder, ensureInstalled, root } from './ready.mjs';

const database = process.env.ASHDRIFT_DB ?? join(root, 'var', 'demo.sqlite');
// Its copies lie apart from those of anybody's own books, and go with the garden they are of.
const backups = join(dirname(database), 'demo-backups');
process.env.ASHDRIFT_BACKUPS = backups;
const keep = process.argv.includes('--keep');
const years = process.argv.find((word) => word.startsWith('--years='))?.slice('--years='.length);

ensureFolder(dirname(database));
ensureInstalled();
ensureBuilt();
const { address, ensureFree, serve } = await import('./serve.mjs');
// A demo that still runs must not lose its garden to the next one.
await ensureFree(address());
if (!keep) {
	for (const end of ['', '-wal', '-shm']) rmSync(database + end, { force: true });
	rmSync(backups, { recursive: true, force: true });
}
const at = await serve({ ...address(), database, demo: years ? `years:${years}` : true });
const shown = years ? `a holding of ${years} years` : 'the Quillmere garden';
console.log(`\nAshdrift shows ${shown} at ${at}\nStop it with Ctrl-C.\n`);
