import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openPage, type Page } from './support/page';
import { demoPages } from './support/pages';
import { ownFolder, startServer, type Server } from './support/server';

/** On a thing's own page every figure of the answer has a tap; how it is measured again was typed. */
const untold = `
	const figure = /\\d[\\s\\u00a0]?(L|kg|g|m|cm|gal|lb|ft|%|°C|°F|days)(?![\\p{L}\\d])/u;
	const answer = document.querySelector('h1')?.cloneNode(true);
	answer?.querySelectorAll('.sourced, .slip').forEach((told) => told.remove());
	const text = (answer?.textContent ?? '').replace(/\\s+/g, ' ');
	// What the address says was typed.
	const typed = [...new URLSearchParams(location.search).values()];
	const left = typed.reduce((words, one) => (one === '' ? words : words.replaceAll(one, '')), text);
	return figure.test(left) ? [answer.textContent.replace(/\\s+/g, ' ').trim()] : [];
`;

/** Taps whose slip is not on the page. */
const lost = `return [...document.querySelectorAll('[popovertarget]')]
	.map((tap) => tap.getAttribute('popovertarget'))
	.filter((id) => !document.getElementById(id))`;

const links = `return [...document.querySelectorAll('a[href^="/figure/"]')].map((a) => a.getAttribute('href'))`;

describe('one tap on a figure that was worked out tells where it comes from', () => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	const linked = new Set<string>();

	beforeAll(async () => {
		server = await startServer({
			database: folder.database,
			now: '2026-11-24T12:00:00Z',
			demo: true
		});
		page = await openPage(server.address, 'desk');
	});
	afterAll(async () => {
		await page.close();
		await server.stop();
		folder.drop();
	});

	it.each(demoPages.filter((path) => !path.startsWith('/figure')))('on %s', async (path) => {
		await page.go(path);
		const isOwn =
			/^\/(woodyard|fires|char|charging|beds|vessels|stock)\/\w/.test(path) &&
			!path.endsWith('/measure');
		if (isOwn) expect(await page.driver.executeScript(untold)).toEqual([]);
		expect(await page.driver.executeScript(lost)).toEqual([]);
		for (const href of await page.driver.executeScript<string[]>(links)) linked.add(href);
	});

	it('and each address of a slip says its formula and a source', async () => {
		expect(linked.size).toBeGreaterThan(15);
		for (const href of linked) {
			const answer = await fetch(server.address + href);
			expect(answer.status, href).toBe(200);
			const slip = /<div class="slip-body[^>]*>(.*?)<\/div>/s.exec(await answer.text())?.[1] ?? '';
			expect(slip, href).toMatch(/<p>[^<]+: [^<]+<\/p>.*<li>.*<p>[^<]+: [^<]+<\/p>/s);
		}
	});
});
