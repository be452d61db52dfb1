// One server in a process of its own, and what its books have the most of.
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { Agent, get as httpGet, request as httpRequest } from 'node:http';
import { join } from 'node:path';
import { root } from '../ready.mjs';

export const now = '2026-11-24T12:00:00Z';
const agent = new Agent({ keepAlive: true, maxSockets: 1 });

/**
 * @param {string} database
 * @param {string} demo
 * @param {{ counting?: boolean }} [how] with the number of queries beside each answer
 * @returns {Promise<{ address: string, stop: () => Promise<void> }>}
 */
export function start(database, demo, { counting = false } = {}) {
	const code = `import('${join(root, 'scripts/serve.mjs')}').then(({ serve }) => serve({ host: '127.0.0.1', port: 0, database: process.env.BENCH_DB, demo: process.env.BENCH_DEMO === '1' ? true : process.env.BENCH_DEMO })).then((at) => console.log('serving ' + at))`;
	const child = spawn(process.execPath, ['-e', code], {
		env: {
			...process.env,
			BENCH_DB: database,
			BENCH_DEMO: demo,
			ASHDRIFT_NOW: now,
			ASHDRIFT_LOG: 'error',
			ASHDRIFT_COUNT: counting ? '1' : ''
		},
		stdio: ['ignore', 'pipe', 'inherit']
	});
	process.once('exit', () => child.kill());
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

/** @typedef {{ ms: number, body: Buffer, headers: import('node:http').IncomingHttpHeaders }} Answer */

/** @param {string} url @returns {Promise<Answer>} its last byte after so many milliseconds */
export function ask(url) {
	const from = performance.now();
	return new Promise((done, failed) => {
		httpGet(url, { agent, headers: { 'accept-encoding': 'identity' } }, (answer) => {
			if (answer.statusCode !== 200) failed(new Error(`${url}: ${answer.statusCode}`));
			const parts = /** @type {Buffer[]} */ ([]);
			answer.on('data', (part) => parts.push(part));
			answer.on('end', () =>
				done({
					ms: performance.now() - from,
					body: Buffer.concat(parts),
					headers: answer.headers
				})
			);
		}).on('error', failed);
	});
}

/** A note of a bed: from then on nothing that was worked out before can be used again. */
export function writeNote(/** @type {string} */ address, /** @type {string} */ bed) {
	const headers = {
		'content-type': 'application/x-www-form-urlencoded',
		accept: 'text/html',
		origin: address
	};
	return new Promise((/** @type {(value?: undefined) => void} */ done, failed) => {
		httpRequest(`${address}/log?/write`, { agent, method: 'POST', headers }, (answer) => {
			if (answer.statusCode !== 303)
				failed(new Error(`the note was answered ${answer.statusCode}`));
			answer.resume().on('end', () => done());
		})
			.on('error', failed)
			.end(
				new URLSearchParams({
					line: `note ${bed} looked at again`,
					actId: randomUUID()
				}).toString()
			);
	});
}

/** @param {import('better-sqlite3').Database} db @returns {Record<string, string>} */
export function biggest(db) {
	const one = (/** @type {string} */ sql) => /** @type {string} */ (db.prepare(sql).pluck().get());
	const lot = (/** @type {string} */ kind) =>
		one(
			`SELECT l.code FROM lot l JOIN balance b ON b.lot_id = l.id JOIN movement m ON m.lot_id = l.id WHERE l.kind = '${kind}' GROUP BY l.id ORDER BY b.volume_ul > 0 DESC, count(*) DESC, l.id DESC LIMIT 1`
		);
	const bed = (/** @type {string} */ order) =>
		one(
			`SELECT b.name FROM bed_called b LEFT JOIN application s ON s.bed_id = b.id GROUP BY b.id ORDER BY count(s.act_id) ${order} LIMIT 1`
		);
	return {
		...Object.fromEntries(
			['stack', 'char', 'charge', 'brew', 'stock', 'ash', 'heap', 'mix'].map((kind) => [
				kind,
				lot(kind)
			])
		),
		bed: bed('DESC'),
		quietBed: bed('ASC'),
		vessel: 'Lantern',
		burn: one(
			'SELECT b.code FROM burn b JOIN burn_record r ON r.burn_id = b.id ORDER BY r.quenched_at_ms DESC LIMIT 1'
		)
	};
}
