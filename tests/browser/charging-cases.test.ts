import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { done, envelope, start } from '../fixtures/garden';
import type { Books } from '../../src/lib/server/db/books';
import { measureBed } from '../../src/lib/server/usecases/measure-bed';
import { setScene } from './support/scene';

/** A second bed, whose salad is eaten raw. */
function grow(books: Books): void {
	done(
		measureBed(books, start, envelope(start), {
			name: 'Salad',
			isNew: true,
			target: 'area',
			pieces: 1,
			length_m: 6,
			width_m: 1,
			depth_m: 0.15,
			texture: 'loam',
			drainage: 'even',
			humus: 'usual',
			cropKind: 'leaf-and-fruit',
			ph: 6.4,
			acidLover: false,
			eatenRaw: true,
			crop: 'salad'
		})
	);
}

describe('cases of charging, from their pages and the log', () => {
	const scene = setScene({ grow });
	const newest = () =>
		scene.books.one<{ code: string }>("SELECT code FROM lot WHERE kind = 'charge' ORDER BY id DESC")
			.code;
	/** A charge set going from its plan, as it was asked for. */
	async function setGoing(asked: Record<string, string>): Promise<string> {
		const { page } = scene;
		const before = newest();
		await page.go(
			`/charging/plan?${new URLSearchParams({ char: 'K2', temperature: '20 °C', ...asked })}`
		);
		await page.answers(/^Add/);
		await page.press('Set it going');
		const code = newest();
		expect(code).not.toBe(before);
		return code;
	}
	/** A line into the log as one types it, and its end awaited. */
	async function log(line: string): Promise<void> {
		const { page } = scene;
		await page.go('/log');
		const field = await page.driver.findElement(By.css('main [name=line]'));
		await field.sendKeys(line, Key.ENTER);
		await page.driver.wait(
			async () => (await page.text()).includes(`Written down: ${line}`),
			8000,
			`"${line}" was not written down`
		);
	}

	it('a soak is tested and drained in the log; its liquor goes on two beds', async () => {
		const { page } = scene;
		await log('test C1 sinks');
		await log('drain C1 9 L');
		const { code } = scene.books.one<{ code: string }>(
			"SELECT l.code FROM lot l JOIN batch b ON b.lot_id = l.id WHERE b.recipe = 'drained-liquor'"
		);
		await page.go(`/brews/${code}`);
		await page.answers(`${code} is ripe`);
		// Ten parts of water: 99 L in all, and the salad asks why.
		await page.fill('Mere 2', '44 L');
		await page.fill('Salad', '55 L');
		await page.press('It is poured');
		expect(await page.text()).toContain('what grows on Salad is eaten raw');
		await page.fill('Why it is right all the same', 'own household; no harvest before its date');
		await page.press('It is poured');
		expect(scene.books.balance(code).volume_ul).toBe(0);
		await page.go('/beds/Salad');
		// Urine inside, and what grows there is eaten raw.
		expect(await page.text()).toContain('Nothing from here is eaten raw before');
	});

	it('a living-soil soak takes the tub that is free again', async () => {
		const code = await setGoing({ school: 'living-soil-soak', part: '18 L', tub: 'Tub' });
		expect(await scene.page.text()).toContain('Garden soil');
		await log(`stir ${code}`);
		await scene.page.go(`/charging/${code}`);
		expect(await scene.page.text()).toContain('Stirred');
	});

	it('a cure in a cold shed has no date until it is read warmer', async () => {
		const code = await setGoing({
			school: 'manure-cure',
			part: '10 L',
			temperature: '2 °C',
			happenedAt: '2026-03-08T09:00'
		});
		await scene.page.answers('not while it stands this cold');
		await log(`temp ${code} 12`);
		await scene.page.go(`/charging/${code}`);
		await scene.page.answers(/earliest \d+ (Mar|Apr)/);
	});

	it('bran culture is turned three times', async () => {
		const code = await setGoing({ school: 'fed-culture', part: '10 L' });
		for (let turn = 0; turn < 3; turn += 1) await log(`turn ${code}`);
		expect(scene.books.acts('turn')).toBe(3);
	});

	it('two of different ages are joined; the later date holds', async () => {
		const { page } = scene;
		const old = await setGoing({
			school: 'compost-rest',
			part: '8 L',
			happenedAt: '2026-03-06T09:00'
		});
		const young = await setGoing({ school: 'compost-rest', part: '6 L' });
		await page.unfold('Put it into another of its kind');
		await page.choose('Into', old);
		await page.press('Join them');
		expect(scene.books.balance(young).volume_ul).toBe(0);
		await page.go(`/charging/${old}`);
		await page.answers(/earliest 20 Mar/);
	});

	it('char is opened into a batch that is at work', async () => {
		const { page } = scene;
		const heap = await setGoing({ school: 'compost-rest', part: '4 L' });
		const before = scene.books.balance(heap).char_g;
		await page.unfold('Top it up');
		await page.choose('With', 'K2');
		await page.fill('How much really went in', '2 L');
		await page.press('Log the topping up');
		expect(scene.books.balance(heap).char_g).toBeGreaterThan(before * 1.4);
	});

	it('bedding composts from the day it is mucked out', async () => {
		const { page } = scene;
		const code = await setGoing({
			school: 'bedding',
			part: '3 L',
			happenedAt: '2026-03-05T09:00'
		});
		await page.answers(/earliest 3 Jun/);
		await page.press('Log the mucking out');
		await page.go(`/charging/${code}`);
		await page.answers(/earliest 11 Jun/);
	});

	it('raw char under mulch goes on its bed with its caution and a reason', async () => {
		const { page } = scene;
		await page.go('/charging/plan?char=K2&school=under-mulch');
		expect(await page.text()).toContain('raw char draws water and nitrogen from the bed');
		await page.go('/beds/Mere%202?lot=K2&amount=1&form=L%2Fm2');
		expect(await page.text()).toContain('K2 is raw char');
		await page.press('Log it spread');
		expect(await page.text()).toContain('Not written down yet');
		await page.fill(
			'Why it is right all the same',
			'in place under manure and chips, resting till spring'
		);
		await page.press('Log it spread');
		expect(scene.books.faults()).toEqual([]);
	});
});
