import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openPage, type Page } from './support/page';
import { demoPages } from './support/pages';
import { ownFolder, startServer, type Server } from './support/server';

const now = '2026-11-24T12:00:00Z';

const emptyPages = [
	'/',
	'/woodyard',
	'/fires',
	'/fires/plan',
	'/fires/day',
	'/fires/light',
	'/vessels',
	'/vessels/new',
	'/charging',
	'/charging/plan',
	'/brews',
	'/brews/plan',
	'/brews/plan?recipe=ash-tea',
	'/brews/lines',
	'/programmes',
	'/heaps',
	'/heaps/plan',
	'/heaps/round',
	'/mixes',
	'/mixes/plan',
	'/mixes/pots',
	'/fate',
	'/advice?heard=a+cup+and+a+half+to+the+foot',
	'/trials',
	'/trials/plan',
	'/season',
	'/worth',
	'/carbon',
	'/yields',
	'/beds',
	'/beds/crops',
	'/beds/kitchen',
	'/beds/plan',
	'/beds/round',
	'/ash',
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
	'/fires/F43/now',
	'/fires/day',
	'/charging',
	'/charging/plan?char=K10&part=60+L&school=nitrogen-soak',
	'/brews/B4',
	'/brews/lines',
	'/programmes',
	'/heaps/H4',
	'/mixes/X1',
	'/trials/T1',
	'/carbon',
	'/yields',
	'/season',
	'/mixes/plan',
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

	const inTheDark = () => {
		let page: Page;
		beforeAll(async () => {
			page = await openPage(server.address, 'desk', { dark: true });
		});
		afterAll(() => page.close());

		it.each(darkPages)('%s can be read', async (path) => {
			await page.go(path);
			expect(await page.accessibility()).toEqual([]);
		});
	};
	// Nothing of the empty books has colours that the garden has not.
	if (demo) describe('in the dark', inTheDark);

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
