import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene({ size: 'phone' });
const page = () => scene.page;

describe('an advice as it was heard', () => {
	it('is taken apart, with what it leaves open and what speaks against it', async () => {
		await page().go('/advice');
		await page().answers('What did somebody say?');
		await page().fill(
			'What was said',
			'ten percent of char in the top 25 cm, that is a cup a foot'
		);
		await page().press('Take it apart');
		await page().answers('can’t be followed as it stands');
		const text = await page().text();
		expect(text).toContain('can’t be the same');
		expect(text).toContain('How often?');
		expect(text).toContain('on a field');
		expect(await page().accessibility()).toEqual([]);
	});

	it('each season is another thing than once', async () => {
		await page().fill('What was said', 'a barrow of char to the bed');
		await page().press('Take it apart');
		await page().choose('How often', 'each season');
		await page().press('Take it apart');
		expect(await page().text()).toContain('Char does not go away');
	});

	it('is kept with who says so, and stands beside the schools at a bed', async () => {
		await page().fill('Who says so', 'a seller');
		await page().choose('On what ground', 'a seller’s word');
		await page().press('Keep it');
		expect(await page().text()).toContain('a seller: a seller’s word; not tried yet');
		await page().go('/beds/Mere%202');
		await page().unfold('What each school would put here');
		expect(await page().text()).toContain('Heard: “a barrow of char to the bed”');
	});

	it('is judged by what came of it; the log keeps one in a line', async () => {
		await page().go('/advice');
		await page().choose('Did it help', 'No');
		await page().fill('What came of it', 'nothing to be seen');
		await page().press('Keep what came of it');
		expect(await page().text()).toContain('helped 0, not 1');
		const line = 'heard "two cups of char to the square foot"';
		await page().go(`/log?line=${encodeURIComponent(line)}`);
		await page().pressHere('Write it down');
		await page().driver.wait(
			async () => (await page().text()).includes('Written down: heard'),
			10_000,
			line
		);
		await page().go('/advice');
		expect(await page().text()).toContain('two cups of char to the square foot');
		expect(await page().complaints()).toEqual([]);
	});
});

describe('an advice on a garden of which nothing is known', () => {
	const bare = setScene({ size: 'phone', empty: true });

	it('is turned into litres all the same, asked for what it leaves open, and kept', async () => {
		const { page } = bare;
		await page.go('/advice');
		await page.fill('What was said', 'ten pounds of char to a hundred feet, works every time');
		await page.press('Take it apart');
		await page.answers('on ten square metres');
		const litres = async () => Number(/comes to ([\d.]+)/.exec(await page.h1())?.[1]);
		const dry = await litres();
		await page.choose('Weighed', 'as it is sold or lies');
		await page.choose('Charged or raw', 'raw');
		await page.press('Take it apart');
		await page.answers('can’t be followed as it stands');
		expect((await litres()) / dry).toBeCloseTo(0.7, 1);
		expect(await page.text()).toContain('Raw char takes nitrogen');
		await page.fill('Who says so', 'over the fence');
		await page.press('Keep it');
		expect(await page.text()).toContain('over the fence: hearsay; not tried yet');
		expect(await page.accessibility()).toEqual([]);
		expect(await page.complaints()).toEqual([]);
	});
});
