import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene();
const shown = async () => scene.page.text();

describe('what is in stock, from the barrow to the bed', () => {
	it('is brought in by weight, and told at once with what it brings', async () => {
		const { page } = scene;
		await page.go('/stock');
		await page.answers('Nothing is in stock');
		await page.choose('What it is', 'Finished compost');
		await page.fill('How much, as used', '110 kg');
		expect(await shown()).toMatch(/Total N/);
		await page.fill('What you call it', 'garden compost');
		await page.press('Bring it in');
		await page.answers(/^M2 has \d+ L of garden compost left/);
		expect(
			scene.books.one<{ mg: number }>(
				"SELECT mass_mg AS mg FROM balance b JOIN lot l ON l.id = b.lot_id WHERE l.code = 'M2'"
			).mg
		).toBe(110_000_000);
	});

	it('goes into a batch as it really went in, and the plan stands beside it', async () => {
		const { page, books } = scene;
		await page.go('/charging/plan?char=K2&part=40+L&school=compost-rest');
		await page.choose('Partner', 'M2');
		await page.unfold('What really went in, if it was not that');
		await page.fill('Partner, really', '48 L');
		await page.press('Set it going');
		await page.answers(/^C2 is not ready/);
		const row = books.one<{ volume_ul: number; planned_ul: number }>(
			"SELECT volume_ul, planned_ul FROM ingredient WHERE material = 'finished-compost'"
		);
		expect(row).toEqual({ volume_ul: 48_000_000, planned_ul: 40_000_000 });
		await page.press('Log a turning');
		await page.answers(/^C2 is not ready/);
		await page.unfold('Top it up');
		await page.choose('With', 'Rain water');
		await page.fill('How much really went in', '3 L');
		await page.press('Log the topping up');
		await page.answers(/^C2 is not ready/);
		expect(await shown()).toMatch(/Topped up .*Turned /s);
		expect(books.faults()).toEqual([]);
	});

	it('is put on a bed, which tells char and compost apart', async () => {
		const { page, books } = scene;
		await page.go('/stock/M2');
		await page.follow('Mere 2');
		await page.fill('How much of it', '50 L');
		await page.press('Put it on the bed');
		await page.answers(/Mere 2/);
		await page.unfoldLine('What it has had, and where from');
		const text = await shown();
		expect(text).toContain('What it has had');
		expect(text).toContain('Compost and the like, dry');
		expect(text).not.toContain('Char, dry');
		expect(books.one<{ n: number }>('SELECT count(*) AS n FROM application').n).toBe(1);
		await page.go('/ledger/bed/Mere%202');
		await page.answers(/acts stand in the books of Mere 2/);
		expect(books.faults()).toEqual([]);
	});
});
