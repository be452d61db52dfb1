import { describe, expect, it } from 'vitest';
import { setDemo } from '../../tests/browser/support/demo';
import { actId } from '../../tests/browser/support/post';
import { scaled, share, tell } from './scale';

const demo = setDemo();

const rows = scaled(3000, 200);
const many = Math.floor(rows / 4);
const lines = (head: string, line: (n: number) => string) =>
	`${head}\n${Array.from({ length: many }, (_, n) => line(n)).join('\n')}\n`;
/** A day of a long year, early enough for all that follows from it. */
const day = (n: number, after = 0) =>
	new Date(Date.UTC(2025, 0, 1 + ((n * 7) % 300) + after)).toISOString().slice(0, 10);
/** One fire after the other in one vessel, several on a day. */
const hour = (n: number) => `${String(6 + 4 * Math.floor(n / 300)).padStart(2, '0')}:00`;
const beds = [
	'Upper 1',
	'Upper 2',
	'Upper 3',
	'Middle 1',
	'Middle 2',
	'Middle 3',
	'Mere 1',
	'Mere 2'
];

const sheets = {
	stacks: lines(
		'label,date,name,form,wood,seasoned,filled',
		(n) => `s${n},${day(n)},rods ${n},rods,light-hardwood,yes,90 L`
	),
	burns: lines(
		'label,date,vessel,stacks,char,wetness,cold',
		(n) => `b${n},${day(n, 1)} ${hour(n)},Lantern,s${n},20 L,drained,${day(n, 3)}`
	),
	crushings: lines('label,date,char,before,after', (n) => `c${n},${day(n, 4)},b${n},,12 L`),
	spreads: lines(
		'date,bed,lot,amount,reason',
		(n) => `${day(n, 5)},${beds[n % beds.length]},c${n},12 L,an old habit`
	)
};

const send = (action: string, fields: Readonly<Record<string, string>>) => {
	const form = new FormData();
	for (const [name, value] of Object.entries(fields)) form.set(name, value);
	return fetch(`${demo.server.address}/keeping/notebook?/${action}`, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin: demo.server.address, accept: 'text/html' },
		body: form
	});
};
const page = async (job: string) =>
	(
		await fetch(`${demo.server.address}/keeping/notebook?job=${job}`, {
			headers: { accept: 'text/html' }
		})
	).text();

/** Somebody else, who asks for a page all the while: how long each time. */
function somebodyElse(path: string) {
	const waits: number[] = [];
	let isOver = false;
	const asking = (async () => {
		while (!isOver) {
			const from = performance.now();
			await (await fetch(demo.server.address + path, { headers: { accept: 'text/html' } })).text();
			waits.push(performance.now() - from);
			await new Promise((done) => setTimeout(done, 15));
		}
	})();
	return async () => {
		isOver = true;
		await asking;
		return waits;
	};
}

/** Until a job is at one of these states, looked at as its page does. */
async function until(job: string, states: readonly string[], most_ms = 120_000): Promise<string> {
	const end = performance.now() + most_ms;
	for (;;) {
		const answer = await fetch(`${demo.server.address}/keeping/notebook/way?job=${job}`);
		const way = (await answer.json()) as { state: string; done: number; of: number };
		if (states.includes(way.state)) return way.state;
		if (performance.now() > end) throw new Error(`It stays at ${JSON.stringify(way)}`);
		await new Promise((done) => setTimeout(done, 100));
	}
}

describe(`a notebook of ${rows} rows`, () => {
	it('is tried, written and taken back while nobody else waits', async () => {
		const job = actId();
		// As a server that has run for a while: what it needs of its code is read.
		const first = actId();
		await send('try', { batch: first, stacks: sheets.stacks.split('\n', 4).join('\n') });
		await page(first);
		await send('write', {
			batch: actId(),
			job: first,
			stacks: sheets.stacks.split('\n', 4).join('\n')
		});
		await page(first);
		for (let n = 0; n < 10; n += 1) await page('none');
		// What somebody waits while nothing goes on says how busy this machine is by itself.
		const before = somebodyElse('/health');
		await new Promise((done) => setTimeout(done, 1500));
		const alone = share(await before(), 0.99);
		await demo.server.longestBlock();
		const waited = somebodyElse('/health');
		const started = performance.now();
		expect((await send('try', { batch: job, ...sheets })).status).toBe(303);
		await until(job, ['tried']);
		const tried = performance.now() - started;
		expect(await page(job)).toMatch(/rows are right/);
		expect((await send('write', { batch: actId(), job, ...sheets })).status).toBe(303);
		await until(job, ['written']);
		const written = performance.now() - started - tried;
		const waits = await waited();
		const blocked = await demo.server.longestBlock();
		const most = Math.max(...waits);
		const backFrom = performance.now();
		expect((await send('takeBack', { job })).status).toBe(303);
		await until(job, ['taken-back']);
		const back = performance.now() - backFrom;
		const longestBack = await demo.server.longestBlock();
		tell(
			'bring',
			`${rows} rows: tried in ${(tried / 1000).toFixed(1)} s, written in ${(written / 1000).toFixed(1)} s, taken back in ${(back / 1000).toFixed(1)} s; of ${waits.length} times somebody else waited, 99 % were within ${share(waits, 0.99).toFixed(0)} ms, ${waits.filter((ms) => ms > 100).length} over 100 ms, the longest ${most.toFixed(0)} ms; the longest turn of the main process ${blocked.toFixed(0)} ms, while taking back ${longestBack.toFixed(0)} ms`
		);
		// A disk that stops for everybody now and then is none of ours; the longest wait is told.
		expect(share(waits, 0.99)).toBeLessThan(scaled(100, 1000 + 10 * alone));
		expect(demo.books.faults()).toEqual([]);
	}, 900_000);

	it('is cancelled at once', async () => {
		const job = actId();
		await send('try', { batch: job, ...sheets });
		const from = performance.now();
		expect((await send('cancel', { job })).status).toBe(303);
		await until(job, ['taken-back', 'tried']);
		const took = performance.now() - from;
		tell('bring', `cancelled after ${took.toFixed(0)} ms`);
		expect(took).toBeLessThan(scaled(1500, 5000));
	}, 60_000);
});
