import { Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene();

/** What has the focus: its label, words or role. */
const focused = () =>
	scene.page.driver.executeScript<string>(`
		const at = document.activeElement;
		const label = (at.id && document.querySelector('label[for="' + at.id + '"]')) || at.closest('label');
		return (label || at).textContent.replace(/\\s+/g, ' ').trim();
	`);
const press = async (...keys: string[]) => {
	for (const key of keys) await scene.page.driver.actions().sendKeys(key).perform();
};

describe('the focus', () => {
	it('goes to the field that was refused', async () => {
		await scene.page.go('/woodyard/S1');
		await scene.page.fill('Percent of each piece', '19 wet 24');
		await scene.page.press('Log the reading');
		await expect.poll(focused).toBe('Percent of each piece');
		expect(await scene.page.complaintAt('Percent of each piece')).toContain('"wet"');
	});

	it('goes to what was done, and on from there to its undo', async () => {
		await scene.page.fill('Percent of each piece', '19 20 22');
		await scene.page.press('Log the reading');
		await expect.poll(focused).toMatch(/^Written down: S1/);
		await press(Key.TAB);
		expect(await focused()).toBe('Undo it');
	});

	it('comes to the form of a plan by two keys, and chooses its char by arrows', async () => {
		await scene.page.go('/charging/plan');
		await press(Key.TAB, Key.TAB);
		expect(await focused()).toBe('To the form');
		await press(Key.ENTER, Key.TAB);
		expect(await focused()).toMatch(/^K2 /);
		await press(Key.ARROW_DOWN);
		expect(await focused()).toBe('Char that is not in the books');
		await press(Key.ARROW_UP);
		expect(await focused()).toMatch(/^K2 /);
	});

	it('is offered no form where there is none', async () => {
		await scene.page.go('/beds/kitchen');
		await press(Key.TAB, Key.TAB);
		expect(await focused()).not.toBe('To the form');
	});
});
