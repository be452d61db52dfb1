import { describe, expect, it } from 'vitest';
import { day, done, envelope, start } from '../fixtures/garden';
import { metres } from '../../src/lib/core/units';
import type { Books } from '../../src/lib/server/db/books';
import { measureVessel } from '../../src/lib/server/usecases/measure-vessel';
import { setScene } from './support/scene';

const names = ['One', 'Two', 'Three', 'Four', 'Five'];

function grow(books: Books): void {
	for (const name of names)
		done(
			measureVessel(books, start + day, envelope(start + day), {
				name,
				usedFor: 'barrel',
				isNew: true,
				shape: {
					kind: 'round',
					rimWidth: metres(0.57),
					floorWidth: metres(0.57),
					depth: metres(0.85)
				}
			})
		);
}

describe.each(['desk', 'phone'] as const)('every way of burning, at the %s', (size) => {
	const scene = setScene({ size, grow });

	it('half a boiler shell on its side is measured, drawn and burnt in', async () => {
		const { page } = scene;
		await page.go('/vessels/new');
		await page.tick('a tank on its side');
		await page.fill('Name', 'Shell');
		await page.fill('Across the whole tank', '80 cm');
		await page.fill('Length', '1.5 m');
		await page.fill('Depth', '90 cm');
		await page.press('Keep these measures');
		expect(await page.text()).toContain('no deeper than it is across');
		await page.fill('Depth', '40 cm');
		await page.answers(/^Shell holds 377 L to the rim/);
		await page.press('Keep these measures');
		await page.answers(/^Shell holds 377 L to the rim/);
		await page.unfold('Note what became of it');
		await page.tap('It was', 'failed');
		await page.fill('What happened', 'the weld at the end gave way');
		await page.press('Keep it');
		await page.answers('has failed');
		await page.go('/vessels');
		await page.answers('Shell wants mending');
	});

	it('embers from an oven are kept without any stack', async () => {
		const { page } = scene;
		await page.go('/vessels/new');
		await page.tick('pail for embers');
		await page.fill('Name', 'Pail');
		await page.fill('Width at the rim', '32 cm');
		await page.fill('Depth', '33 cm');
		await page.press('Keep these measures');
		await page.answers(/^Pail holds/);
		await page.go('/fires/plan?vessel=Pail&burnt=yes');
		await page.tick('nobody knows: work it back from the char');
		await page.choose('What it was', 'dense hardwood');
		await page.tick('in tubs, by volume');
		await page.fill('Char', '14 L');
		await page.press('Set it down as burnt');
		await page.answers(/^F\d+ is not proven out. It gave 14 L of char, its wood not measured/);
		const record = scene.books.one<{ wood_from: string }>(
			'SELECT wood_from FROM burn_record ORDER BY rowid DESC'
		);
		expect(record.wood_from).toBe('reckoned');
	});

	it('five drums and one keeper are timed, and timed again when one runs late', async () => {
		const { page } = scene;
		await page.go('/fires/day');
		await page.fill('Rounds of each barrel', '1');
		await page.fill('Hands at the start', '1');
		await page.answers(/L of char by \d\d:\d\d/);
		expect(await page.text()).toContain('nobody in two places');
		await page.driver.wait(
			async () => /would save|would shorten it/.test(await page.text()),
			20_000,
			'it never says what one more of each would save'
		);
		const first = await page.h1();
		await page.choose('Where Three stands', 'burning');
		await page.fill('Minutes that Three needs yet', '55');
		await page.answers(/L of char by \d\d:\d\d/);
		expect(await page.text()).toContain('stir and cap Three');
		expect(first).toMatch(/by \d\d:\d\d/);
		await page.press('Set the day down');
		await page.answers(/L of char by/);
		expect(scene.books.one<{ n: number }>('SELECT count(*) AS n FROM burn_day').n).toBe(1);
		// The shell deeper than it is across was refused on purpose.
		const complaints = await page.complaints();
		expect(complaints.filter((line) => !line.includes('400 (Bad Request)'))).toEqual([]);
	});
});
