import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

describe('a blend on the phone', () => {
	const scene = setScene({ size: 'phone' });

	it('is found backwards, taken as the parts, and mixed', async () => {
		const { page, books } = scene;
		await page.go('/mixes/plan');
		await page.fill('N', '4');
		await page.fill('P₂O₅', '4');
		await page.fill('K₂O', '1');
		await page.pressHere('Find the blend');
		await page.driver.wait(
			async () => (await page.text()).includes('Choose a bed, or say how much ground it is for'),
			10_000
		);
		await page.fill('Or on so many m²', '24');
		await page.pressHere('Find the blend');
		// The solver is fetched now, and not before.
		await page.driver.wait(async () => /It costs/.test(await page.text()), 30_000);
		const text = await page.text();
		expect(text).toMatch(/Seed meal|seed meal/);
		await page.pressHere('Take these as the parts');
		await page.answers(/N–P₂O₅–K₂O, enough for/);
		const [n = 0, p = 0] = (/of ([\d.]+)–([\d.]+)–/.exec(await page.answers(/kg of/)) ?? [])
			.slice(1)
			.map(Number);
		expect(p / n).toBeGreaterThan(0.88);
		expect(p / n).toBeLessThan(1.12);
		await page.fill('What you call it', 'Spring mix');
		await page.press('It is mixed');
		await page.answers(/^X1 Spring mix/);
		expect(books.one<{ n: number }>("SELECT count(*) AS n FROM lot WHERE kind = 'mix'").n).toBe(1);
		expect(books.faults()).toEqual([]);
		expect(await page.complaints()).toEqual([]);
	});

	it('that cannot be is answered in words', async () => {
		const { page } = scene;
		await page.go('/mixes/plan');
		await page.fill('N', '10');
		await page.fill('P₂O₅', '2');
		await page.fill('K₂O', '2');
		await page.fill('Or on so many m²', '24');
		await page.fill('At least so much my own, %', '100');
		await page.pressHere('Find the blend');
		await page.driver.wait(
			async () => (await page.text()).includes('There is no such blend'),
			30_000
		);
		expect(await page.text()).toMatch(/would have to give way/);
	});

	it('is potted, a hundred and eighty of them', async () => {
		const { page } = scene;
		await page.go('/mixes/pots');
		await page.choose('Which mix', 'Seed mix');
		await page.fill('How many', '180');
		await page.fill('Across the top', '11 cm');
		await page.answers(/^180 pots of \d+ mL take \d+ L of seed mix, loose/);
		expect(await page.text()).toMatch(/Perlite/);
	});

	it('a pile is split in three until all of it is placed', async () => {
		const { page } = scene;
		await page.go('/fate');
		await page.choose('What lies there', 'Green leaves and clippings');
		await page.fill('How much', '120 L');
		await page.answers(/is the best for it/);
		const fields = await page.driver.findElements(By.css('input[name^="part-"]'));
		expect(fields.length).toBeGreaterThan(3);
		for (const [i, litres] of [60, 40].entries()) await fields[i]!.sendKeys(`${litres} L`);
		await page.answers('100 L are placed, 20 L still lie there');
		await fields[2]!.sendKeys('20 L');
		await page.answers('All 120 L are placed');
		expect(await page.text()).toMatch(/Begin it with 60 L/);
		expect(await page.accessibility()).toEqual([]);
	});
});
