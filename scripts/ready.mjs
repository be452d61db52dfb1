// What every command needs before it can start. Plain Node only: on a bare clone there are no packages yet.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { delimiter, dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Stop with a sentence instead of a stack trace. */
/** @type {(message: string) => never} */
export function stop(message) {
	console.error(`\n${message}\n`);
	process.exit(1);
}

/** Run a command with its output shown; stop in words when it fails. */
export function run(/** @type {string} */ command, /** @type {string[]} */ args) {
	const result = spawnSync(command, args, {
		cwd: root,
		stdio: ['ignore', 'inherit', 'inherit']
	});
	if (result.error) stop(`Could not run ${command}: ${result.error.message}`);
	if (result.status !== 0) stop(`"${command} ${args.join(' ')}" failed; its output is above.`);
}

/**
 * The same beside other work: its output is shown in one piece once it has ended.
 * @returns {Promise<void>}
 */
export function runBeside(/** @type {string} */ command, /** @type {string[]} */ args) {
	const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
	let said = '';
	for (const stream of [child.stdout, child.stderr])
		stream.setEncoding('utf8').on('data', (/** @type {string} */ chunk) => (said += chunk));
	return new Promise((done) => {
		child.once('error', (error) => stop(`Could not run ${command}: ${error.message}`));
		child.once('close', (status) => {
			process.stdout.write(said);
			if (status !== 0) stop(`"${command} ${args.join(' ')}" failed; its output is above.`);
			done();
		});
	});
}

export const bin = (/** @type {string} */ name) => join(root, 'node_modules', '.bin', name);

const modifiedAt = (/** @type {string} */ path) => (existsSync(path) ? statSync(path).mtimeMs : 0);

/** Install packages when the lock file is newer than the last install. */
export function ensureInstalled() {
	const stamp = join(root, 'node_modules', '.ashdrift-installed');
	if (modifiedAt(stamp) >= modifiedAt(join(root, 'package-lock.json'))) return;
	console.log(
		'Installing packages (the first time takes a few minutes: SQLite is compiled here) …'
	);
	run('npm', ['ci', '--no-fund', '--no-audit']);
	writeFileSync(stamp, '');
}

/**
 * @param {string} path
 * @returns {number} when anything below it was last changed
 */
export function newestIn(path) {
	if (!statSync(path).isDirectory()) return modifiedAt(path);
	// Tests are no part of what is built.
	const names = readdirSync(path).filter((name) => !name.endsWith('.test.ts'));
	return Math.max(0, ...names.map((name) => newestIn(join(path, name))));
}

/** What runs in threads of its own beside the server. */
export const buildThreads = () =>
	run(bin('vite'), ['build', '--config', 'vite.threads.config.ts', '--logLevel', 'warn']);

/** Build when any source is newer than the last build. */
export function ensureBuilt() {
	const stamp = join(root, 'build', '.ashdrift-built');
	const steps = ['licences', 'plain-binds', 'still-rules'].map((name) => `scripts/${name}.mjs`);
	const settings = [
		'package-lock.json',
		'svelte.config.js',
		'vite.config.ts',
		'vite.threads.config.ts'
	];
	const sources = ['src', 'static', ...settings, ...steps];
	const newest = Math.max(...sources.map((name) => newestIn(join(root, name))));
	if (modifiedAt(stamp) >= newest) return;
	console.log('Building …');
	const started = new Date();
	run(bin('vite'), ['build', '--logLevel', 'warn']);
	buildThreads();
	run(process.execPath, [join(root, 'scripts', 'budget.mjs')]);
	writeFileSync(stamp, '');
	// A source saved while the build ran must count as newer than the build.
	utimesSync(stamp, started, started);
}

/** Make the folder of a database, or say why it can't be written. */
export function ensureFolder(/** @type {string} */ folder) {
	try {
		mkdirSync(folder, { recursive: true });
		const probe = join(folder, '.ashdrift-probe');
		writeFileSync(probe, '');
		execFileSync('rm', ['-f', probe]);
	} catch (error) {
		const why = error instanceof Error ? error.message : String(error);
		stop(
			`The folder ${folder} can't be written (${why}). Choose another with ASHDRIFT_DB=/path/to/file.sqlite.`
		);
	}
}

/** The first of these programs on the path, or nothing. */
function onPath(/** @type {string[]} */ names) {
	const folders = ['/usr/bin', ...(process.env.PATH ?? '').split(delimiter)];
	const places = folders.flatMap((folder) => names.map((name) => join(folder, name)));
	return places.find((place) => existsSync(place));
}

/** Chromium and its driver as this machine has them; nothing is downloaded. */
export const browser = () => ({
	chromium: process.env.CHROMIUM ?? onPath(['chromium', 'chromium-browser']),
	driver: process.env.CHROMEDRIVER ?? onPath(['chromedriver'])
});

/** Install the browser through the system's package manager when that is allowed, else say what to install. */
export function ensureBrowser() {
	const found = browser();
	if (found.chromium && found.driver) return;
	const isRoot = process.getuid?.() === 0;
	const hasApt = spawnSync('apt-get', ['--version'], { stdio: 'ignore' }).status === 0;
	if (!isRoot || !hasApt)
		stop(
			'This needs Chromium and ChromeDriver. Install the packages "chromium" and "chromium-driver" with your system\'s package manager, or name the programs in CHROMIUM and CHROMEDRIVER, then run it again.'
		);
	run('apt-get', ['update', '-q']);
	run('apt-get', ['install', '-y', '-q', '--no-install-recommends', 'chromium', 'chromium-driver']);
}
