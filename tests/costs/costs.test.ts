import { copyFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import Database from 'better-sqlite3';
import { gates } from '../../scripts/bench/report.mjs';
import { pagesOf } from '../../scripts/bench/pages.mjs';
import { biggest } from '../../scripts/bench/server.mjs';
import { growCrowd } from '../../src/lib/server/demo/crowd';
import { emptyBooks } from '../fixtures/garden';
import { holdingOf } from '../fixtures/holding';
import { openPage, type Page } from '../browser/support/page';
import { ownFolder, startServer, type Server } from '../browser/support/server';

const now = '2026-11-24T12:00:00Z';
const now_ms = Date.parse(now);

/** Books served, and what of each kind has the most to tell. */
function serve(grow: (path: string) => void) {
	const folder = ownFolder();
	const served = {} as { server: Server; address: (page: string) => string };
	beforeAll(async () => {
		grow(folder.database);
		const db = new Database(folder.database, { readonly: true });
		const things = biggest(db);
		db.close();
		served.server = await startServer({ database: folder.database, now });
		served.address = (page) =>
			served.server.address +
			page.replace(/\$(\w+)/g, (_, kind: string) => encodeURIComponent(things[kind] ?? ''));
	}, 180_000);
	afterAll(async () => {
		await served.server?.stop();
		folder.drop();
	});
	return served;
}

const everyPage = Object.values(pagesOf).flat();

describe('a holding with two hundred of each kind', () => {
	const crowd = serve((path) => {
		const books = emptyBooks();
		growCrowd(books, now_ms, 200);
		books.db.exec(`VACUUM INTO '${path}'`);
		books.db.close();
	});

	it.each(everyPage)('%s stays within its kilobytes', async (page) => {
		const answer = await fetch(crowd.address(page));
		expect(answer.status).toBe(200);
		const html = await answer.text();
		expect(Buffer.byteLength(html)).toBeLessThanOrEqual(gates.html_kB * 1000);
	});
});

/** Whoever waits on one page while others read, write and carry the books away. */
describe('twenty readers, two writers, and whoever takes the books along', () => {
	const held = serve((path) => copyFileSync(holdingOf(10), path));
	const most_ms = 100;
	const attempts = 6;

	it('never keep the program to themselves for long', async () => {
		let until = 0;
		const read = async (pages: readonly string[]) => {
			for (let i = 0; Date.now() < until; i += 1) {
				const answer = await fetch(held.address(pages[i % pages.length]!));
				expect(answer.status, pages[i % pages.length]).toBe(200);
				await answer.text();
			}
		};
		const write = async (who: number) => {
			for (let i = 0; Date.now() < until; i += 1) {
				const answer = await fetch(held.address('/log?/write'), {
					method: 'POST',
					redirect: 'manual',
					headers: {
						origin: held.server.address,
						accept: 'text/html',
						'content-type': 'application/x-www-form-urlencoded'
					},
					body: new URLSearchParams({
						line: `note Row ${1 + (i % 100)} looked at by ${who}`,
						actId: `costs-of-${who}-${i}-${until}`
					})
				});
				expect(answer.status).toBe(303);
				await new Promise((done) => setTimeout(done, 50));
			}
		};
		const carry = [
			'/keeping/ledger.csv',
			'/keeping/books.json',
			'/keeping/notes.csv',
			'/trace/bed/$bed'
		];
		// Everything is asked for once before: what is read into memory at first is no wait of every day.
		for (const page of [...everyPage, ...carry]) await (await fetch(held.address(page))).text();
		// Other work on this machine may hold it up once; what the program does by itself, it does each time.
		let shortest = Infinity;
		for (let i = 0; i < attempts && shortest > most_ms; i += 1) {
			await held.server.longestBlock();
			until = Date.now() + 6000;
			await Promise.all([
				...Array.from({ length: 20 }, (_, first) =>
					read([...everyPage.slice(first), ...everyPage.slice(0, first)])
				),
				write(1),
				write(2),
				read(carry)
			]);
			shortest = Math.min(shortest, await held.server.longestBlock());
		}
		expect(shortest).toBeLessThanOrEqual(most_ms);
	}, 120_000);
});

/** How long a key keeps a slow phone busy: a quarter of this machine's speed, to the next frame. */
describe('a key', () => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	const slow = 4;
	const most_ms = 50;
	// Enough of them to outlast a busy moment of the machine; on a quiet one the first will do.
	const typings = 30;
	beforeAll(async () => {
		server = await startServer({ database: folder.database, now, demo: true });
		page = await openPage(server.address, 'phone');
	}, 60_000);
	afterAll(async () => {
		await page?.close();
		await server?.stop();
		folder.drop();
	});

	it('that is a tap at the fire is shown before anybody notices', async () => {
		await page.go('/fires/F43/now');
		await page.driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: slow });
		try {
			const taps = await page.driver.executeAsyncScript<[took: number, shown: boolean][]>(
				`const [count, done] = arguments;
				const took = [];
				const tap = (i) => {
					if (i === count) return done(took);
					const wanted = i % 2 ? 'Some smoke' : 'White edges';
					const button = [...document.querySelectorAll('button.tile')].find((one) => one.textContent.startsWith(wanted));
					const from = performance.now();
					button.click();
					queueMicrotask(() => queueMicrotask(() => queueMicrotask(() => {
						void document.body.offsetHeight;
						const shown = document.body.textContent.includes(wanted + '.');
						took.push([performance.now() - from, shown]);
						setTimeout(() => tap(i + 1), 60);
					})));
				};
				tap(0);`,
				typings
			);
			expect(taps.every(([, shown]) => shown)).toBe(true);
			const inOrder = taps.map(([took]) => took).toSorted((a, b) => a - b);
			expect(inOrder[Math.floor(inOrder.length / 4)]).toBeLessThanOrEqual(most_ms);
		} finally {
			await page.driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: 1 });
		}
	}, 60_000);

	it.each([
		['/charging/plan?char=K10&school=nitrogen-soak', 'part', '60 L'],
		['/beds/Mere%202?lot=C32', 'amount', '25 L'],
		['/beds/round', 'amount:Mere 2', '12 L'],
		['/fires/plan?vessel=Lantern&loads=S2', 'waterOnSite', '900 L'],
		['/fires/day', 'burn', '62'],
		['/brews/plan?recipe=microbe-tea', 'base', '20 L'],
		['/brews/B4', 'parts', '12'],
		['/heaps/plan', 'part2', '420 L'],
		['/mixes/plan', 'part2', '3 kg'],
		['/mixes/pots', 'pots', '60'],
		['/fate', 'amount', '300 L'],
		['/stock', 'amount', '120 L'],
		['/vessels/new', 'depth', '80 cm'],
		['/woodyard', 'length', '2.4 m']
	])('on %s in %s is answered before anybody notices', async (path, field, text) => {
		await page.go(path);
		await page.driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: slow });
		try {
			const type = () =>
				page.driver.executeAsyncScript<number[]>(
					`const [name, text, done] = arguments;
				const field = [...document.getElementsByName(name)].find((one) => one.type !== 'hidden');
				if (!field) return done([-1]);
				for (const fold of [...document.querySelectorAll('details')]) if (fold.contains(field)) fold.open = true;
				const took = [];
				const key = (i) => {
					if (i > text.length) return done(took);
					const from = performance.now();
					field.value = text.slice(0, i);
					field.dispatchEvent(new InputEvent('input', { bubbles: true }));
					// What follows from the key is done in its own turn, before the next frame.
					queueMicrotask(() => queueMicrotask(() => queueMicrotask(() => {
						void document.body.offsetHeight;
						took.push(performance.now() - from);
						setTimeout(() => key(i + 1), 30);
					})));
				};
				key(1);`,
					field,
					text
				);
			// The first key of a page also compiles what it runs, and others may use this machine: the best of some
			// typings, each by its middle key.
			const middles: number[] = [];
			for (let i = 0; i < typings && !(Math.min(...middles) <= most_ms); i += 1) {
				const inOrder = (await type()).toSorted((a, b) => a - b);
				middles.push(inOrder[Math.floor(inOrder.length / 2)] ?? -1);
			}
			expect(Math.min(...middles), 'a field to type in').toBeGreaterThanOrEqual(0);
			expect(Math.min(...middles)).toBeLessThanOrEqual(most_ms);
		} finally {
			await page.driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: 1 });
		}
	});
});
