import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { day, done, envelope, later, plainBed, start } from '../fixtures/garden';
import { measureBed } from '../../src/lib/server/usecases/measure-bed';
import { leaveStrip } from '../../src/lib/server/usecases/trials/leave-strip';
import { setScene } from './support/scene';

const scene = setScene({
	size: 'phone',
	grow: (books) => {
		done(measureBed(books, later, envelope(start), { ...plainBed, name: 'Upper 1' }));
		done(leaveStrip(books, later, envelope(start + day), { bed: 'Upper 1', weeks: 1 }));
		done(
			measureBed(books, later, envelope(start), {
				...{ ...plainBed, name: 'Pots', target: 'pots', pieces: 12 },
				...{ length_m: 0.26, width_m: 0.26, depth_m: 0.226 }
			})
		);
	}
});
const page = () => scene.page;

describe('a strip, from the dose to its look', () => {
	it('is offered where char is put on, and left as chance drew it', async () => {
		await page().go('/beds/Mere%202');
		expect(await page().text()).toContain('Leave a strip of Mere 2');
		await page().follow('Leave that strip');
		expect(await page().text()).toContain('Leave one on Mere 2');
		await page().fill('Weeks to its look', 'soon');
		await page().press('Leave it so');
		expect(await page().complaintAt('Weeks to its look')).not.toBe('');
		expect(await page().value('Weeks to its look')).toBe('soon');
		await page().fill('Weeks to its look', '6');
		await page().press('Leave it so');
		expect(await page().path()).toBe('/beds/Mere 2');
		const text = await page().text();
		expect(text).toContain('Mere 2 strip 2026');
		expect(text).not.toContain('Leave a strip of Mere 2');
		expect(await page().accessibility()).toEqual([]);
	});

	it('is offered on a round for a bed that has none yet', async () => {
		await page().go('/beds/round');
		expect(await page().text()).toContain('Leave a strip of');
		expect(await page().text()).not.toContain('Leave a strip of Mere 2');
	});

	it('is asked for on its day, and looked at once', async () => {
		await page().go('/');
		expect(await page().text()).toContain('wants its look');
		await page().go('/trials?look=Upper%201');
		expect(await page().value('Bed')).toBe('Upper 1');
		await page().fill('Untreated', '3');
		await page().fill('Treated', '4');
		await page().press('Keep this look');
		await page().go('/');
		expect(await page().text()).not.toContain('wants its look');
	});
});

describe('a trial in pots of the books', () => {
	it('is drawn to scale there, and its arms get what they get from a lot', async () => {
		await page().go('/trials/plan');
		await page().choose('Arm B', 'charged char');
		await page().choose('Arm C', 'no such arm');
		await page().fill('Of each', '7');
		await page().choose('Where', 'Pots');
		await page().press('Set it up so');
		expect(await page().complaintAt('Of each')).toContain('12');
		await page().fill('Of each', '6');
		await page().press('Set it up so');
		expect(await page().path()).toBe('/trials/T1');
		expect(await page().text()).toContain('each pot 26 cm across');
		expect(
			(await page().driver.findElements(By.css('svg[aria-label*="to scale"] circle'))).length
		).toBe(12);
		await page().choose('B: char', 'C1 nitrogen soak');
		await page().press('They have it');
		// More than a first season takes: it is asked why, and what was chosen stays.
		expect(await page().text()).toContain('3 % is the most at first');
		expect(await page().value('B: char')).toBe('C1');
		await page().fill('Why it is right all the same', 'the trial is about it');
		await page().press('They have it');
		const text = await page().text();
		expect(text).toContain('of char each');
		expect(await page().accessibility()).toEqual([]);
		await page().go('/beds/Pots');
		expect(await page().text()).toContain('T1 B');
	});

	it('two arms that are the same are refused at the second', async () => {
		await page().go('/trials/plan');
		await page().choose('Arm B', 'charged char');
		await page().press('Set it up so');
		expect(await page().complaintAt('Arm C')).toContain('the same as B');
	});

	it('is moved, read, and runs on for another season', async () => {
		await page().go('/trials/T1');
		await page().press('Another season begins');
		expect((await page().complaints()).join(' ')).toBeDefined();
		expect(await page().text()).toContain('Nothing was read of T1 in this season');
		await page().fill('Where', 'under glass');
		await page().press('They were moved');
		expect(await page().text()).toContain('taken to under glass');
		await page().go('/trials/T1/round');
		for (let n = 1; n <= 12; n += 1) {
			await page().fill('It reads', `${20 + ((n * 7) % 5)} g`);
			await page().press('Keep it, next');
		}
		await page().go('/trials/T1');
		await page().press('Another season begins');
		expect(await page().text()).toContain('Season 2 began');
	});
});
