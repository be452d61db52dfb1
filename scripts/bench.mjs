// Measures every page: `npm run bench` writes docs/benchmarks.md. One server after the other, each
// in a process of its own: the demo garden, a holding of one year, a holding of ten.
import { spawn } from 'node:child_process';
import { readFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { ensureBuilt, ensureInstalled, root } from './ready.mjs';

ensureInstalled();
ensureBuilt();

const times = Number(process.env.BENCH_TIMES ?? 60);
const warm = 8;
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
	'/ledger/$charge',
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

/** @typedef {{ page: string, p50: number, p95: number, bytes: number, gzip: number, script: number }} Row */

const results = [];
for (const [name, demo] of books) {
	console.log(`${name} …`);
	results.push(await measure(name, demo));
}
const report = write(results);
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
	const rows = [];
	for (const page of [noPage, emptyPage, ...pages]) {
		const path = page.replace(/\$(\w+)/g, (_, kind) => encodeURIComponent(things[kind] ?? ''));
		rows.push({ page, ...(await time(address + path)) });
	}
	await stop();
	rmSync(folder, { recursive: true, force: true });
	return { name, size, rows };
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
			`SELECT l.code FROM lot l JOIN balance b ON b.lot_id = l.id JOIN movement m ON m.lot_id = l.id WHERE l.kind = '${kind}' GROUP BY l.id ORDER BY b.volume_ml > 0 DESC, count(*) DESC, l.id DESC LIMIT 1`
		);
	return {
		stack: lot('stack'),
		char: lot('char'),
		charge: lot('charge'),
		bed: one(
			'SELECT b.name FROM bed b LEFT JOIN spread s ON s.bed_id = b.id GROUP BY b.id ORDER BY count(s.act_id) DESC LIMIT 1'
		),
		burn: one(
			'SELECT b.code FROM burn b JOIN burn_record r ON r.burn_id = b.id ORDER BY r.quenched_at_ms DESC LIMIT 1'
		)
	};
}

/** @param {string} url @returns {Promise<Omit<Row, 'page'>>} */
async function time(url) {
	const taken = [];
	let html = '';
	let links = '';
	for (let i = 0; i < warm + times; i += 1) {
		const from = performance.now();
		const answer = await fetch(url, { headers: { 'accept-encoding': 'identity' } });
		html = await answer.text();
		links = answer.headers.get('link') ?? '';
		if (answer.status !== 200) throw new Error(`${url} answered ${answer.status}`);
		if (i >= warm) taken.push(performance.now() - from);
	}
	taken.sort((a, b) => a - b);
	const at = (/** @type {number} */ share) =>
		taken[Math.min(taken.length - 1, Math.floor(taken.length * share))] ?? 0;
	return {
		p50: at(0.5),
		p95: at(0.95),
		bytes: Buffer.byteLength(html),
		gzip: gzipSync(html).length,
		script: scriptOf(html + links)
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
function write(results) {
	const ms = (/** @type {number} */ value) => value.toFixed(1);
	const kb = (/** @type {number} */ value) => (value / 1000).toFixed(value < 10_000 ? 1 : 0);
	const [cpu] = cpus();
	const table = results.map(({ name, size, rows }) =>
		[
			`## ${name[0]?.toUpperCase()}${name.slice(1)}: ${size.acts} acts, ${size.movements} movements, ${size.burns} burns, ${size.beds} beds`,
			'',
			'| page | p50, ms | p95, ms | HTML, kB | gzipped, kB | script gzipped, kB |',
			'| --- | ---: | ---: | ---: | ---: | ---: |',
			...rows.map(
				(row, i) =>
					`| ${i === 0 ? 'no page (a line of text)' : i === 1 ? 'empty page (the frame alone)' : `\`${row.page}\``} | ${ms(row.p50)} | ${ms(row.p95)} | ${kb(row.bytes)} | ${kb(row.gzip)} | ${row.script === 0 ? '' : kb(row.script)} |`
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

Written by \`npm run bench\`; change nothing here by hand. Each page is asked for ${times} times, one
after the other, after ${warm} warm-up calls, from the same machine and whole: routing, database,
rendering, transfer. \`$bed\` and the like stand for the bed, lot or fire with the most to tell.
Machine: ${cpu?.model ?? 'unknown'}, ${cpus().length} cores, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.versions.node}.

Aims: p95 at most 15 ms on the demo and 30 ms on ten years, HTML at most 60 kB before compression,
script at most 90 kB gzipped without a chart, growth from one year to ten at most 1.5 times.

${table.join('\n')}
## Growth from one year to ten (p50)

${worst.map(({ page, times: t }) => `- \`${page}\`: ${t.toFixed(2)} times`).join('\n')}
`;
}
