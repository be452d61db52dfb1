import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { bringAsh } from '../../src/lib/server/usecases/bring-ash';
import { stockUp } from '../../src/lib/server/usecases/bring-in';
import { putOnBed } from '../../src/lib/server/usecases/put-on-bed';
import { doSmall } from '../../src/lib/server/usecases/small-act';
import { kilograms, litres } from '../../src/lib/core/units';
import { day, done, envelope, later, start, yard } from '../fixtures/garden';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

/** A sour bed, ash at hand, and urine on it nine days before the twelfth day. */
function withUrine(path: string): void {
	const books = yard(path);
	const at = (d: number) => envelope(start + d * day);
	done(
		bringAsh(books, later, at(1), {
			...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash', sifted: true },
			...{ measure: { kg: kilograms(9) }, unsure: false, measured: {} }
		})
	);
	done(
		doSmall(books, later, at(1), {
			...{ verb: 'read-ph', of: 'bed', name: 'Mere 2', way: 'slurry' },
			found: { ph: 5.4, places: [5.3, 5.5] }
		})
	);
	done(
		stockUp(books, later, at(2), {
			...{ material: 'urine', name: 'urine', measure: { litres: litres(5) } }
		})
	);
	const urine = books.stock.inStock().find(({ material }) => material === 'urine')!.code;
	const lot = { bed: 'Mere 2', lot: urine, part: 3, way: 'watered-in' } as const;
	done(putOnBed(books, later, { ...at(3), reason: 'in spring', sure: 'all' }, lot));
	books.db.close();
}

describe('ash after urine', () => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	const serveOn = async (d: number) => {
		const now = new Date(start + d * day).toISOString();
		server = await startServer({ database: folder.database, now });
		page = await openPage(server.address, 'desk');
	};
	beforeAll(() => withUrine(folder.database));
	afterAll(async () => {
		await page.close();
		await server.stop();
		folder.drop();
	});

	it('is refused with its day, and taken two weeks later', async () => {
		await serveOn(12);
		await page.go('/beds/Mere%202/verdict');
		await page.answers('Mere 2 may have char, and no ash, before 18 Mar');
		expect(await page.text()).toMatch(/had M\d+ 9 days before: ash drives its nitrogen off/);
		expect(await page.text()).toContain('From 18 Mar it stands no longer in the way.');
		expect(await page.text()).not.toContain('is on the bed');
		expect(await page.accessibility()).toEqual([]);
		await page.close();
		await server.stop();
		await serveOn(26);
		await page.go('/beds/Mere%202/verdict');
		await page.answers(/Mere 2 wants both: char dug in, and .* of A1 on top/);
		await page.press('A1 is on the bed');
		expect(await page.path()).toBe('/beds/Mere 2');
		const books = readBooks(folder.database);
		const { mg } = books.one<{ mg: number }>(
			"SELECT sum(amount_mg) AS mg FROM put_on_bed WHERE substance = 'ash'"
		);
		// A hundred grams on each of eight square metres.
		expect(mg / 1e6).toBeGreaterThan(0.77);
		expect(mg / 1e6).toBeLessThanOrEqual(0.8);
		expect(books.faults()).toEqual([]);
		books.close();
		await page.go('/beds/Mere%202/verdict');
		await page.answers('no ash');
		expect(await page.text()).toContain('what is left is too little to show');
	});
});

describe('a bed from nothing to its first harvest, on the phone', () => {
	const folder = ownFolder();
	let server: Server;
	let page: Page;
	beforeAll(async () => {
		server = await startServer({ database: folder.database, now: '2026-08-20T10:00:00Z' });
		page = await openPage(server.address, 'phone');
	});
	afterAll(async () => {
		await page.close();
		await server.stop();
		folder.drop();
	});

	it('is measured, read, sown, harvested and told in its accounts', async () => {
		await page.go('/beds');
		await page.fill('Name', 'First bed');
		await page.fill('Length', '4 m');
		await page.fill('Width', '1 m');
		await page.choose('Soil', 'loam');
		await page.press('Keep this bed');
		await page.go('/beds/First%20bed/verdict');
		await page.answers('First bed may have no ash');
		expect(await page.text()).toContain('Read its pH: a strip will do to begin with.');
		await page.unfold('Read its pH');
		await page.fill('pH at each place', '5.6 5.8 x');
		await page.press('Keep the reading');
		expect(await page.complaintAt('pH at each place')).toMatch(/"x"/);
		await page.fill('pH at each place', '5.6 5.8 5.7');
		await page.press('Keep the reading');
		await page.go('/beds/First%20bed/accounts');
		await page.answers('First bed has had nothing yet');
		await page.unfold('Sow or plant');
		await page.fill('What', 'carrot');
		await page.press('It is in the ground');
		await page.go('/beds/First%20bed/accounts');
		await page.fill('How much', '12 kg');
		await page.press('It came off the bed');
		await page.go('/beds/First%20bed/accounts');
		await page.answers('gave 12 kg');
		// Twelve kilograms of roots take 54 g K₂O, a third either way, from four square metres.
		expect(await page.text()).toContain('9–18');
		await page.go('/beds/First%20bed/verdict');
		await page.answers(/First bed/);
		expect(await page.text()).toContain('pH 5.7 ± 0.3');
		expect(await page.accessibility()).toEqual([]);
	});
});
