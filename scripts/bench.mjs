// Measures every page: `npm run bench` writes docs/benchmarks.md. One server after the other, each
// in a process of its own: the demo garden, a holding of one year, a holding of ten.
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { Agent, get as httpGet, request as httpRequest } from 'node:http';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { ensureBuilt, ensureInstalled, root } from './ready.mjs';

ensureInstalled();
ensureBuilt();

// The pages take turns, round by round, so that a busy moment of the machine hits one round of
// each and not all calls of one; what is told is the median round.
const rounds = Number(process.env.BENCH_ROUNDS ?? 7);
const times = Number(process.env.BENCH_TIMES ?? 30);
const warm = 3;
const writes = 5;
const books = /** @type {const} */ ([
	['demo', '1'],
	['one year', 'years:1'],
	['ten years', 'years:10']
]);
/** What to ask for; `$bed` and the like are the thing of that kind with the most to tell. */
const pages = [
	'/',
	'/woodyard',
	'/woodyard/$stack',
	'/fires',
	'/fires/$burn',
	'/fires/plan',
	'/char/$char',
	'/charging',
	'/charging/$charge',
	'/charging/plan',
	'/beds',
	'/beds/$bed',
	'/beds/round',
	'/ledger/lot/$charge',
	'/trace/lot/$stack',
	'/trace/bed/$bed',
	'/log',
	'/log/read?line=1+L+$charge+%3E+$bed',
	'/find?q=a',
	'/keeping',
	'/settings'
];
/** The frame with nothing in it: what any page of this program costs at least. */
const emptyPage = '/find';
/** The program with no page at all. */
const noPage = '/health';

/** @typedef {{ page: string, p50: number, p95: number, fresh: number, bytes: number, gzip: number, script: number }} Row */
/** @typedef {{ page: string, url: string, p50s: number[], p95s: number[], fresh: number[], body: string, links: string }} Timed */

const agent = new Agent({ keepAlive: true, maxSockets: 1 });

const results = [];
for (const [name, demo] of books) {
	console.log(`${name} …`);
	results.push(await measure(name, demo));
}
const report = reportOf(results);
writeFileSync(join(root, 'docs', 'benchmarks.md'), report);
console.log('\nWritten to docs/benchmarks.md');

/** @param {string} name @param {string} demo */
async function measure(name, demo) {
	const folder = mkdtempSync(join(tmpdir(), 'ashdrift-bench-'));
	const database = join(folder, 'books.sqlite');
	const { address, stop } = await start(database, demo);
	const db = new Database(database, { readonly: true });
	const things = biggest(db);
	const size = /** @type {{ acts: number, movements: number, burns: number, beds: number }} */ (
		db
			.prepare(
				'SELECT (SELECT count(*) FROM act) AS acts, (SELECT count(*) FROM movement) AS movements, (SELECT count(*) FROM burn) AS burns, (SELECT count(*) FROM bed) AS beds'
			)
			.get()
	);
	db.close();
	const timed = [noPage, emptyPage, ...pages].map((page) => ({
		page,
		url: address + page.replace(/\$(\w+)/g, (_, kind) => encodeURIComponent(things[kind] ?? '')),
		...{ p50s: [], p95s: [], fresh: [], body: '', links: '' }
	}));
	for (let i = 0; i < rounds; i += 1) for (const page of timed) await timeRound(page);
	for (let i = 0; i < writes; i += 1)
		for (const page of timed) await timeFresh(page, address, things.quietBed ?? '');
	await stop();
	rmSync(folder, { recursive: true, force: true });
	return { name, size, rows: timed.map(rowOf) };
}

/** @param {string} database @param {string} demo @returns {Promise<{ address: string, stop: () => Promise<void> }>} */
function start(database, demo) {
	const code = `import('${join(root, 'scripts/serve.mjs')}').then(({ serve }) => serve({ host: '127.0.0.1', port: 0, database: process.env.BENCH_DB, demo: process.env.BENCH_DEMO === '1' ? true : process.env.BENCH_DEMO })).then((at) => console.log('serving ' + at))`;
	const child = spawn(process.execPath, ['-e', code], {
		env: {
			...process.env,
			BENCH_DB: database,
			BENCH_DEMO: demo,
			ASHDRIFT_NOW: '2026-11-24T12:00:00Z',
			ASHDRIFT_LOG: 'error'
		},
		stdio: ['ignore', 'pipe', 'inherit']
	});
	return new Promise((found, failed) => {
		let said = '';
		child.stdout.on('data', (/** @type {Buffer} */ chunk) => {
			said += chunk.toString();
			const address = /serving (\S+)/.exec(said)?.[1];
			if (address)
				found({
					address,
					stop: () =>
						new Promise((done) => {
							child.once('exit', () => done());
							child.kill('SIGTERM');
						})
				});
		});
		child.once('exit', (status) => failed(new Error(`the server ended with ${status}`)));
	});
}

/** @param {import('better-sqlite3').Database} db @returns {Record<string, string>} */
function biggest(db) {
	const one = (/** @type {string} */ sql) => /** @type {string} */ (db.prepare(sql).pluck().get());
	const lot = (/** @type {string} */ kind) =>
		one(
			`SELECT l.code FROM lot l JOIN balance b ON b.lot_id = l.id JOIN movement m ON m.lot_id = l.id WHERE l.kind = '${kind}' GROUP BY l.id ORDER BY b.volume_ul > 0 DESC, count(*) DESC, l.id DESC LIMIT 1`
		);
	return {
		stack: lot('stack'),
		char: lot('char'),
		charge: lot('charge'),
		bed: one(
			'SELECT b.name FROM bed_called b LEFT JOIN application s ON s.bed_id = b.id GROUP BY b.id ORDER BY count(s.act_id) DESC LIMIT 1'
		),
		quietBed: one(
			'SELECT b.name FROM bed_called b LEFT JOIN application s ON s.bed_id = b.id GROUP BY b.id ORDER BY count(s.act_id) LIMIT 1'
		),
		burn: one(
			'SELECT b.code FROM burn b JOIN burn_record r ON r.burn_id = b.id ORDER BY r.quenched_at_ms DESC LIMIT 1'
		)
	};
}

