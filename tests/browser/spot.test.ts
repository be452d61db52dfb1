import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

describe.each(['desk', 'phone'] as const)('a figure without books, at the %s', (size) => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	beforeAll(async () => {
		server = await startServer({ database: folder.database, now: '2026-11-24T12:00:00Z' });
		page = await openPage(server.address, size);
	});
	afterAll(async () => {
		await page.close();
		await server.stop();
		folder.drop();
	});
	const acts = () => {
		const books = readBooks(folder.database);
		const rows = books.all<{ verb: string }>('SELECT verb FROM act ORDER BY seq');
		expect(books.faults()).toEqual([]);
		books.close();
		return rows.map(({ verb }) => verb);
	};

	it('says what char is charged with, and takes it in when asked', async () => {
		await page.go('/charging');
		await page.go('/charging/plan');
		await page.answers(/^For example: add 20 L of finished compost .* to 20 L of crushed char/);
		await page.fill('How much char', '5 gal');
		await page.answers(/^Add 19 L of finished compost .* to 19 L of crushed char/);
		await page.choose('It was', 'given');
		await page.press('Keep this');
		await page.answers(/ to 19 L of K1: /);
		expect(acts()).toEqual(['char-in']);
	});

	it('says what a kiln and a pile give, and measures both in', async () => {
		await page.go('/fires/plan');
		await page.answers(/^For example: expect [\d–]+ L of char; have \d+ L of water/);
		await page.fill('Across the rim', '4 ft');
		await page.fill('How much wood, as it lies', '2 m3');
		await page.answers(/^Expect /);
		await page.press('Keep this');
		expect(await page.complaintAt('What you call the vessel')).not.toBe('');
		// The browser tells of a refusal, too.
		expect((await page.complaints()).join()).toContain('400');
		await page.fill('What you call the vessel', 'Tin');
		await page.press('Keep this');
		await page.answers(/^Expect /);
		expect(await page.text()).toContain('Tin, open kiln');
		expect(acts().slice(1)).toEqual(['measure-vessel', 'measure-stack']);
	});

	it('says what goes into a bucket, and keeps it', async () => {
		await page.go('/brews/plan');
		await page.answers(/^For example: .* to 16 L of water; ripe from/);
		await page.fill('The pail holds, to its rim', '5 gal');
		await page.answers(/ to 15 L of water; ripe from/);
		await page.fill('What you call it', 'Bucket');
		await page.press('Keep this');
		await page.answers(/ to 15 L of water; ripe from/);
		expect(acts().slice(3)).toEqual(['measure-vessel']);
	});

	it('says what a bed takes, and measures it in', async () => {
		await page.go('/beds');
		await page.follow('How much for a bed?');
		await page.answers(/^For example: put 13 L of char on these 2.9 m² at first, in 26 L/);
		await page.fill('Length', '8 ft');
		await page.fill('Width', '4 ft');
		await page.fill('Working depth', '6 in');
		await page.answers(/^Put 14 L of char on these 3 m² at first/);
		await page.fill('What you call it', 'By the wall');
		await page.press('Keep this');
		await page.answers(/By the wall/);
		expect(acts().slice(4)).toEqual(['measure-bed']);
		expect(await page.complaints()).toEqual([]);
	});
});
