import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { done, envelope, later, start, day } from '../fixtures/garden';
import { spreadLot } from '../../src/lib/server/usecases/spread-lot';
import { setScene } from './support/scene';

const scene = setScene({
	grow: (books) => {
		done(
			spreadLot(books, later, envelope(start + 11 * day), {
				bed: 'Mere 2',
				lot: 'C1',
				ask: { by: 'carried', litres: 20 }
			})
		);
	}
});

describe('a trace', () => {
	it('is drawn as a flow, and says the same in a table', async () => {
		await scene.page.go('/trace/lot/S1');
		await scene.page.answers('S1 reached one bed in one spreading');
		await scene.page.driver.wait(
			async () =>
				(await scene.page.driver.findElements(By.css('[data-chart=drawn] canvas'))).length,
			15_000
		);
		const text = await scene.page.text();
		for (const name of [
			'K1 Lantern F1',
			'K2 K1 crushed',
			'C1 nitrogen soak',
			'Mere 2',
			'gas and ash'
		])
			expect(text).toContain(name);
		await scene.page.follow('kg dry');
		expect(await scene.page.text()).toContain('as thick as the dry matter that arrived');
		expect(await scene.page.complaints()).toEqual([]);
	});

	it('lists for a recall every bed and date, and what still lies in the yard', async () => {
		await scene.page.go('/trace/lot/K1');
		const recall = await scene.page.driver
			.findElement(By.xpath('//section[.//h2[contains(., "turns out to be bad")]]'))
			.getText();
		expect(recall).toContain('one bed and two lots in stock');
		expect(recall).toMatch(/Mere 2\s+12 Mar\s+C1\s+20 L/);
		expect(recall).toMatch(/K2.*\s135 L/s);
		expect(recall).toMatch(/C1.*\s40 L/s);
	});

	it('of a bed goes back to the wood', async () => {
		await scene.page.go('/beds/Mere%202');
		await scene.page.follow('Its trace as a picture');
		await scene.page.answers('Mere 2 got one spreading, which goes back to');
		expect(await scene.page.text()).toContain('alder rods');
	});
});
