import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { done, envelope, start, yard } from '../fixtures/garden';
import { metres } from '../../src/lib/core/units';
import { measureVessel } from '../../src/lib/server/usecases/measure-vessel';
import type { VesselUse } from '../../src/lib/core/vessels';
import { readBooks } from './support/books';
import { buildAgain } from './support/build-again';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

const patience_ms = 20_000;
const folder = ownFolder();
let again: ReturnType<typeof buildAgain>;
let server: Server;
let page: Page;
let plain: Page;
let books: ReturnType<typeof readBooks>;

beforeAll(async () => {
	const seeded = yard(folder.database);
	const measured = (name: string, usedFor: VesselUse, across_m: number, depth_m: number) =>
		done(
			measureVessel(seeded, start, envelope(start), {
				name,
				usedFor,
				isNew: true,
				shape: {
					kind: 'round',
					rimWidth: metres(across_m),
					floorWidth: metres(across_m),
					depth: metres(depth_m)
				}
			})
		);
	measured('Finch', 'barrel', 0.57, 0.85);
	measured('Oven', 'retort', 0.4, 0.6);
	measured('Ember pail', 'stove', 0.28, 0.3);
	seeded.db.close();
	again = buildAgain();
	server = await startServer({ database: folder.database });
	page = await openPage(server.address, 'phone');
	books = readBooks(folder.database);
});
afterAll(async () => {
	books?.close();
	await page?.close();
	await plain?.close();
	await server?.stop();
	again?.drop();
	folder.drop();
});

const tapsOf = (code: string) =>
	books
		.all<{ what: string; found: string }>(
			`SELECT f.what, f.found_json AS found FROM finding f JOIN standing_act a ON a.id = f.act_id
			 WHERE f.thing_id = (SELECT id FROM burn WHERE code = '${code}') ORDER BY a.happened_at_ms, a.seq`
		)
		.map(({ found }) => Object.values(JSON.parse(found) as object).join(' '));
const home = (code: string, taps: readonly string[]) =>
	page.driver.wait(
		async () => tapsOf(code).join() === taps.join(),
		patience_ms,
		`the books never had ${taps.join()} of ${code}, but ${tapsOf(code).join()}`
	);
/** The button of a fire that begins with these words; nothing is run in the page to find it. */
const buttonOf = (on: Page, code: string, words: string) =>
	on.driver.wait(
		async () => {
			for (const one of await on.driver.findElements(
				By.css(`[aria-label="Fire ${code}"] .main-tap, [aria-label="Fire ${code}"] button.tile`)
			))
				if ((await one.getText()).startsWith(words)) return one;
			return null;
		},
		patience_ms,
		`no button "${words}" of ${code}`
	);
const tapped = async (code: string, words: string) => {
	const button = await buttonOf(page, code, words);
	await page.driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", button);
	await button!.click();
};
const shows = (words: string, on = page) =>
	on.driver.wait(
		async () => (await on.text()).includes(words),
		patience_ms,
		`never showed ${words}`
	);
const light = async (vessel: string, on = page) => {
	await on.go('/fires/light');
	await on.choose('It burns in', vessel);
	await on.press('It is lit');
};

describe('a barrel', () => {
	it('that never lights is said to be out, lit again, and given up', async () => {
		await light('Finch');
		await shows('Lit, no burner yet');
		await tapped('F1', 'It went out');
		await tapped('F1', 'Lit again');
		await shows('Lit, no burner yet');
		await tapped('F1', 'It went out');
		await tapped('F1', 'Give it up');
		await shows('Given up');
		await home('F1', ['went-out', 'lit-again', 'went-out', 'given-up']);
	});

	it('goes from its burner to the tip by its own signs, beside a retort on the same page', async () => {
		await light('Finch');
		await light('Oven');
		await page.go('/fires/F2/now?with=F3');
		await tapped('F2', 'Burner is on');
		await tapped('F3', 'White steam');
		await tapped('F2', 'Glow at the holes');
		await shows('Through: stir it and cap it within five minutes');
		await tapped('F3', 'Gas is burning');
		await shows('it must not be shut now');
		await tapped('F2', 'Stirred');
		await tapped('F2', 'Capped');
		await tapped('F2', 'Tipped out');
		await home('F2', ['burner-on', 'glow-at-floor', 'stir', 'cap', 'tip']);
		expect(await page.accessibility()).toEqual([]);
	});

	it('a retort is not offered to be shut while it gasses', async () => {
		expect(await page.text()).not.toContain('All shut');
		await tapped('F3', 'Gas fades');
		await tapped('F3', 'All shut');
		await home('F3', ['steam', 'gas-lit', 'gas-fading', 'shut']);
	});
});

