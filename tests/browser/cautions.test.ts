import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { stockUp } from '../../src/lib/server/usecases/bring-in';
import type { Books } from '../../src/lib/server/db/books';
import { kilograms } from '../../src/lib/core/units';
import { bed } from '../fixtures/brewing';
import { day, done, envelope, later, start } from '../fixtures/garden';
import { actId, post } from './support/post';
import { setScene } from './support/scene';

/** A bed of salad, one of pH 7.6, and ash for it. */
function grow(books: Books): void {
	bed(books, 'Salad', { eatenRaw: true, crop: 'lettuce' });
	bed(books, 'Sweet', { ph: 7.6 });
	done(
		stockUp(books, later, envelope(start + 5 * day), {
			material: 'hardwood-ash',
			name: 'stove ash',
			measure: { kg: kilograms(1) }
		})
	);
}

const why = 'Why it is right all the same';

describe.each(['desk', 'phone'] as const)('what speaks against an act, at the %s', (size) => {
	const scene = setScene({ grow, size });

	it('stands at the foot as one types, is answered by one reason, and is kept with the act', async () => {
		const { page, books } = scene;
		await page.go('/beds/Salad?lot=C1');
		await page.fill('How much', '1');
		expect(await page.text()).toContain('what grows on Salad is eaten raw');
		// More of it asks a second thing, which the same form shows before it is sent.
		await page.fill('How much', '6');
		expect(await page.text()).toContain('in its first season with it');
		await page.fill(why, 'cleared, and sown again in summer');
		expect(await page.accessibility()).toEqual([]);
		await page.press('Log it spread');
		expect(books.acts('spread')).toBe(1);
		expect(books.all<{ code: string }>('SELECT code FROM answered_caution ORDER BY id')).toEqual([
			{ code: 'germs-near-food' },
			{ code: 'char-first-season' }
		]);
		await page.go('/ledger/bed/Salad');
		await page.unfoldLine('Spread');
		expect(await page.text()).toContain('What spoke against it, and why it was done');
	});

	it('what is never right is told as one types, and no reason sends it', async () => {
		const { page, books, server } = scene;
		await page.go('/beds/Sweet');
		await page.unfold('Put something else on it');
		await page.fill('How much of it', '0.3 L');
		expect(await page.text()).toContain('Sweet has pH 7.6: from 7 on no ash in any form');
		await page.press('Put it on the bed');
		expect(books.acts('put-on-bed')).toBe(0);
		// A refusal is a 400, which a browser tells of in its log.
		expect(await page.complaints()).toHaveLength(1);
		const forced = await post(server, '/beds/Sweet?/put', {
			putLot: 'M2',
			part: '0.3 L',
			way: 'top-dressed',
			reason: 'it looks pale',
			'why-ash-sweet-ground-Sweet': 'on',
			'sure-all': 'on',
			actId: actId()
		});
		expect(forced.status).toBe(400);
	});

	it('a line shows it, and its reason answers what was shown', async () => {
		const { page, books } = scene;
		await page.go('/log');
		const field = await page.driver.findElement(By.css('main [name=line]'));
		await field.sendKeys('1 L C1 > Salad');
		await page.driver.wait(async () => (await page.text()).includes('is eaten raw'), 8000);
		const before = books.acts('spread');
		await field.sendKeys('; nothing is picked there');
		await page.driver.wait(
			async () => (await page.text()).includes('Your reason answers it.'),
			8000
		);
		expect(await page.accessibility()).toEqual([]);
		await field.sendKeys(Key.ENTER);
		await page.driver.wait(
			async () => (await page.text()).includes('Written down: 1 L C1 > Salad'),
			8000
		);
		expect(books.acts('spread')).toBe(before + 1);
		expect(books.faults()).toEqual([]);
		expect(await page.complaints()).toEqual([]);
	});
});

describe('what speaks against an act, with script switched off', () => {
	const scene = setScene({ grow, script: false });

	it('comes back with the form, and with the line, to be answered', async () => {
		const { page, books } = scene;
		await page.go('/log');
		await page.driver
			.findElement(By.css('main [name=line]'))
			.sendKeys('1 L C1 > Salad; nothing is picked there');
		await page.press('Write it down');
		expect(await page.text()).toContain('is eaten raw');
		expect(books.acts('spread')).toBe(0);
		// It has been shown: sent once more as it stands, the reason answers it.
		await page.press('Write it down');
		expect(books.acts('spread')).toBe(1);
		await page.go('/beds/Salad?lot=C1&amount=1&form=L%2Fm2');
		await page.fill(why, 'cleared');
		await page.press('Log it spread');
		expect(books.acts('spread')).toBe(2);
		expect(books.faults()).toEqual([]);
	});
});
