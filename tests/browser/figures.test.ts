import { By, Key, until } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene();
const dialog = By.css('dialog[open]');
const linked = (href: string) => By.css(`a[href="${href}"]`);

describe('a figure that was worked out', () => {
	it('tells in one tap where it comes from, and gives the sentence back', async () => {
		await scene.page.go('/charging/C1');
		const figure = await scene.page.driver.findElement(linked('/figure/lot/C1/litres'));
		expect(await figure.getText()).toMatch(/^\d+ L$/);
		await figure.click();
		const shown = await scene.page.driver.wait(until.elementLocated(dialog), 10_000);
		const text = await shown.getText();
		expect(text).toContain(`In C1: ${await figure.getText()}`);
		expect(text).toContain('written by');
		expect(await scene.page.path()).toBe('/charging/C1');
		await scene.page.driver.actions().sendKeys(Key.ESCAPE).perform();
		await scene.page.driver.wait(
			async () => (await scene.page.driver.findElements(dialog)).length === 0,
			10_000,
			'the dialog stayed open'
		);
		const focused = await scene.page.driver.switchTo().activeElement();
		expect(await focused.getAttribute('href')).toContain('/figure/lot/C1/litres');
	});

	it('works by key, and leads on to the thing', async () => {
		const figure = await scene.page.driver.findElement(linked('/figure/lot/C1/fading'));
		await figure.sendKeys(Key.ENTER);
		await scene.page.driver.wait(until.elementLocated(dialog), 10_000);
		await scene.page.follow('To its page');
		expect(await scene.page.path()).toBe('/ledger/lot/C1');
		expect(await scene.page.driver.findElements(dialog)).toEqual([]);
	});

	it('is told by its thing: a row leads there as a whole', async () => {
		await scene.page.go('/beds');
		const row = await scene.page.driver.findElement(By.css('.thing-row svg'));
		// The link lies over its whole row, so that is what takes the click.
		await scene.page.driver.actions().move({ origin: row }).click().perform();
		// The list names the bed too, so its own answer is waited for.
		await scene.page.answers(/ on Mere 2|^Mere 2 holds/);
		expect(await scene.page.path()).toBe('/beds/Mere 2');
	});

	it('has a page of its own', async () => {
		await scene.page.go('/figure/rule/wood/mean');
		await scene.page.answers('Wettest mean that may burn: 20 %');
		await scene.page.go('/figure/bed/Mere%202/room');
		await scene.page.answers('Room to the target in Mere 2: 60 L');
		await scene.page.follow('Mere 2');
		expect(await scene.page.path()).toBe('/beds/Mere 2');
	});

	it.each(['/figure/lot/S99/litres', '/figure/bed/Mere%202/__proto__', '/figure/moon/S1/dry'])(
		'%s is not found, and says so',
		async (path) => {
			const answer = await fetch(scene.server.address + path);
			expect(answer.status).toBe(404);
			expect(await answer.text()).toContain('No such figure');
		}
	);
});

describe('the plan of a charge', () => {
	it('sets the schools against each other for this char', async () => {
		await scene.page.go('/charging/plan?char=K2');
		await scene.page.answers('of finished compost');
		// Those that are not chosen are reckoned once nobody types.
		await scene.page.driver.wait(
			until.elementLocated(By.css('fieldset[aria-busy=false] label:nth-of-type(10) svg')),
			10_000
		);
		const cards = await scene.page.driver.findElements(
			By.xpath('//label[.//input[@name="school"]]')
		);
		const texts = await Promise.all(cards.map((card) => card.getText()));
		expect(texts.length).toBe(10);
		const rest = texts.find((text) => text.startsWith('Compost rest'));
		const soak = texts.find((text) => text.startsWith('Nitrogen soak'));
		expect(rest).toMatch(/135 L of finished compost/);
		expect(soak).toMatch(/L of urine.*mineral N: fully fed/s);
		await scene.page.tick('Nitrogen soak');
		await scene.page.answers('of urine');
	});

	it('takes usual amounts by one tap, and says in the strip what goes together', async () => {
		await scene.page.pressHere('half');
		expect(await scene.page.value('How much of it')).toBe('67.5 L');
		await scene.page.pressHere('10');
		expect(await scene.page.value('Mineral N wanted, g per kg dry char')).toBe('10');
		const strip = await scene.page.driver
			.findElement(By.css('figure svg[role=img]'))
			.getAttribute('aria-label');
		expect(strip).toMatch(/^68 L of char, \d+ L of urine, \d+ L of rain water; together 68 L/);
		expect(await scene.page.complaints()).toEqual([]);
	});
});
