import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { day, done, envelope, start } from '../fixtures/garden';
import { litres } from '../../src/lib/core/units';
import type { Books } from '../../src/lib/server/db/books';
import { stockUp } from '../../src/lib/server/usecases/bring-in';
import { setScene } from './support/scene';

/** Twenty litres of sheep dung, where thirty are wanted. */
function grow(books: Books): void {
	done(
		stockUp(books, start + day, envelope(start + day), {
			material: 'small-stock-manure',
			name: 'sheep dung',
			measure: { litres: litres(20) }
		})
	);
}

describe.each(['desk', 'phone'] as const)('charging whole, at the %s', (size) => {
	const scene = setScene({ size, grow });

	it('bought char comes in, is wetted, tried and sieved', async () => {
		const { page } = scene;
		await page.go('/stock');
		await page.unfold('Take in char that was bought or given');
		await page.press('Take it in');
		expect(await page.text()).toContain('Say its volume or its weight');
		await page.fill('Volume', '60 L');
		await page.fill('Weight as sold', '12 kg');
		await page.fill('Price', '18');
		await page.press('Take it in');
		await page.answers(/^K\d+ is 60 L of crushed char/);
		expect(await page.text()).toContain('Bought');
		await page.unfold('It has dried, or was wetted');
		await page.choose('How wet it is now', 'drained');
		await page.press('Keep how wet it is');
		await page.unfold('Is it char for soil? Try it');
		await page.choose('It washes off hands with water alone', 'yes');
		await page.choose('It does not smell of tar', 'yes');
		await page.press('Keep what was tried');
		expect(await page.text()).toContain('clean enough for soil');
		await page.unfold('Sieve it');
		await page.fill('2 to 10 mm', '300 g');
		await page.fill('Under 2 mm', '100 g');
		await page.press('Keep the fractions');
		expect(await page.text()).toContain('fine enough for pots');
		expect(await page.accessibility()).toEqual([]);
		const code = (await page.path()).split('/').at(-1) ?? '';
		await page.go(`/charging/plan?char=${code}&school=compost-rest`);
		await page.pressHere('half');
		await page.press('Set it going');
		await page.answers(/is not ready/);
		expect(scene.books.balance(code).volume_ul).toBe(30_000_000);
	});

	it('a manure cure of what dung there is, with liquor, is kept as it really was', async () => {
		const { page } = scene;
		await page.go('/charging/plan?school=manure-cure');
		await page.answers(/^Add \d+ L of/);
		await page.fill('How much of it', '30 L');
		expect(await page.text()).toContain('short by 10 L');
		await page.unfold('What really went in, if it was not that');
		await page.fill('Partner, really', '20 L');
		await page.unfold('What some add besides');
		await page.fill('Liquor or tea, how much', '4 L');
		await page.press('Set it going');
		await page.answers(/is not ready/);
		const kept = scene.books.one<{ volume_ul: number; planned_ul: number }>(
			"SELECT volume_ul, planned_ul FROM ingredient WHERE material = 'small-stock-manure' ORDER BY id DESC"
		);
		expect(kept).toEqual({ volume_ul: 20_000_000, planned_ul: 30_000_000 });
		expect(await page.text()).toContain('Where its nutrients are');
	});

	it('a cress test is drawn, judged and kept', async () => {
		const { page } = scene;
		const path = await page.path();
		await page.go(`${path.split('?')[0]}/cress`);
		await page.answers('Count and measure both dishes');
		for (const [at, text] of [
			['germinated', '12'],
			['root', '18'],
			['controlGerminated', '24'],
			['controlRoot', '40']
		] as const)
			await page.driver.findElement(By.name(at)).sendKeys(text);
		await page.answers(/harms seedlings: index 2\d/);
		await page.press('Log the cress test');
		await page.answers(/failed its test/);
	});
});
