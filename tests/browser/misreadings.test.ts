import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { smellBrew } from '../../src/lib/server/demo/small';
import { stockUp } from '../../src/lib/server/usecases/bring-in';
import { startBrew } from '../../src/lib/server/usecases/brews/start-brew';
import type { Books } from '../../src/lib/server/db/books';
import { celsius, litres } from '../../src/lib/core/units';
import { tub } from '../fixtures/brewing';
import { day, done, envelope, hour, later, start } from '../fixtures/garden';
import { setScene } from './support/scene';

const at = (h: number) => envelope(start + 5 * day + h * hour);

/** A tea that stank and then smelt well. */
function grow(books: Books): void {
	tub(books, 'Pail', 0.32, 0.38);
	done(
		stockUp(books, later, at(0), {
			material: 'castings',
			name: 'castings',
			measure: { litres: litres(30) }
		})
	);
	done(
		startBrew(books, later, at(1), {
			recipe: 'aerated-tea',
			vessel: 'Pail',
			base: { litres: litres(18) },
			water: { source: 'rain' },
			parts: [{ id: 'bag', stuff: 'castings', lot: 'M2', measure: { litres: litres(1.2) } }],
			temperature: celsius(20)
		})
	);
	done(smellBrew(books, later, at(22), { code: 'B1', smell: 'stink' }));
	done(smellBrew(books, later, at(23), { code: 'B1', smell: 'earthy' }));
}

describe.each(['desk', 'phone'] as const)('what was misread, at the %s', (size) => {
	const scene = setScene({ grow, size });

	it('several lines are written together, and the wrong one stays for mending', async () => {
		const { page, books } = scene;
		await page.go('/log');
		const field = await page.driver.findElement(By.css('main [name=line]'));
		const next = [Key.chord(Key.SHIFT, Key.ENTER)] as const;
		await field.sendKeys('10 L C1 > Mere 2', ...next, '900 L C1 > Mere 2', ...next);
		await field.sendKeys('note Mere 2 dry');
		await page.driver.wait(
			async () => (await page.text()).includes('Three lines, two are understood'),
			8000
		);
		expect(await page.accessibility()).toEqual([]);
		await field.sendKeys(Key.ENTER);
		await page.driver.wait(
			async () => (await field.getAttribute('value')) === '900 L C1 > Mere 2',
			8000
		);
		expect(await page.text()).toContain('Two lines are written down');
		expect(books.acts('spread')).toBe(1);
		await field.clear();
		await field.sendKeys('5 L C1 > Mere 2', Key.ENTER);
		await page.driver.wait(
			async () => (await page.text()).includes('Written down: 5 L C1 > Mere 2'),
			8000
		);
		expect(books.balance('C1').volume_ul).toBe(45_000_000);
	});

	it('a ratio that may be a share is asked, and taken once it is said to be so', async () => {
		const { page, books } = scene;
		await page.go(
			'/charging/plan?char=K2&part=4+L&school=compost-rest&ratio=5&temperature=20+%C2%B0C'
		);
		await page.answers(/^Add/);
		await page.press('Set it going');
		expect(await page.text()).toContain('That is 5 parts of worm castings to one of char');
		expect(await page.accessibility()).toEqual([]);
		expect(books.acts('charge')).toBe(1);
		await page.tick('It is so');
		await page.press('Set it going');
		await page.answers(/^C2/);
		expect(books.acts('charge')).toBe(2);
	});

	it('a brew that failed stays failed, and its main button discards it', async () => {
		const { page, books } = scene;
		await page.go('/brews/B1');
		await page.answers('B1 has failed');
		expect(await page.text()).not.toContain('Who gets it');
		await page.press('Discard it');
		await page.answers('B1 is used up');
		expect(books.balance('B1').volume_ul).toBe(0);
		expect(books.faults()).toEqual([]);
	});
});
