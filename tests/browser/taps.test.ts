import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openPage, type Page } from './support/page';
import { demoPages } from './support/pages';
import { ownFolder, startServer, type Server } from './support/server';

const now = '2026-11-24T12:00:00Z';

/** What has no tap: what a person typed, how to type and do, what a row leads to, what is told by its own page. */
const excused: readonly (readonly [why: string, pattern: RegExp])[] = [
	[
		'how to type a line',
		/^(38|2|5) (L|barrows|L.m2) |^(count|crush) |^(spread 38 L|part of a lot crushed)|…/
	],
	[
		'how to read wood, sow cress, fill a bucket',
		/^(Split a piece|20 seeds|Fill your bucket|This is how)/
	],
	['what only the grower can see to before the match', /^(\d+ m from|Ground bare)/],
	[
		'a school in its own words, an example, a habit of the program',
		/^(Practice: |Biology halves|2 kg.m² of|in 10 L of mix|The program backs up)|sounds little/
	]
];

/** Text of each block with a number and unit in it, without what a tap tells. */
const untold = `
	const figure = /\\d[\\s\\u00a0]?(L|kg|g|m|cm|gal|lb|ft|%|°C|°F|days)(?![\\p{L}\\d])|pH \\d/u;
	const skip = '.sourced, .slip, nav, svg, option, script, td, li, label, button, summary, form [id$="-hint"], [aria-label="Bench"]';
	const samples = (block) => block.closest('table')?.textContent.startsWith('It reads');
	const inline = new Set(['SPAN', 'STRONG', 'B', 'A', 'EM', 'BUTTON']);
	const blocks = new Map();
	const walk = document.createTreeWalker(document.querySelector('main'), NodeFilter.SHOW_TEXT);
	while (walk.nextNode()) {
		let block = walk.currentNode.parentElement;
		if (block.closest(skip) || samples(block)) continue;
		while (inline.has(block.tagName)) block = block.parentElement;
		blocks.set(block, (blocks.get(block) ?? '') + walk.currentNode.data.replace(/\\s+/g, ' '));
	}
	return [...blocks.values()].map((text) => text.trim()).filter((text) => figure.test(text));
`;

/** Taps whose slip is not on the page. */
const lost = `return [...document.querySelectorAll('[popovertarget]')]
	.map((tap) => tap.getAttribute('popovertarget'))
	.filter((id) => !document.getElementById(id))`;

describe('one tap on any figure tells where it comes from', () => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	/** Every page of a figure that was linked to, with the text that was tapped. */
	const linked = new Map<string, string>();

	beforeAll(async () => {
		server = await startServer({ database: folder.database, now, demo: true });
		page = await openPage(server.address, 'desk');
	});
	afterAll(async () => {
		await page.close();
		await server.stop();
		folder.drop();
	});

	// A figure's own page is what a tap shows; that of the notebook says how to write its columns.
	const told = demoPages.filter((path) => !/^\/(figure|keeping\/notebook)/.test(path));

	it.each([...told, '/log?line=moist+S7+19+22+24', '/log?line=crush+K2+10+L+%3E+7+L'])(
		'on %s',
		async (path) => {
			expect((await fetch(server.address + path)).status).toBe(200);
			await page.go(path);
			const texts = await page.driver.executeScript<string[]>(untold);
			expect(texts.filter((text) => !excused.some(([, usual]) => usual.test(text)))).toEqual([]);
			expect(await page.driver.executeScript(lost)).toEqual([]);
			const links = await page.driver.executeScript<[string, string][]>(
				`return [...document.querySelectorAll('a[href^="/figure/"]')].map((a) => [a.getAttribute('href'), a.textContent])`
			);
			for (const [href, text] of links) linked.set(href, text);
		}
	);

	it('and each page of a figure says its formula and a source', async () => {
		expect(linked.size).toBeGreaterThan(150);
		for (const [href, text] of linked) {
			const answer = await fetch(server.address + href);
			expect(answer.status, `${href}, ${text}`).toBe(200);
			const slip = /<div class="slip-body[^>]*>(.*?)<\/div>/s.exec(await answer.text())?.[1] ?? '';
			expect(slip, href).toMatch(/<p>[^<]+: [^<]+<\/p>.*<li>.*<p>[^<]+: [^<]+<\/p>/s);
		}
	});
});
