import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene({ script: false });

describe('with script switched off', () => {
	it('truly runs none', async () => {
		await scene.page.go('/');
		expect(await scene.page.driver.findElements({ css: 'html[data-live]' })).toEqual([]);
	});

	it('a stack is worked out on sending, then kept', async () => {
		await scene.page.go('/woodyard');
		await scene.page.fill('Length', '2');
		await scene.page.fill('Height', '1');
		await scene.page.press('Work it out');
		await scene.page.answers(/This pile holds [\d–]+ kg of dry wood/);
		expect(await scene.page.value('Length')).toBe('2');
		await scene.page.press('Keep this stack');
		expect(await scene.page.path()).toBe('/woodyard/S2');
		expect(scene.books.balance('S2').volume_ul).toBe(2_000_000_000);
	});

	it('a reading, a check and a test are logged', async () => {
		await scene.page.fill('Percent of each piece', '19 20 22');
		await scene.page.press('Log the reading');
		await scene.page.answers('may burn now');
		await scene.page.go('/fires/F1');
		for (const place of [1, 2, 3]) await scene.page.tap(`Place ${place} by hand`, 'no heat');
		await scene.page.press('Log the check');
		expect(scene.books.acts('check-quench')).toBe(5);
		await scene.page.go('/charging/C1');
		await scene.page.tick('Its pieces sink: the pores are full');
		await scene.page.press('Log the test');
		expect(scene.books.acts('test-charge')).toBe(2);
	});

	it('a dose is worked out on sending, a figure shows its inputs, and the spread is logged', async () => {
		await scene.page.go('/beds/Mere%202');
		await scene.page.fill('How much', '2');
		await scene.page.press('Work it out');
		await scene.page.answers('Put 16 L of C1 on Mere 2');
		await scene.page.figure('To carry, as it lies');
		await scene.page.driver.findElement({ css: '.slip:popover-open a' }).click();
		await scene.page.answers('Put 16 L of C1 on Mere 2');
		expect(await scene.page.text()).toContain('rate × area ÷ char share');
		await scene.page.go('/beds/Mere%202?lot=C1&amount=2&form=L%2Fm2');
		await scene.page.press('Log it spread');
		expect(scene.books.acts('spread')).toBe(1);
		expect(scene.books.balance('C1').volume_ul).toBe(44_000_000);
	});

	it('a limit leads to its source', async () => {
		await scene.page.go('/woodyard');
		const limit = await scene.page.driver.findElement({ css: 'a[href="/figure/rule/wood/mean"]' });
		await limit.click();
		await scene.page.answers('Wettest mean that may burn: 20 %');
		expect(await scene.page.text()).toContain('Wet basis: Wettest mean');
	});

	it('a charge is planned on sending: school, char and part', async () => {
		await scene.page.go('/charging/plan');
		await scene.page.tick('Nitrogen soak');
		await scene.page.fill('How much of it', '20 L');
		await scene.page.press('Work it out');
		await scene.page.answers('to 20 L of K2');
	});

	it('what could not be read is said at its field and where the page was asked', async () => {
		await scene.page.go('/charging/plan');
		await scene.page.tick('Nitrogen soak');
		await scene.page.fill('How much of it', '20 firkins');
		await scene.page.press('Work it out');
		expect(await scene.page.complaintAt('How much of it')).toContain('"firkins"');
		expect(await scene.page.text()).toContain(
			'“How much of it” can’t be read: the figures above are without it.'
		);
		expect(await scene.page.value('How much of it')).toBe('20 firkins');
	});

	it('bad input is told and kept', async () => {
		await scene.page.go('/woodyard/S2');
		await scene.page.fill('Percent of each piece', 'damp');
		const before = scene.books.everything();
		await scene.page.press('Log the reading');
		expect(await scene.page.complaintAt('Percent of each piece')).toMatch(/no number/);
		expect(await scene.page.value('Percent of each piece')).toBe('damp');
		expect(scene.books.everything()).toBe(before);
	});
});