/** @param {Timed} page */
async function timeRound(page) {
	const taken = [];
	for (let i = 0; i < warm + times; i += 1) {
		const ms = await ask(page);
		if (i >= warm) taken.push(ms);
	}
	page.p50s.push(quantile(taken, 0.5));
	page.p95s.push(quantile(taken, 0.95));
}

/** The first look after somebody wrote: nothing that was worked out before can be used again. */
async function timeFresh(
	/** @type {Timed} */ page,
	/** @type {string} */ address,
	/** @type {string} */ bed
) {
	await write(address, { line: `note ${bed} looked at again`, actId: randomUUID() });
	page.fresh.push(await ask(page));
}

/** @param {Timed} page @returns {Promise<number>} milliseconds to the last byte */
function ask(page) {
	const from = performance.now();
	return new Promise((done, failed) => {
		httpGet(page.url, { agent, headers: { 'accept-encoding': 'identity' } }, (answer) => {
			if (answer.statusCode !== 200) failed(new Error(`${page.url}: ${answer.statusCode}`));
			const parts = /** @type {Buffer[]} */ ([]);
			answer.on('data', (part) => parts.push(part));
			answer.on('end', () => {
				const ms = performance.now() - from;
				page.body = Buffer.concat(parts).toString();
				page.links = String(answer.headers.link ?? '');
				done(ms);
			});
		}).on('error', failed);
	});
}

/** @param {string} address @param {Record<string, string>} fields @returns {Promise<void>} */
function write(address, fields) {
	const headers = {
		'content-type': 'application/x-www-form-urlencoded',
		accept: 'text/html',
		origin: address
	};
	return new Promise((done, failed) => {
		httpRequest(`${address}/log?/write`, { agent, method: 'POST', headers }, (answer) => {
			if (answer.statusCode !== 303)
				failed(new Error(`the note was answered ${answer.statusCode}`));
			answer.resume().on('end', done);
		})
			.on('error', failed)
			.end(new URLSearchParams(fields).toString());
	});
}

/** @param {readonly number[]} values @param {number} share */
function quantile(values, share) {
	const inOrder = [...values].sort((a, b) => a - b);
	return inOrder[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;
}

/** @param {Timed} page @returns {Row} */
function rowOf({ page, p50s, p95s, fresh, body, links }) {
	return {
		page,
		p50: quantile(p50s, 0.5),
		p95: quantile(p95s, 0.5),
		fresh: quantile(fresh, 0.5),
		bytes: Buffer.byteLength(body),
		gzip: gzipSync(body).length,
		script: scriptOf(body + links)
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

/** @param {Awaited<ReturnType<typeof measure>>[]} results */
function reportOf(results) {
	const ms = (/** @type {number} */ value) => value.toFixed(1);
	const kb = (/** @type {number} */ value) => (value / 1000).toFixed(value < 10_000 ? 1 : 0);
	const [cpu] = cpus();
	const table = results.map(({ name, size, rows }) =>
		[
			`## ${name[0]?.toUpperCase()}${name.slice(1)}: ${size.acts} acts, ${size.movements} movements, ${size.burns} burns, ${size.beds} beds`,
			'',
			'| page | p50, ms | p95, ms | after a write, ms | HTML, kB | gzipped, kB | script gzipped, kB |',
			'| --- | ---: | ---: | ---: | ---: | ---: | ---: |',
			...rows.map(
				(row, i) =>
					`| ${i === 0 ? 'no page (a line of text)' : i === 1 ? 'empty page (the frame alone)' : `\`${row.page}\``} | ${ms(row.p50)} | ${ms(row.p95)} | ${ms(row.fresh)} | ${kb(row.bytes)} | ${kb(row.gzip)} | ${row.script === 0 ? '' : kb(row.script)} |`
			),
			''
		].join('\n')
	);
	const [, one, ten] = results;
	const growth = (one?.rows ?? []).map((row, i) => ({
		page: row.page,
		times: (ten?.rows[i]?.p50 ?? 0) / row.p50
	}));
	const worst = growth.sort((a, b) => b.times - a.times).slice(0, 5);
	return `# How fast it is

Written by \`npm run bench\`; change nothing here by hand. In each of ${rounds} rounds every page is asked
for ${times} times, one call after the other, from the same machine and whole: routing, database,
rendering, transfer. What stands here is the median round's p50 and p95. "After a write" is the first
look at the page after a note was written, when no answer worked out before can be used again: the
median of ${writes}. \`$bed\` and the like stand for the bed, lot or fire with the most to tell.
Machine: ${cpu?.model ?? 'unknown'}, ${cpus().length} cores, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.versions.node}.

Aims: p95 at most 15 ms on the demo and 30 ms on ten years, HTML at most 60 kB before compression,
script at most 90 kB gzipped without a chart, growth from one year to ten at most 1.5 times.

${table.join('\n')}
## Growth from one year to ten (p50)

${worst.map(({ page, times: t }) => `- \`${page}\`: ${t.toFixed(2)} times`).join('\n')}
`;
}
