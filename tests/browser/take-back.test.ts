import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { day, start, withRipeSoak, yard } from '../fixtures/garden';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

const folder = ownFolder();
let server: Server;
let page: Page;
let books: ReturnType<typeof readBooks>;

beforeAll(async () => {
	const seeded = yard(folder.database);
	withRipeSoak(seeded);
	seeded.db.close();
	server = await startServer({
		database: folder.database,
		now: new Date(start + 12 * day).toISOString()
	});
	page = await openPage(server.address, 'phone');
	books = readBooks(folder.database);
});
afterAll(async () => {
	books.close();
	await page.close();
	await server.stop();
	folder.drop();
});

describe('what is taken back', () => {
	it('a planned burn is called off and leaves the stacks as they were', async () => {
		await page.go('/fires/plan');
		await page.choose('Vessel', 'Lantern');
		await page.tick('S1');
		await page.press('Set it down as planned');
		await page.answers('F2 is planned');
		const held = books.balance('S1');
		await page.press('Call it off');
		expect(await page.path()).toBe('/fires');
		expect(await page.text()).not.toContain('F2');
		expect(books.balance('S1')).toEqual(held);
	});

	it('a planned burn is set down as burnt from its own page', async () => {
		await page.go('/fires/plan?vessel=Lantern&loads=S1&part-S1=400%20L');
		await page.press('Set it down as planned');
		const path = await page.path();
		await page.tick('in tubs or litres');
		await page.fill('Char', '60 L');
		await page.press('Set it down as burnt');
		expect(await page.path()).toBe(path);
		await page.answers('is not proven out. It gave 60 L');
		expect(books.faults()).toEqual([]);
	});

	it('a bed measured under a taken name overwrites nothing; a mistaken one is taken back', async () => {
		await page.go('/beds');
		await page.fill('Name', 'mere 2');
		await page.fill('Length', '3');
		await page.fill('Width', '1');
		await page.press('Keep this bed');
		expect(await page.complaintAt('Name')).toMatch(/already one called Mere 2/);
		await page.fill('Name', 'Mistake');
		await page.press('Keep this bed');
		expect(await page.path()).toBe('/beds/Mistake');
		await page.unfold('Measure this bed again');
		await page.press('Take the last measuring back');
		expect(await page.path()).toBe('/beds');
		expect(await page.text()).not.toContain('Mistake');
	});

	it('a vessel tells how high so many litres stand, and is measured again under its name', async () => {
		await page.go('/vessels/Lantern');
		await page.fill('Or litres in it', '294');
		await page.answers(/Lantern holds 294 L at 60 cm/);
		await page.fill('Depth', '0.7');
		await page.press('Keep these measures');
		expect(await page.path()).toBe('/vessels/Lantern');
		expect(
			books.one<{ n: number }>('SELECT count(*) AS n FROM vessel_version WHERE vessel_id = 1').n
		).toBe(2);
		await page.press('Take the last measuring back');
		await page.go('/vessels/Lantern');
		await page.answers('Lantern holds 519 L to the rim');
	});

	it('a tub that differs from the books is counted again', async () => {
		await page.go('/ledger/C1');
		await page.unfold('Count it again');
		await page.fill('Really there', '52 L');
		await page.fill('Why they differ', 'some was spilt');
		await page.press('Keep the count');
		await page.answers('C1 holds 52 L');
		expect(books.balance('C1').volume_ml).toBe(52_000);
		expect(books.faults()).toEqual([]);
	});
});
