import { bin, ensureBrowser, ensureBuilt, ensureInstalled, run } from './ready.mjs';

ensureInstalled();
ensureBrowser();
run('npm', ['run', '--silent', 'check']);
run('npm', ['run', '--silent', 'lint']);
run(bin('vitest'), ['run', '--project', 'unit']);
ensureBuilt();
run(bin('vitest'), ['run', '--project', 'browser']);
run(bin('vitest'), ['run', '--project', 'costs']);
