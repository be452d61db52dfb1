import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene({ size: 'phone' });
const page = () => scene.page;

describe('does it help? a question, its pots, and what they say', () => {
	it('is planned with a control, and where each stands is drawn', async () => {
		await page().go('/trials');
		await page().answers('Nothing was tried yet');
		await page().follow('Plan a trial');
		await page().fill('What is asked', 'Does charged char help woad?');
		await page().choose('Arm B', 'charged char');
		await page().choose('Arm C', 'no such arm');
		await page().fill('Of each', '4');
		await page().choose('What is read', 'height');
		await page().press('Draw it');
		await page().answers('Eight pots: four of each of 2 arms');
		expect(await page().accessibility()).toEqual([]);
		const drawn = async () =>
			(
				await page()
					.driver.findElement(By.css('svg[aria-label^="8 pots"]'))
					.getAttribute('aria-label')
			)?.replace(/^.*rows: /, '');
		const before = await drawn();
		await page().press('Set it up so');
		expect(await page().path()).toBe('/trials/T1');
		// Drawn from the same seed, it stands as it was shown.
		expect(await drawn()).toBe(before);
		await page().answers('Nothing was read of it yet');
	});

	it('tells how many of each would show a difference, counted in a worker', async () => {
		await page().go('/trials/plan');
		await page().pressHere('Work out how many');
		await page().driver.wait(
			async () => /of each show a difference of 25 % four times in five/.test(await page().text()),
			60_000,
			'no number was found'
		);
	});

	it('is read pot by pot with one figure each, breaks off and goes on', async () => {
		await page().go('/trials/T1/round');
		const left = async () => Number(/(\d+) of 8 to go/.exec(await page().text())?.[1] ?? '0');
		for (let n = 1; n <= 3; n += 1) {
			await page().answers(`Pot ${n}`);
			await page().fill('It reads', `${10 + n} cm`);
			await page().press('Keep it, next');
		}
		expect(await left()).toBe(5);
		await page().go('/');
		await page().go('/trials/T1/round');
		await page().answers('Pot 4');
		await page().fill('It reads', 'tall');
		await page().press('Keep it, next');
		expect(await page().complaintAt('It reads')).not.toBe('');
		expect(await page().value('It reads')).toBe('tall');
		await page().fill('It reads', '15 cm');
		await page().press('Keep it, next');
		await page().unfold('It is lost');
		await page().fill('Why', 'snails');
		await page().press('Number 5 is lost');
		for (const n of [6, 7, 8]) {
			await page().answers(`Pot ${n}`);
			await page().fill('It reads', `${10 + n} cm`);
			await page().press('Keep it, next');
		}
		await page().answers('All 7 are read today');
		expect(await page().accessibility()).toEqual([]);
	});

	it('corrects a reading in one step: the later stands', async () => {
		await page().follow('3: 13');
		await page().fill('It reads', '12 cm');
		await page().press('Keep it, next');
		expect(await page().text()).toContain('3: 12');
	});

	it('says what it shows and what it does not, with the lost pot named', async () => {
		await page().go('/trials/T1');
		await page().answers(/charged char|no difference is shown/i);
		const text = await page().text();
		expect(text).toContain('Some were lost');
		expect(text).toContain('degrees of freedom');
		expect(await page().accessibility()).toEqual([]);
		// What was refused before is one of them.
		const others = (await page().complaints()).filter((one) => !one.includes('400'));
		expect(others).toEqual([]);
	});

	it('reads looks, lost pots and strips from the log', async () => {
		for (const line of [
			'look T1 pot 7 14 cm',
			'lost T1 pot 8 slugs',
			'strip Mere 2 untreated 4 treated 7'
		]) {
			await page().go(`/log?line=${encodeURIComponent(line)}`);
			await page().pressHere('Write it down');
			await page().driver.wait(
				async () => (await page().text()).includes(`Written down: ${line}`),
				10_000,
				line
			);
		}
		await page().go('/trials');
		await page().answers('One runs, one strip was looked at');
	});

	it('takes a look at a strip by its form', async () => {
		await page().choose('Bed', 'Mere 2');
		await page().fill('Untreated', '3');
		await page().fill('Treated', '4');
		await page().press('Keep this look');
		expect(await page().text()).toContain('Two pairs: treated gave');
	});
});
