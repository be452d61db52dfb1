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

	it('a pile is split in three until all of it is placed, and begun by one button', async () => {
		const { page, books } = scene;
		await page.go('/fate');
		await page.unfoldLine('Where it comes from, and what you have for it');
		await page.fill('How much in all', '500 L');
		await page.choose('What', 'Dry leaves');
		await page.fill('How much', '300 L');
		await page.choose('Wanted for', 'Potting');
		await page.tick('A leaf hoop');
		await page.fill('In which corner', 'North fence');
		await page.choose('What, part 2', 'Twigs and prunings, thin');
		await page.fill('Part 2', '150 L');
		await page.choose('Part 2 for', 'Char');
		await page.answers('450 L are placed as leaf mould and dry and char; 50 L still lie there');
		await page.choose('What, part 3', 'Green leaves and clippings');
		await page.fill('Part 3', '50 L');
		await page.choose('Part 3 for', 'Mulch');
		await page.answers(/^All 500 L are placed: /);
		expect(await page.accessibility()).toEqual([]);
		await page.press('Begin all of it');
		expect(await page.text()).toMatch(/Written down: H\d+, S\d+, M\d+: begun/i);
		const kinds = books.all<{ kind: string; n: number }>(
			"SELECT kind, count(*) AS n FROM lot WHERE name IN ('North fence', 'to dry for char') GROUP BY kind"
		);
		expect(kinds).toEqual([
			{ kind: 'heap', n: 1 },
			{ kind: 'stack', n: 1 }
		]);
		expect(books.faults()).toEqual([]);
	});
});
