import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { day, done, envelope, start } from '../fixtures/garden';
import { litres, metres } from '../../src/lib/core/units';
import { stockUp } from '../../src/lib/server/usecases/bring-in';
import { measureVessel } from '../../src/lib/server/usecases/measure-vessel';
import type { Books } from '../../src/lib/server/db/books';
import { setScene } from './support/scene';

/** A pail, and castings to hang in it. */
function grow(books: Books): void {
	const at = envelope(start + day);
	done(
		measureVessel(books, start + day, at, {
			name: 'Pail',
			usedFor: 'tub',
			isNew: true,
			shape: {
				kind: 'round',
				rimWidth: metres(0.32),
				floorWidth: metres(0.28),
				depth: metres(0.38)
			}
		})
	);
	done(
		stockUp(books, start + day, envelope(start + day), {
			material: 'castings',
			name: 'castings',
			measure: { litres: litres(30) }
		})
	);
}

describe.each(['desk', 'phone'] as const)('a tea from a pail to a bed, at the %s', (size) => {
	const scene = setScene({ size, grow });

	it('is planned: what hangs in the bag and when it is ripe follow what is typed', async () => {
		const { page } = scene;
		await page.go('/brews/plan');
		await page.choose('Vessel', 'Pail');
		await page.fill('Water', '2 pails');
		expect(await page.text()).toContain('"pails" is no unit');
		expect(await page.text()).toContain('As it was before: Water can’t be read.');
		await page.fill('Water', '90 L');
		await page.answers(/^That runs over with its froth/);
		await page.fill('Water', '20 L');
		await page.fill('How warm it stands', '20');
		await page.answers(/^1 to 2 L of worm castings in the bag to 20 L of water; ripe from/);
		await page.fill('In the bag, how much', '1.5 L');
		// It was set going the evening before yesterday, and is written down now.
		await page.unfold('When, how long, or a note');
		await page.fill('When', '2026-03-12T10:00');
		await page.press('It is set going');
		await page.answers(/^The hour of B1 has come: smell it/);
		expect(scene.books.balance('M2').volume_ul).toBe(28_500_000);
	});

	it('is smelt, and ripe by it', async () => {
		const { page } = scene;
		await page.tap('Now smell it', 'earthy, watery');
		await page.press('So it is');
		await page.answers(/^B1 is ripe; use it before/);
		// The phone sleeps for a day and two hours: when it wakes, the countdown is right at once.
		const counted = async () =>
			(await page.driver.findElement(By.css('[data-countdown]'))).getText();
		const before = await counted();
		await page.driver.executeScript(`
			const asleep = Date.now;
			Date.now = () => asleep() + 26 * 3600_000;
			document.dispatchEvent(new Event('visibilitychange'));
		`);
		expect(before).toBe('tomorrow');
		await page.driver.wait(async () => (await counted()) === 'in 9 h', 4000, 'it still sleeps');
		await page.go('/');
		expect(await page.text()).toMatch(/B1.*ripe; use it before/s);
	});

	it('is put on a bed by litres as poured, and what is left is poured out', async () => {
		const { page, books } = scene;
		await page.go('/brews/B1');
		await page.fill('Parts of water to one of brew', '1:4');
		await page.fill('Mere 2', '25 L');
		expect(await page.text()).toMatch(/20 L go as far as\s+100 L\s+at 1 : 4/);
		// Three cans of 9 L, 1.8 L of it in each whole one.
		expect(await page.text()).toContain('three cans of 9 L, 1.8 L of brew in each');
		await page.press('It is poured');
		expect(books.balance('B1').volume_ul).toBe(15_000_000);
		expect(books.one<{ n: number }>('SELECT water_ul AS n FROM dilution').n).toBe(20_000_000);
		await page.unfold('Pour it out');
		await page.fill('Where to, and why', 'past its hours');
		await page.press('It is poured out');
		expect(books.balance('B1').volume_ul).toBe(0);
		await page.go('/brews/B1');
		await page.answers('B1 is used up');
		expect(books.faults()).toEqual([]);
	});
});
