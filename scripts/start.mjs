import { dirname, join } from 'node:path';
import { ensureBuilt, ensureFolder, ensureInstalled, root } from './ready.mjs';

const database = process.env.ASHDRIFT_DB ?? join(root, 'var', 'ashdrift.sqlite');

ensureFolder(dirname(database));
ensureInstalled();
ensureBuilt();

const { address, serve } = await import('./serve.mjs');
const at = await serve({ ...address(), database });
console.log(
	`\nAshdrift keeps your books in ${database}\nand answers at ${at}\nStop it with Ctrl-C.\n`
);
