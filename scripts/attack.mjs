// Attacks the program in pieces, each short enough to finish, and writes what came of it into docs/reliability.md:
// `npm run attack`, or `npm run attack -- kill load` for some of them.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, ensureBuilt, ensureInstalled, root, run, stop } from './ready.mjs';

/** Each piece, in the project of the tests it is run in. */
const pieces = Object.freeze({
	forged: ['unit', 'src/lib/server/keeping/forged.test.ts'],
	faults: ['browser', 'scripts/trials/faults.trial.ts'],
	bring: ['browser', 'scripts/trials/bring.trial.ts'],
	load: ['browser', 'scripts/trials/load.trial.ts'],
	kill: ['browser', 'scripts/trials/kill.trial.ts'],
	fuzz: ['browser', 'scripts/trials/fuzz.trial.ts']
});
const page = join(root, 'docs', 'reliability.md');
const [open, close] = ['<!-- figures -->', '<!-- /figures -->'];

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !(name in pieces));
if (unknown) stop(`There is no piece "${unknown}". There are: ${Object.keys(pieces).join(', ')}.`);
ensureInstalled();
ensureBuilt();

let isWell = true;
for (const [name, [project = '', file = '']] of Object.entries(pieces)) {
	if (asked.length > 0 && !asked.includes(name)) continue;
	console.log(`\n${name} …`);
	const figures = join(mkdtempSync(join(tmpdir(), 'ashdrift-attack-')), 'figures.tsv');
	writeFileSync(figures, '');
	const started = Date.now();
	const { status } = spawnSync(
		bin('vitest'),
		['run', '--project', project, '--reporter', 'dot', file],
		{
			cwd: root,
			stdio: ['ignore', 'inherit', 'inherit'],
			env: { ...process.env, ASHDRIFT_ATTACK: '1', ASHDRIFT_FIGURES: figures }
		}
	);
	const lines = readFileSync(figures, 'utf8')
		.split('\n')
		.filter(Boolean)
		.map((line) => line.split('\t')[1] ?? '');
	isWell &&= status === 0;
	keep(name, [
		...lines,
		`${status === 0 ? 'held' : 'FAILED'}, in ${Math.round((Date.now() - started) / 1000)} s`
	]);
}
run(bin('prettier'), ['--write', '--log-level', 'warn', page]);
if (!isWell) process.exitCode = 1;

/** The row of a piece in the page takes the place of the one before. */
function keep(/** @type {string} */ name, /** @type {string[]} */ figures) {
	const text = readFileSync(page, 'utf8');
	const [before = '', rest = ''] = text.split(open);
	const [table = '', after = ''] = rest.split(close);
	const rows = new Map(
		[...table.matchAll(/^\| (\w+) +\| (.*?) +\|$/gm)]
			.filter(([, piece = '']) => piece in pieces)
			.map(([, piece = '', words = '']) => [piece, words])
	);
	const day = new Date().toISOString().slice(0, 10);
	rows.set(name, `${figures.join('<br>')} (${day}, ${cpus().length} cores)`);
	const lines = Object.keys(pieces).flatMap((piece) =>
		rows.has(piece) ? [`| ${piece} | ${rows.get(piece)} |`] : []
	);
	writeFileSync(
		page,
		`${before}${open}\n\n| piece | last figures |\n| --- | --- |\n${lines.join('\n')}\n\n${close}${after}`
	);
}
