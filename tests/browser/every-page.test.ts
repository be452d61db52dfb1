import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

const now = '2026-11-24T12:00:00Z';

const demoPages = [
	'/',
	'/woodyard',
	'/woodyard/S1',
	'/woodyard/S6',
	'/woodyard?sizedBy=outline&length=2&height=1.2',
	'/fires',
	'/fires/F1',
	'/fires/F6',
	'/fires/F7',
	'/fires/plan?vessel=Lantern&loads=S2&waterOnSite=900+L',
	'/fires/plan?vessel=Ditch&loads=S3&burnt=yes',
	'/vessels/Lantern?at=0.4',
	'/vessels/Ditch',
	'/vessels/new',
	'/char/K1',
	'/char/K2',
	'/char/K10',
	'/charging',
	'/charging/C4',
	'/charging/C5',
	'/charging/C6',
	'/charging/plan?char=K10&part=60+L&school=nitrogen-soak',
	'/charging/plan?char=K10&part=60+L&school=compost-rest',
	'/beds',
	'/beds/Mere%202',
	'/beds/Mere%203',
	'/beds/Mere%203/measure',
	'/beds/Upper%204?lot=K10&amount=9&form=percent',
	'/ledger/C3',
	'/ledger/P1',
	'/beds/round',
	'/log',
	'/log?line=38+L+C4+%3E+Mere+2',
	'/log?line=38+L+C4+%3E+Nowhere',
	'/trace/lot/S1',
	'/trace/lot/S6',
	'/trace/bed/Mere%202?as=kg',
	'/find?q=lan',
	'/figure/fire/F6/yield',
	'/figure/lot/C4/litres',
	'/keeping',
	'/keeping/notebook',
	'/settings'
];

const emptyPages = [
	'/',
	'/woodyard',
	'/fires',
	'/fires/plan',
	'/vessels/new',
	'/charging',
	'/charging/plan',
	'/beds',
	'/beds/round',
	'/log',
	'/find',
	'/keeping',
	'/keeping/notebook',
	'/settings'
];

/** Pages that are shown in both themes; the rest has no colours of its own. */
const darkPages = [
	'/',
	'/fires/F6',
	'/charging',
	'/charging/plan?char=K10&part=60+L&school=nitrogen-soak',
	'/settings',
	'/vessels/new',
	'/beds/Mere%202',
	'/trace/lot/S1',
	'/log'
];

describe.each([
	['the demo garden', true, demoPages],
	['an empty database', false, emptyPages]
] as const)('every page of %s', (_, demo, paths) => {
	const folder = ownFolder();
	let server: Server;
	beforeAll(async () => {
		server = await startServer({ database: folder.database, now, demo });
	});
	afterAll(async () => {
		await server.stop();
		folder.drop();
	});

	describe.runIf(demo)('in the dark', () => {
		let page: Page;
		beforeAll(async () => {
			page = await openPage(server.address, 'desk', { dark: true });
		});
		afterAll(() => page.close());

		it.each(darkPages)('%s can be read', async (path) => {
			await page.go(path);
			expect(await page.accessibility()).toEqual([]);
		});
	});

	describe.each(['desk', 'phone'] as const)('at the %s', (size) => {
		let page: Page;
		beforeAll(async () => {
			page = await openPage(server.address, size);
		});
		afterAll(() => page.close());

		it.each(paths)(
			'%s has an answer, no barrier, no complaint, and fits its width',
			async (path) => {
				await page.go(path);
				expect((await page.h1()).length).toBeGreaterThan(10);
				expect(await page.accessibility()).toEqual([]);
				expect(await page.complaints()).toEqual([]);
				const overflow = await page.driver.executeScript<number>(
					'return document.documentElement.scrollWidth - document.documentElement.clientWidth'
				);
				expect(overflow).toBeLessThanOrEqual(0);
			}
		);
	});
});
