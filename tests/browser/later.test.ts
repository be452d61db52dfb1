import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { By } from 'selenium-webdriver';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

/** A device that asks to save data: no script of a page comes before somebody touches it. */
const sparing =
	"Object.defineProperty(navigator, 'connection', { configurable: true, value: { saveData: true } })";

describe('a page whose script comes later', () => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	beforeAll(async () => {
		server = await startServer({
			database: folder.database,
			now: '2026-11-24T12:00:00Z',
			demo: true
		});
		page = await openPage(server.address, 'phone');
		await page.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
			source: sparing
		});
	});
	afterAll(async () => {
		await page?.close();
		await server?.stop();
		folder.drop();
	});
	const isWaiting = async () =>
		(await page.driver.findElements(By.css('[data-later]'))).length === 1;

	it('is there as it was written, and reckons along from the first key, with what was typed', async () => {
		await page.driver.get(`${server.address}/charging/plan?char=K10&school=nitrogen-soak`);
		expect(await isWaiting()).toBe(true);
		expect(await page.h1()).toMatch(/^Add .* of urine/);
		const part = await page.driver.findElement(By.name('part'));
		await part.sendKeys('60 L');
		await page.answers(/^Add .* to 60 L of K10/);
		expect(await part.getAttribute('value')).toBe('60 L');
		expect(await isWaiting()).toBe(false);
		expect(await page.driver.getTitle()).toBe('Plan a charge · Ashdrift');
		expect(await page.complaints()).toEqual([]);
	});

	it('is left for another and come back to without a complaint', async () => {
		await page.driver.get(`${server.address}/beds`);
		expect(await isWaiting()).toBe(true);
		await page.unfoldLine('Measure another bed');
		await page.driver.wait(async () => !(await isWaiting()), 10_000);
		await page.follow('Carry one lot round the beds');
		expect(await page.path()).toBe('/beds/round');
		for (const [way, path] of [
			['back', '/beds'],
			['forward', '/beds/round']
		] as const) {
			await page.driver.navigate()[way]();
			await page.driver.wait(async () => (await page.path()) === path, 10_000);
			await page.answers(path === '/beds' ? 'wants char most' : 'beds');
		}
		expect(await page.complaints()).toEqual([]);
	});
});
