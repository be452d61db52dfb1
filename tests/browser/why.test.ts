import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene({ size: 'phone' });
const page = () => scene.page;

describe('what ails a bed, from its signs to the day to look again', () => {
	it('is weighed as one taps: seen, looked for in vain, taken back', async () => {
		await page().go('/beds/Mere%202');
		await page().follow('what ails it?');
		await page().answers('What ails Mere 2?');
		await page().pressHere('gap at the edge');
		await page().pressHere('wilts, soil dry');
		await page().answers('dried out');
		await page().pressHere('moss');
		await page().pressHere('moss');
		expect(await page().text()).toContain('Two signs seen, one sign looked for in vain');
		expect(await page().accessibility()).toEqual([]);
	});

	it('a test is kept with how it came out, and what was ticked stays', async () => {
		await page().press('It was bone dry');
		await page().answers('Most likely dried out');
		expect(await page().text()).toContain('bone dry');
		expect(await page().text()).toContain('Two signs seen, one sign looked for in vain');
	});

	it('is one change with its day, and a second is not begun beside it', async () => {
		await page().press('Keep the case, change this');
		const text = await page().text();
		expect(text).toContain('Look again');
		expect(text).toContain('200–240 L');
		expect(text).not.toContain('Keep the case');
		await page().go('/');
		expect(await page().text()).toContain('a change works');
	});

	it('is closed with what came between, and counts for what was right here', async () => {
		await page().go('/beds/Mere%202/why');
		await page().unfold('Say how it came out');
		await page().fill('What came between', 'a warm week');
		await page().press('Close the case');
		const text = await page().text();
		expect(text).toContain('right in 1 of 1');
		expect(text).toContain('a warm week');
	});

	it('reads the ring, and signs from the log', async () => {
		for (const line of ['seep Mere 2 444 mL 11 min', 'sign Mere 2 pale old leaves, no moss']) {
			await page().go(`/log?line=${encodeURIComponent(line)}`);
			await page().pressHere('Write it down');
			await page().driver.wait(
				async () => (await page().text()).includes(`Written down: ${line}`),
				10_000,
				line
			);
		}
		await page().go('/beds/Mere%202/why');
		const text = await page().text();
		expect(text).toContain('13 cm an hour');
		expect(text).toContain('One sign seen, one sign looked for in vain');
		expect(await page().complaints()).toEqual([]);
	});
});
