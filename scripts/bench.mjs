// Measures every page: `npm run bench` writes docs/benchmarks.md. One server after the other, each
// in a process of its own: the demo garden, a holding of one year, of ten, and a crowd.
import { readFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { emptyPage, noPage, othersOf, pagesOf, unasked } from './bench/pages.mjs';
import { over, reportOf } from './bench/report.mjs';
import { ask, biggest, start, writeNote } from './bench/server.mjs';
import { ensureBuilt, ensureInstalled, root, stop } from './ready.mjs';

ensureInstalled();
ensureBuilt();
const missing = unasked();
if (missing.length > 0) stop(`The bench asks for no page of ${missing.join(', ')}.`);

// The pages take turns, round by round, so that a busy moment of the machine hits one round of
// each and not all calls of one; what is told is the quietest round, since other work only ever
// adds. The machine's pace drifts within a run: each page's turn is held against one of the empty
// page right before it, and the middle of these ratios is told.
const rounds = Number(process.env.BENCH_ROUNDS ?? 7);
const calls = Number(process.env.BENCH_TIMES ?? 20);
const writes = Number(process.env.BENCH_WRITES ?? 9);
const warm = 3;
// The empty page is asked for before every other one and so its code is translated long before
// theirs: each page is asked for this often before anything is timed, as a server that has run for
// an hour has been. The cold figures pay for what the books forget after an act, not for the engine.
const beforehand = Number(process.env.BENCH_BEFORE ?? 200);
/** Where grown books are kept for the next run; else they are thrown away. */
const kept = process.env.BENCH_BOOKS;
const books = /** @type {const} */ ([
	['demo', '1'],
	['one year', 'years:1'],
	['ten years', 'years:10'],
	['a crowd', 'crowd:200']
]);
const only = process.env.BENCH_ONLY?.split(',');

/** @typedef {{ page: string, isPage: boolean, url: string, p50s: number[], p95s: number[], ratios: number[], cold: number[], body: string, links: string,
 *   warmQueries: number, coldQueries: number }} Timed */

const results = [];
for (const [name, demo] of books) {
	if (only && !only.includes(demo)) continue;
	console.log(`${name} …`);
	results.push(await measure(name, demo));
}
const report = reportOf(results, { rounds, calls, writes, beforehand });
const to = join(root, process.env.BENCH_TO ?? 'docs/benchmarks.md');
writeFileSync(to, report);
console.log(`\nWritten to ${to}`);
const faults = over(results);
for (const fault of faults) console.log(`over: ${fault}`);
process.exitCode = faults.length > 0 ? 1 : 0;

/** @param {string} name @param {string} demo */
async function measure(name, demo) {
	const folder = kept ?? mkdtempSync(join(tmpdir(), 'ashdrift-bench-'));
	const database = join(folder, `${name.replaceAll(' ', '-')}.sqlite`);
	const timing = await start(database, demo);
	const db = new Database(database, { readonly: true });
	const things = biggest(db);
	const size = sizeOf(db);
	db.close();
	const all = [noPage, ...Object.values(pagesOf).flat(), ...Object.values(othersOf).flat()];
	const order = [noPage, emptyPage, ...all.filter((one) => one !== noPage && one !== emptyPage)];
	const isPage = new Set(Object.values(pagesOf).flat());
	const pathOf = (/** @type {string} */ page) =>
		page.replace(/\$(\w+)/g, (_, kind) => encodeURIComponent(things[kind] ?? ''));
	/** @type {Timed[]} */
	const timed = order.map((page) => ({
		page,
		isPage: isPage.has(page),
		url: timing.address + pathOf(page),
		...{
			p50s: [],
			p95s: [],
			ratios: [],
			cold: [],
			body: '',
			links: '',
			warmQueries: 0,
			coldQueries: 0
		}
	}));
	const empty = /** @type {Timed} */ (timed[1]);
	for (const page of timed) if (page.isPage) await timesOf(page, beforehand);
	for (let i = 0; i < rounds; i += 1) for (const page of timed) await timeRound(page, empty);
	for (let i = 0; i < writes; i += 1)
		for (const page of timed) {
			await writeNote(timing.address, things.quietBed ?? '');
			page.cold.push((await ask(page.url)).ms);
		}
	await timing.stop();
	await count(timed, database, demo, pathOf, things.quietBed ?? '');
	if (!kept) rmSync(folder, { recursive: true, force: true });
	return { name, size, rows: timed.map((page) => rowOf(page, empty)) };
}

/** @param {import('better-sqlite3').Database} db */
function sizeOf(db) {
	return /** @type {{ acts: number, movements: number, burns: number, beds: number }} */ (
		db
			.prepare(
				'SELECT (SELECT count(*) FROM act) AS acts, (SELECT count(*) FROM movement) AS movements, (SELECT count(*) FROM burn) AS burns, (SELECT count(*) FROM bed) AS beds'
			)
			.get()
	);
}

/** @param {Timed} page @param {Timed} empty */
async function timeRound(page, empty) {
	const beside = await timesOf(empty, calls);
	// An export takes as long as a hundred pages.
	const taken = await timesOf(page, page.isPage || page.page === noPage ? calls : 1);
	page.p50s.push(quantile(taken, 0.5));
	page.p95s.push(quantile(taken, 0.95));
	page.ratios.push(quantile(taken, 0.5) / quantile(beside, 0.5));
}

/** @param {Timed} page @param {number} times */
async function timesOf(page, times) {
	const taken = [];
	for (let i = 0; i < warm + times; i += 1) {
		const { ms, body, headers } = await ask(page.url);
		if (i >= warm) taken.push(ms);
		page.body = body.toString();
		page.links = String(headers.link ?? '');
	}
	return taken;
}

/**
 * Queries of each page, cold and warm, by a server that counts them.
 * @param {readonly Timed[]} timed
 * @param {string} database
 * @param {string} demo
 * @param {(page: string) => string} pathOf
 * @param {string} bed
 */
async function count(timed, database, demo, pathOf, bed) {
	const counting = await start(database, demo, { counting: true });
	const queries = async (/** @type {string} */ url) =>
		Number(/queries;desc=(\d+)/.exec(String((await ask(url)).headers['server-timing']))?.[1] ?? 0);
	for (const page of timed) {
		const url = counting.address + pathOf(page.page);
		await ask(url);
		await writeNote(counting.address, bed);
		page.coldQueries = await queries(url);
		page.warmQueries = await queries(url);
	}
	await counting.stop();
}

/** @param {readonly number[]} values @param {number} share */
function quantile(values, share) {
	const inOrder = [...values].sort((a, b) => a - b);
	return inOrder[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;
}

/** @param {Timed} timed @param {Timed} empty */
function rowOf({ p50s, p95s, ratios, cold, body, links, url: _url, ...row }, empty) {
	return {
		...row,
		p50: Math.min(...p50s),
		p95: quantile(p95s, 0.5),
		cold: Math.min(...cold),
		warmTimes: quantile(ratios, 0.5),
		coldTimes: Math.min(...cold) / Math.min(...empty.cold),
		bytes: Buffer.byteLength(body),
		gzip: gzipSync(body).length,
		script: row.isPage ? scriptOf(body + links) : 0
	};
}

/** Gzipped bytes of all script a page names, which is all that it loads before anybody acts. */
function scriptOf(/** @type {string} */ html) {
	const files = new Set(html.match(/_app\/immutable\/[\w./-]+\.js/g) ?? []);
	return [...files].reduce(
		(sum, file) => sum + gzipSync(readFileSync(join(root, 'build', 'client', file))).length,
		0
	);
}
