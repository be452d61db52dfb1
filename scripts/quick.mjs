import { spawnSync } from 'node:child_process';
import { bin, ensureInstalled, run } from './ready.mjs';

/**
 * Types, lint and the unit tests of what changed since the last commit, in about a minute. `npm test` runs
 * everything.
 */
ensureInstalled();
const changed = spawnSync('git', ['diff', '--name-only', '--diff-filter=d', 'HEAD'], {
	encoding: 'utf8'
});
const untracked = spawnSync('git', ['ls-files', '--others', '--exclude-standard'], {
	encoding: 'utf8'
});
const files = `${changed.stdout}${untracked.stdout}`
	.split('\n')
	.filter((file) => /\.(ts|svelte|js|mjs)$/.test(file));
run('npm', ['run', '--silent', 'check']);
if (files.length > 0) {
	run(bin('eslint'), files);
	run(bin('prettier'), ['--check', ...files]);
}
run(bin('vitest'), ['run', '--project', 'unit', '--changed', '--passWithNoTests']);
