// Pictures of the main views from the demo garden, at a fixed clock, for docs/screenshots.
// `npm run shots -- /path …` takes throwaway pictures of single pages into .shots instead.
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBrowser, ensureBuilt, ensureInstalled, root } from './ready.mjs';

ensureInstalled();
ensureBrowser();
ensureBuilt();

const views = [
	['today', '/', 'desk'],
	['woodyard', '/woodyard', 'desk'],
	['fire', '/fires/F6', 'phone'],
	['plan', '/fires/plan?vessel=Lantern&loads=S2&waterOnSite=900+L', 'desk'],
	['charge', '/charging/C5', 'desk'],
	['heap', '/heaps/H4', 'desk'],
	['brew', '/brews/B4', 'desk'],
	['trial', '/trials/T1', 'desk'],
	[
		'mixes',
		'/fate?stuff1=dry-leaves&part1=300+L&use1=potting&stuff2=leafy-green&part2=12+L&use2=feed&day2=2027-03-01&stuff3=woody-thin&part3=240+L&use3=char&kit-hoop=on&kit-worm-bin=on&kit-kiln=on',
		'desk'
	],
	['bed', '/beds/Mere%202', 'desk'],
	['day', '/fires/day', 'desk'],
	['season', '/season', 'desk'],
	['trace', '/trace/lot/C2', 'desk'],
	['log', '/log?line=38+L+C4+%3E+Mere+2', 'desk'],
	['keeping', '/keeping', 'desk'],
	['verdict', '/beds/Upper 3/verdict', 'desk'],
	['why', '/beds/Mere%202/why?seen=pale-old&seen=stunted&vain=tip-burn', 'desk'],
	['today-phone', '/', 'phone'],
	['at-the-fire', '/fires/F43/now', 'phone']
];
const asked = process.argv.slice(2);
const wanted = asked.length
	? asked.flatMap((path) => {
			const name = path.replace(/\W+/g, '-').replace(/^-|-$/g, '') || 'today';
			return [
				[`${name}-desk`, path, 'desk'],
				[`${name}-phone`, path, 'phone']
			];
		})
	: views;
const folder = asked.length ? join(root, '.shots') : join(root, 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });

const place = mkdtempSync(join(tmpdir(), 'ashdrift-shots-'));
const database = join(place, 'books.sqlite');
process.env.ASHDRIFT_NOW ??= '2026-11-24T12:00:00Z';
process.env.ASHDRIFT_LOG ??= 'warn';
const { serve } = await import('./serve.mjs');
const demo = process.env.SHOTS_EMPTY !== '1';
const address = await serve({ host: '127.0.0.1', port: 0, database, demo });

const { openBrowser } = await import('./browser.mjs');
for (const size of /** @type {const} */ (['desk', 'phone', 'dark'])) {
	const views = wanted.filter((view) => view[2] === size);
	if (views.length === 0) continue;
	const { driver, close } = await openBrowser(size === 'phone' ? 'phone' : 'desk', {
		dark: size === 'dark' || process.env.SHOTS_DARK === '1',
		still: true
	});
	for (const [name, path] of views) {
		await driver.get(address + path);
		// A page with a chart draws it once its library has come.
		await driver.wait(
			() =>
				driver.executeScript(
					"return 'live' in document.documentElement.dataset && [...document.querySelectorAll('[data-chart]')].every((place) => place.dataset.chart === 'drawn')"
				),
			20_000
		);
		const whole = process.env.SHOTS_WHOLE === '1';
		const { data } = await driver.sendAndGetDevToolsCommand('Page.captureScreenshot', {
			format: 'png',
			captureBeyondViewport: whole,
			...(whole ? { clip: await wholePage(driver) } : {})
		});
		writeFileSync(join(folder, `${name}.png`), Buffer.from(data, 'base64'));
	}
	await close();
}
rmSync(place, { recursive: true, force: true });
console.log(`${wanted.length} pictures in ${folder}`);
process.exit(0);

/** @param {import('selenium-webdriver/chrome.js').Driver} driver */
async function wholePage(driver) {
	const [width, height] = /** @type {number[]} */ (
		await driver.executeScript(
			'return [document.documentElement.clientWidth, document.documentElement.scrollHeight]'
		)
	);
	return { x: 0, y: 0, width, height, scale: 1 };
}
