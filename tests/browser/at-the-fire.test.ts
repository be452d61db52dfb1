import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { withRipeSoak, yard } from '../fixtures/garden';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

const patience_ms = 20_000;
const folder = ownFolder();
let server: Server;
let page: Page;
let other: Page;
let books: ReturnType<typeof readBooks>;
let port: string;

/** With the clock of the machine: a fire goes on. */
const serveAgain = (env: Record<string, string> = {}) =>
	startServer({ database: folder.database, env });

beforeAll(async () => {
	const seeded = yard(folder.database);
	withRipeSoak(seeded);
	seeded.db.close();
	server = await serveAgain();
	port = new URL(server.address).port;
	page = await openPage(server.address, 'phone');
	books = readBooks(folder.database);
});
afterAll(async () => {
	books?.close();
	await page?.close();
	await other?.close();
	await server?.stop();
	folder.drop();
});

const taps = () =>
	books
		.all<{ what: string; found: string; id: string }>(
			`SELECT f.what, f.found_json AS found, a.id FROM finding f JOIN standing_act a ON a.id = f.act_id
			 WHERE f.thing_id = (SELECT id FROM burn WHERE code = 'F2') ORDER BY a.happened_at_ms, a.seq`
		)
		.map(({ what, found }) =>
			[what, ...Object.values(JSON.parse(found) as object)].join(' ').trim()
		);
const tapped = async (on: Page, words: string) => {
	const button = await on.driver.wait(
		async () => {
			for (const one of await on.driver.findElements(By.css('.main-tap, button.tile')))
				if ((await one.getText()).startsWith(words)) return one;
			return null;
		},
		patience_ms,
		`no button "${words}"`
	);
	await on.driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", button);
	await button!.click();
};
const shows = (on: Page, words: string | RegExp) =>
	on.driver.wait(
		async () => {
			const text = await on.text();
			return typeof words === 'string' ? text.includes(words) : words.test(text);
		},
		patience_ms,
		`never showed ${words}`
	);
const home = (count: number) =>
	page.driver.wait(
		async () => taps().length === count,
		patience_ms,
		`not ${count} taps in the books`
	);
/** The worker has the page and what it is made of. */
const isKept = (on: Page) =>
	on.driver.wait(
		() =>
			on.driver.executeAsyncScript<boolean>(
				`const done = arguments[0]; caches.open('ashdrift-pages-1').then(async (shelf) => {
					const keys = (await shelf.keys()).map(({ url }) => url);
					done(keys.some((url) => url.endsWith('/kept-parts/fires/F2/now')));
				}, () => done(false))`
			),
		patience_ms,
		'the page was never kept'
	);

describe('a fire begun without any plan, with one thumb', () => {
	it('is lit straight away and leads to its page, which a phone keeps', async () => {
		await page.go('/fires/light');
		await page.choose('It burns in', 'Lantern');
		await page.press('It is lit');
		expect(await page.path()).toBe('/fires/F2/now');
		await isKept(page);
		expect(await page.accessibility()).toEqual([]);
		const wide = await page.driver.executeScript<number>(
			'return document.documentElement.scrollWidth - innerWidth'
		);
		expect(wide).toBe(0);
	});

	it('shows a tap at once and stores it once', async () => {
		await tapped(page, 'Layer 1 is on');
		await shows(page, 'Layer 2 is on');
		await tapped(page, 'White edges');
		await shows(page, 'now: white edges are seen');
		await home(2);
		expect(taps()).toEqual(['layer usual', 'fire-sign white-edges']);
	});

	it('takes a tap back within its minute', async () => {
		await tapped(page, 'Thick smoke');
		await home(3);
		await page.pressHere('Take it back');
		await home(2);
		expect(taps()).toEqual(['layer usual', 'fire-sign white-edges']);
	});

	it('goes on while the server is away, and comes back with nothing but the phone', async () => {
		await server.stop('SIGKILL');
		await tapped(page, 'Layer 2 is on');
		await shows(page, 'tap waits for a signal');
		await tapped(page, 'Flames high');
		await shows(page, 'Two taps wait for a signal');
		// The phone discards the page while the camera is open.
		await page.driver.switchTo().newWindow('tab');
		const [first, second] = await page.driver.getAllWindowHandles();
		await page.driver.switchTo().window(first!);
		await page.driver.close();
		await page.driver.switchTo().window(second!);
		await page.driver.get(`${server.address}/fires/F2/now`);
		await shows(page, 'Layer 3 is on');
		await shows(page, 'Two taps wait for a signal');
		await tapped(page, 'White edges');
		await shows(page, 'Three taps wait for a signal');
	});

	it('drops a tap that was not sent, without a word to the server', async () => {
		await tapped(page, 'Thin layer');
		await shows(page, 'Four taps wait for a signal');
		await page.pressHere('Take it back');
		await shows(page, 'Three taps wait for a signal');
	});

	it('sends each once and in order once the server is back', async () => {
		server = await serveAgain({ ASHDRIFT_TEST_PORT: port });
		await home(5);
		expect(taps()).toEqual([
			'layer usual',
			'fire-sign white-edges',
			'layer usual',
			'fire-sign flames-high',
			'fire-sign white-edges'
		]);
		await page.driver.wait(
			async () => !(await page.text()).includes('for a signal'),
			patience_ms,
			'what waits was never cleared'
		);
	});

	it('shows on a second phone what the first taps, and the other way', async () => {
		other = await openPage(server.address, 'phone');
		await other.go('/fires/F2/now');
		await shows(other, 'Layer 3 is on');
		await tapped(other, 'Layer 3 is on');
		await shows(page, 'Layer 4 is on');
		await page.unfold('More to tap');
		await tapped(page, 'Gust');
		await shows(other, 'gust');
	});

	it('asks whether a gun left in °F was meant', async () => {
		await page.driver.executeScript(
			"[...document.querySelectorAll('summary')].find((one) => one.textContent === 'Temperature').click()"
		);
		await page.fill('It reads', '1180');
		await page.pressHere('Keep it');
		await shows(page, 'hotter than such fires get');
		await page.pressHere('It showed °F');
		await home(8);
		expect(taps().at(-1)).toMatch(/^temperature 637\.7\d* gun$/);
	});

	it('is quenched with too little water, and says that it smoulders', async () => {
		await tapped(page, 'Done feeding');
		await shows(page, 'Water on');
		await page.driver.executeScript(
			"[...document.querySelectorAll('summary')].find((one) => one.textContent === 'Can or tank').click()"
		);
		await page.fill('So much', '2 L');
		await page.pressHere('Keep it');
		await tapped(page, 'It is quenched');
		await shows(page, 'It smoulders');
		await shows(page, 'Not proven out');
		expect(await page.accessibility()).toEqual([]);
	});

	it('is recorded whole from its taps', async () => {
		await page.follow('Measured what came out? Set it down');
		expect(await page.h1()).toContain('F2 is quenched and not proven out');
		await page.choose('What it was', 'light hardwood');
		await page.fill('Depth of char', '20 cm');
		await page.press('Set it down as burnt');
		const { told, smoke, water } = books.one<{ told: string; smoke: number; water: number }>(
			"SELECT told_json AS told, smoke_min AS smoke, water_l AS water FROM burn_record WHERE burn_id = (SELECT id FROM burn WHERE code = 'F2')"
		);
		expect(JSON.parse(told)).toMatchObject({
			layers: 3,
			hottest: { by: 'gun' },
			troubles: ['gusts']
		});
		expect([smoke, water]).toEqual([null, 2]);
		expect(await page.text()).toContain('How it went');
	});
});
