import { describe, expect, it } from 'vitest';
import { recordBurn } from '../../src/lib/server/usecases/record-burn';
import { litres } from '../../src/lib/core/units';
import { burnInput, day, done, envelope, later, start } from '../fixtures/garden';
import { setScene } from './support/scene';

describe('where did my hours go', () => {
	const scene = setScene({ size: 'phone' });

	it('is asked before any are told, then answered by what one tells on a phone', async () => {
		const { page } = scene;
		await page.go('/worth');
		await page.answers('No hours are told so far');
		await page.choose('Stage', 'crushing and sieving');
		await page.fill('It lasted', 'a while');
		await page.press('Keep the hours');
		expect(await page.text()).toContain('"a while" can’t be read as a time');
		await page.fill('It lasted', '40 min 2');
		await page.fill('Told of', 'K1');
		await page.press('Keep the hours');
		await page.answers('A litre of char cost');
		expect(await page.text()).toContain('crushing and sieving, 40 min × 2');
		expect(await page.accessibility()).toEqual([]);
	});

	it('a day is shared out, prices tell what was spared and whether it was worth it', async () => {
		const { page } = scene;
		await page.unfold('Share a day out');
		await page.fill('Hours of the day', '7');
		await page.choose('Stage 1', 'gathering');
		await page.fill('Parts 1', '2');
		await page.press('Share it out');
		await page.unfold('What it would cost to buy');
		await page.fill('Char, a litre', '1.20');
		await page.fill('An hour of yours is worth', '90');
		await page.press('Keep the prices');
		await page.answers('bought it is');
		expect(await page.text()).toContain('not worth the work');
		expect(await page.text()).toContain('a figure is a range');
	});

	it('a line of the log tells them too, and they are taken back where they stand', async () => {
		const { page } = scene;
		for (const line of ['hours crush 40 min 2', 'hours tend F1 2 h', 'paid molasses 3.20']) {
			await page.go(`/log?line=${encodeURIComponent(line)}`);
			await page.pressHere('Write it down');
			await page.driver.wait(
				async () => (await page.text()).includes(`Written down: ${line.split(' ')[0]}`),
				10_000,
				line
			);
		}
		await page.go('/worth');
		expect(await page.text()).toContain('3.20 for molasses');
		await page.press('Take back');
		expect(await page.text()).not.toContain('3.20 for molasses');
		// What was refused above the browser tells as a 400.
		expect((await page.complaints()).filter((one) => !/400/.test(one))).toEqual([]);
	});
});

describe('what stays, what it cost, what makes a good burn', () => {
	const scene = setScene({
		grow: (books) => {
			const burn = (n: number, char: number) =>
				done(
					recordBurn(books, later, envelope(start + (4 + n) * day), {
						...burnInput,
						loads: [{ code: 'S1', litres: litres(150) }],
						measured: { by: 'litres', litres: litres(char) },
						smoke_min: 5 * n
					})
				);
			[42, 44, 41, 43, 42, 18].forEach((char, n) => burn(n, char));
		}
	});

	it('two burns stand side by side, and one that came out poor is marked', async () => {
		const { page } = scene;
		await page.go('/yields');
		expect(await page.text()).toContain('below what was expected');
		await page.choose('One', 'F2');
		await page.choose('The other', 'F7');
		await page.press('Lay them side by side');
		expect(await page.text()).toMatch(/F2 gave [\d.]+ points more than F7/);
		await page.choose('Over', 'minutes of smoke');
		await page.press('Draw it');
		expect(await page.text()).toContain('10 minutes more smoke');
		expect(await page.accessibility()).toEqual([]);
		expect(await page.complaints()).toEqual([]);
	});

	it('carbon says what is in soil, what is not, and what would tell it better', async () => {
		const { page } = scene;
		await page.go('/carbon');
		await page.answers('No char of yours is in soil yet');
		await page.go('/log?line=' + encodeURIComponent('20 L C1 > Mere 2'));
		await page.pressHere('Write it down');
		await page.driver.wait(async () => (await page.text()).includes('Written down'), 10_000);
		await page.go('/carbon');
		await page.answers('of CO₂e are kept in your soil');
		expect(await page.text()).toContain('It is no certificate');
		expect(await page.text()).toContain('burn a dried sample of your char off');
		await page.choose('What the wood would else have become', 'burnt openly');
		await page.press('Reckon it so');
		expect(await page.text()).toContain('would have given off');
		expect(await page.complaints()).toEqual([]);
	});

	it('the season closes, and its report is one sheet to print', async () => {
		const { page } = scene;
		await page.go('/season');
		await page.answers('of char from 7 fires');
		expect(await page.text()).toContain('put on beds');
		await page.follow('The report of 2026');
		await page.answers('2026 at');
		expect(await page.text()).toContain('What is still lying');
		expect(await page.accessibility()).toEqual([]);
	});
});
