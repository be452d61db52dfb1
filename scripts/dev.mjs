import { join } from 'node:path';
import { bin, buildThreads, ensureFolder, ensureInstalled, root, run } from './ready.mjs';

ensureInstalled();
ensureFolder(join(root, 'var'));
buildThreads();
process.env.ASHDRIFT_DB ??= join(root, 'var', 'dev.sqlite');
run(bin('vite'), ['dev', '--host', '127.0.0.1', ...process.argv.slice(2)]);