describe('a pail that is added to', () => {
	it('counts embers by what was measured', async () => {
		await light('Ember pail');
		await page.driver.executeScript(
			"[...document.querySelectorAll('summary')].find((one) => one.textContent === 'Embers in').click()"
		);
		await page.fill('So much, loose', '2 L');
		await page.pressHere('Keep it');
		await home('F4', ['usual 2']);
		await tapped('F4', 'It is quenched');
		await shows('Not proven out');
	});
});

describe('a tap that was forgotten', () => {
	it('is done as long ago as is said, and only that one', async () => {
		await light('Lantern');
		const lit_ms = Date.now();
		await page.unfold('A tap forgotten');
		await page.tick('2 min ago');
		await shows('The next tap counts as done 2 min ago');
		await tapped('F5', 'Layer 1 is on');
		await home('F5', ['usual']);
		expect(await page.text()).not.toContain('counts as done');
		const { at_ms } = books.one<{ at_ms: number }>(
			"SELECT happened_at_ms AS at_ms FROM act WHERE verb = 'lay-layer' ORDER BY seq DESC LIMIT 1"
		);
		// Never before its match.
		expect(at_ms).toBeLessThanOrEqual(lit_ms + 2000);
	});
});

describe('without any script', () => {
	it('each of two fires on a page takes its own taps', async () => {
		plain = await openPage(server.address, 'phone', { script: false });
		const press = async (code: string, words: string) => {
			await plain.go('/fires/F5/now?with=F3');
			const within = `//section[@aria-label='Fire ${code}']`;
			await plain.driver
				.findElement(By.xpath(`${within}//button[starts-with(normalize-space(), '${words}')]`))
				// The driver's own click runs script in the page to find where it is.
				.sendKeys(Key.ENTER);
		};
		await press('F5', 'White edges');
		await home('F5', ['usual', 'white-edges']);
		await press('F5', 'Layer 2 is on');
		await home('F5', ['usual', 'white-edges', 'usual']);
		await press('F3', 'It is quenched');
		await home('F3', ['steam', 'gas-lit', 'gas-fading', 'shut', '']);
	});
});

describe('a new build while the phone has no signal', () => {
	/** What lies on the shelf of parts, and what the kept page of F5 is made of. */
	const shelf = () =>
		page.driver.executeAsyncScript<{ all: string[]; own: string[]; listed: string[] }>(
			`const done = arguments[0]; caches.open('ashdrift-pages-1').then(async (shelf) => {
				const paths = (await shelf.keys()).map(({ url }) => new URL(url).pathname);
				const parts = async (path) => (await (await shelf.match(path))?.json())?.parts ?? [];
				const lists = await Promise.all(paths.filter((path) => path.startsWith('/kept-parts')).map(parts));
				const bare = (list) => list.map((url) => new URL(url, location.origin).pathname);
				done({
					all: paths.filter((path) => path.includes('immutable')),
					own: bare(await parts('/kept-parts/fires/F5/now')),
					listed: bare(lists.flat())
				});
			})`
		);
	const isLater = (path: string) => /later\.\w+$|\.svg$/.test(path);

	it('finds an open page that goes on as it was, to its quench', async () => {
		await page.go('/fires/F5/now');
		await page.driver.wait(
			async () => (await shelf()).own.length > 5,
			patience_ms,
			'the page was never kept'
		);
		const { port } = new URL(server.address);
		await server.stop('SIGKILL');
		await tapped('F5', 'White edges');
		await shows('tap waits for a signal');
		server = await startServer({
			database: folder.database,
			env: { ASHDRIFT_TEST_PORT: port, ASHDRIFT_BUILD: again.folder }
		});
		await home('F5', ['usual', 'white-edges', 'usual', 'white-edges']);
		await page.unfold('More to tap');
		await tapped('F5', 'Done feeding');
		await tapped('F5', 'Water on');
		await tapped('F5', 'Water off');
		await page.unfold('More to tap');
		await tapped('F5', 'It is quenched');
		await shows('Not proven out');
		const missing = (await page.complaints()).filter((one) => !one.includes('CONNECTION_REFUSED'));
		expect(missing).toEqual([]);
	});

	it('comes back as the new one, keeps that, and holds nothing that no kept page is made of', async () => {
		await page.go('/fires/F5/now');
		await shows('Not proven out');
		await page.driver.wait(
			async () => {
				const { own } = await shelf();
				return own.length > 5 && own.every(isLater);
			},
			patience_ms,
			'the new page was never kept'
		);
		const { all, listed } = await shelf();
		expect(all.filter((path) => !listed.includes(path))).toEqual([]);
		await server.stop('SIGKILL');
		await page.driver.get(`${server.address}/fires/F5/now`);
		await shows('No signal; taps are kept on this phone');
		await shows('Not proven out');
	});
});
