import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

describe.each(['desk', 'phone'] as const)('a bed and its parts, at the %s', (size) => {
	const scene = setScene({ size });

	it('has a strip marked out, left untreated, and passed over by the next dose', async () => {
		const { page, books } = scene;
		await page.go('/beds/Mere%202');
		await page.unfold('Mark out a part of it');
		await page.fill('What you call it', 'Mere 2 strip');
		await page.fill('Long', '2 m');
		await page.press('Mark it out');
		expect(await page.path()).toBe('/beds/Mere 2 strip');
		await page.unfold('Leave it untreated');
		await page.press('It is left untreated');
		await page.go('/beds/Mere%202');
		expect(await page.text()).toMatch(
			/passes over Mere 2 strip: it is reckoned for the 6(\.\d)? m²/
		);
		await page.unfold('Water it, or leave what was cut here');
		await page.fill('How much went on', '18 L');
		await page.press('It went on');
		expect(
			books.one<{ n: number }>(
				"SELECT count(*) AS n FROM application WHERE lot_id IS NULL AND material = 'water'"
			).n
		).toBe(1);
		expect(books.faults()).toEqual([]);
	});

	it('tells what grows with its share, and its pH as it was read', async () => {
		const { page, books } = scene;
		await page.go('/beds/Mere%202');
		await page.unfold('Say what grows, or comes next');
		await page.fill('What grows', 'woad');
		await page.fill('Share of the ground, %', '60');
		await page.press('Keep the crop');
		await page.unfold('Read its pH');
		await page.fill('pH at each place', '11');
		await page.press('Keep the reading');
		expect(await page.complaintAt('pH at each place')).toMatch(/between 3 and 10/);
		await page.fill('pH at each place', '6.2');
		await page.choose('Read by', 'Meter in a slurry');
		await page.press('Keep the reading');
		expect(await page.text()).toMatch(/pH 6\.2.*meter in a slurry/s);
		expect(
			books.one<{ way: string; found_json: string }>(
				"SELECT way, found_json FROM finding WHERE what = 'ph' ORDER BY id DESC LIMIT 1"
			)
		).toEqual({ way: 'slurry', found_json: '{"ph":6.2,"in":"water"}' });
	});

	it('is called otherwise, leads on from its old name, and is retired', async () => {
		const { page, books } = scene;
		await page.go('/ledger/bed/Mere%202');
		await page.unfold('Call it otherwise');
		await page.fill('The new name', 'Reed bed');
		await page.press('It is called so');
		expect(await page.path()).toBe('/beds/Reed bed');
		await page.go('/beds/Mere%202');
		expect(await page.path()).toBe('/beds/Reed bed');
		await page.go('/ledger/bed/Reed%20bed');
		expect(await page.text()).toContain('called Mere 2 before');
		await page.unfold('Use it no longer');
		await page.press('Retire Reed bed');
		expect(await page.text()).toContain('Used no longer since');
		await page.go('/beds');
		expect(await page.text()).not.toMatch(/Reed bed\s+\w/);
		expect(books.acts('retire')).toBe(1);
	});
});
