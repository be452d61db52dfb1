import { bin, ensureBrowser, ensureBuilt, ensureInstalled, run, runBeside } from './ready.mjs';

ensureInstalled();
// Each of these keeps one core busy.
const checked = runBeside('npm', ['run', '--silent', 'check']);
const linted = runBeside('npm', ['run', '--silent', 'lint']);
ensureBrowser();
await checked;
await linted;
run(bin('vitest'), ['run', '--project', 'unit']);
ensureBuilt();
run(bin('vitest'), ['run', '--project', 'browser']);
run(bin('vitest'), ['run', '--project', 'costs']);
