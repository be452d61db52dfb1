import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene();
const text = () => scene.page.text();
const dialog = () => scene.page.driver.findElement(By.css('dialog[aria-label="One-line log"]'));
const says = (words: string) =>
	scene.page.driver.wait(
		async () => (await text()).includes(words),
		10_000,
		`never said "${words}"`
	);
const type = (words: string) => scene.page.driver.actions().sendKeys(words).perform();

describe('the one-line log', () => {
	it('opens by a key on any page, says what it would do, and writes it where one stands', async () => {
		await scene.page.go('/woodyard');
		await type('l');
		await scene.page.driver.wait(() => dialog().isDisplayed(), 5000);
		await says('a fire or lot');
		await type('10 L C1 > Mere 2');
		await says('C1 keeps 50 L');
		expect(scene.books.acts('spread')).toBe(0);
		expect(await scene.page.accessibility()).toEqual([]);
		await type(Key.ENTER);
		await says('Written down: 10 L C1 > Mere 2');
		expect(scene.books.acts('spread')).toBe(1);
		expect(scene.books.balance('C1').volume_ul).toBe(50_000_000);
		expect(await scene.page.path()).toBe('/woodyard');
	});

	it('goes on to the next line at once, and takes a way on by a tap', async () => {
		await type('moist ');
		await says('alder rods, 1200 L');
		await scene.page.driver.findElement(By.xpath('//dialog//a[.//strong[text()="S1"]]')).click();
		await type('19 20 22');
		await says('Readings of S1');
		await type(Key.ENTER);
		await says('Written down: moist S1 19 20 22');
		expect(scene.books.acts('read-moisture')).toBe(1);
	});

	it('keeps a line that is refused, and says what it lacks', async () => {
		await type('500 L C1 > Mere 2');
		await says('450 L short');
		await type(Key.ENTER);
		await says('C1 holds only 50 L');
		expect(await dialog().findElement(By.css('[name=line]')).getAttribute('value')).toBe(
			'500 L C1 > Mere 2'
		);
		expect(scene.books.acts('spread')).toBe(1);
		await type(Key.ESCAPE);
		await scene.page.driver.wait(async () => !(await dialog().isDisplayed()), 5000);
	});

	it('leaves keys alone that are typed into a field, and all of them once switched off', async () => {
		await scene.page.go('/woodyard');
		await scene.page.fill('Length', 'l');
		expect(await dialog().isDisplayed()).toBe(false);
		await scene.page.go('/settings');
		await scene.page.tick('Single keys on this device');
		await scene.page.press('Keep this choice');
		await type('l');
		expect(await dialog().isDisplayed()).toBe(false);
		await scene.page.tick('Single keys on this device');
		await scene.page.press('Keep this choice');
	});

	it('by other keys goes to a room, lists the keys, and searches', async () => {
		await scene.page.go('/settings');
		await type('gw');
		await scene.page.answers('kg of dry wood');
		await type('?');
		await says('log one line');
		await type(Key.ESCAPE);
		await type('/');
		await type(`mere${Key.ENTER}`);
		await scene.page.answers('One thing found for "mere"');
		await scene.page.go('/find?q=mere+2');
		expect(await scene.page.path()).toBe('/beds/Mere 2');
		await scene.page.go('/find?q=c1');
		expect(await scene.page.path()).toBe('/charging/C1');
		expect(await scene.page.complaints()).toEqual([]);
	});
});

describe('the log on a phone', () => {
	const phone = setScene({ size: 'phone' });
	it('is the big button of the bottom bar', async () => {
		await phone.page.go('/');
		const button = await phone.page.driver.findElement(
			By.css('nav a[href="/log"].bg-\\[\\#b8431a\\]')
		);
		const { width, height } = await button.getRect();
		expect(Math.min(width, height)).toBeGreaterThanOrEqual(48);
		await button.click();
		await phone.page.driver.actions().sendKeys('check F1 cold cold cold', Key.ENTER).perform();
		await phone.page.driver.wait(async () => phone.books.acts('check-quench') === 5, 10_000);
		expect(await phone.page.accessibility()).toEqual([]);
	});
});

describe('the log without script', () => {
	const still = setScene({ script: false });
	it('reads a line, writes it, and takes it back', async () => {
		await still.page.go('/log');
		await still.page.fill('What was done', '10 L C1 > Mere 2');
		await still.page.press('Read it');
		expect(await still.page.text()).toContain('C1 keeps 50 L');
		await still.page.press('Write it down');
		await still.page.answers('Written down: 10 L C1 > Mere 2');
		expect(still.books.balance('C1').volume_ul).toBe(50_000_000);
		await still.page.press('Take it back');
		expect(still.books.balance('C1').volume_ul).toBe(60_000_000);
	});
});
