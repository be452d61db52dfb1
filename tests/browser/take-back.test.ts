import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene({ size: 'phone' });

describe('what is taken back', () => {
	it('a planned burn is called off and leaves the stacks as they were', async () => {
		await scene.page.go('/fires/plan?vessel=Lantern');
		await scene.page.choose('Vessel', 'Lantern');
		await scene.page.tick('S1');
		await scene.page.press('Set it down as planned');
		await scene.page.answers('F2 is planned');
		const held = scene.books.balance('S1');
		await scene.page.press('Call it off');
		expect(await scene.page.path()).toBe('/fires');
		// Named once, as what was taken back; the list has it no more.
		expect(await scene.page.text()).toContain('Taken back: F2: burn planned');
		expect((await scene.page.text()).split('F2')).toHaveLength(2);
		expect(scene.books.balance('S1')).toEqual(held);
	});

	it('a planned burn is set down as burnt from its own page', async () => {
		await scene.page.go('/fires/plan?vessel=Lantern&loads=S1&part-S1=400%20L');
		await scene.page.press('Set it down as planned');
		const path = await scene.page.path();
		await scene.page.tick('in tubs, by volume');
		await scene.page.fill('Char', '60 L');
		await scene.page.press('Set it down as burnt');
		expect(await scene.page.path()).toBe(path);
		await scene.page.answers('is not proven out. It gave 60 L');
		expect(scene.books.faults()).toEqual([]);
	});

	it('a bed measured under a taken name overwrites nothing; a mistaken one is taken back', async () => {
		await scene.page.go('/beds');
		await scene.page.unfoldLine('Measure another bed');
		await scene.page.fill('Name', 'mere 2');
		await scene.page.fill('Length', '3');
		await scene.page.fill('Width', '1');
		await scene.page.press('Keep this bed');
		expect(await scene.page.complaintAt('Name')).toMatch(/already one called Mere 2/);
		await scene.page.fill('Name', 'Mistake');
		await scene.page.press('Keep this bed');
		expect(await scene.page.path()).toBe('/beds/Mistake');
		await scene.page.follow('Measure this bed again');
		await scene.page.press('Take the last measuring back');
		expect(await scene.page.path()).toBe('/beds');
		expect(await scene.page.text()).toContain('Taken back: Mistake: bed measured');
		expect((await scene.page.text()).split('Mistake')).toHaveLength(2);
	});

	it('a vessel tells how high so many litres stand, and is measured again under its name', async () => {
		await scene.page.go('/vessels/Lantern');
		await scene.page.fill('Or what is in it', '294');
		await scene.page.answers(/Lantern holds 294 L at 60 cm/);
		await scene.page.fill('Depth', '0.7');
		await scene.page.press('Keep these measures');
		expect(await scene.page.path()).toBe('/vessels/Lantern');
		expect(
			scene.books.one<{ n: number }>(
				"SELECT count(*) AS n FROM vessel_version v JOIN vessel_called c ON c.id = v.vessel_id WHERE c.name = 'Lantern'"
			).n
		).toBe(2);
		await scene.page.press('Take the last measuring back');
		await scene.page.go('/vessels/Lantern');
		await scene.page.answers('Lantern holds 519 L to the rim');
	});

	it('a tub that differs from the books is counted again', async () => {
		await scene.page.go('/ledger/lot/C1');
		await scene.page.unfold('Count it again');
		await scene.page.fill('Really there', '52 L');
		await scene.page.fill('Why they differ', 'some was spilt');
		await scene.page.press('Keep the count');
		await scene.page.answers('C1 holds 52 L');
		expect(scene.books.balance('C1').volume_ul).toBe(52_000_000);
		expect(scene.books.faults()).toEqual([]);
	});
});
