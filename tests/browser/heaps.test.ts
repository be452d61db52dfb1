import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

describe('a heap on the phone', () => {
	const scene = setScene({ size: 'phone' });

	it('is mended to 28 : 1 while it is typed, and laid', async () => {
		const { page, books } = scene;
		await page.go('/heaps/plan?heapWay=compost&stuff1=grass&part1=100+L');
		await page.fill('How much', '400 L');
		await page.answers(/It stands at 17 : 1; add \d+ L of/);
		const litres = /add (\d+) L of straw/i.exec(await page.text())?.[1] ?? '';
		await page.choose('Stuff 2', 'Straw');
		await page.fill('Amount 2', `${litres} L`);
		await page.answers(/2[789] : 1/);
		await page.fill('Its corner', 'Kiln yard');
		await page.press('It is laid');
		await page.answers(/^H1 at Kiln yard is done/);
		expect(books.one<{ n: number }>("SELECT count(*) AS n FROM lot WHERE kind = 'heap'").n).toBe(1);
		expect(books.faults()).toEqual([]);
	});

	it('is walked by with one tap, sunk to and staged', async () => {
		const { page, books } = scene;
		await page.go('/heaps/round');
		await page.press('Looked');
		await page.answers(/corner/);
		await page.choose('It is', 'browning');
		expect(
			books.one<{ n: number }>("SELECT count(*) AS n FROM finding WHERE what = 'looked-at'").n
		).toBe(1);
		await page.go('/heaps/H1');
		await page.unfoldLine('Read its heat');
		await page.fill('At each probe', '62 58 55');
		await page.press('Keep the heat');
		await page.answers(/H1/);
		expect(
			books.one<{ found: string }>("SELECT found_json AS found FROM finding WHERE what = 'heat'")
				.found
		).toContain('"places":[62,58,55]');
	});

	it('comes out as a lot with what went in less what rotted away', async () => {
		const { page, books } = scene;
		await page.go('/heaps/H1');
		await page.unfoldLine('Lift it, or some of it');
		await page.fill('Measured out, sieved fine', '200 L');
		await page.press('It is lifted');
		await page.answers(/^M\d+/);
		expect(books.balance('H1').volume_ul).toBe(0);
		expect(books.faults()).toEqual([]);
	});
});
