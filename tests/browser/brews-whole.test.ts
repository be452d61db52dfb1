import { smellBrew } from '../../src/lib/server/demo/small';
import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { bed, tub } from '../fixtures/brewing';
import { day, done, envelope, hour, start } from '../fixtures/garden';
import { celsius, kilograms, litres } from '../../src/lib/core/units';
import type { BrewInput } from '../../src/lib/input/brews';
import type { Books } from '../../src/lib/server/db/books';
import { startBrew } from '../../src/lib/server/usecases/brews/start-brew';
import { setScene } from './support/scene';

const now = start + 12 * day;

/** A line of three generations, beds and two espaliers, an aired tea and an ash tea that are ripe. */
function grow(books: Books): void {
	const before = start - 40 * day;
	for (const [name, wide, deep] of [
		['Jar', 0.12, 0.24],
		['Second jar', 0.12, 0.24],
		['Pail', 0.28, 0.38],
		['Blue pail', 0.28, 0.38],
		['Red pail', 0.28, 0.38]
	] as const)
		tub(books, name, wide, deep, before);
	for (const n of [1, 2, 3]) bed(books, `Middle ${n}`);
	bed(books, 'Espaliers', { target: 'trees', pieces: 2, length_m: 2, width_m: 2, crop: 'pears' });
	bed(books, 'Camellias', { acidLover: true, ph: 5.2, crop: 'camellias' });
	const brew = (at: number, input: BrewInput) =>
		done(startBrew(books, now, envelope(at), input))
			.split('/')
			.at(-1)!;
	const smell = (at: number, code: string, what: Parameters<typeof smellBrew>[3]['smell']) =>
		done(smellBrew(books, now, envelope(at), { code, smell: what }));
	const wild = brew(before, {
		recipe: 'grain-culture',
		name: 'barley, hop corner',
		base: { litres: litres(2) },
		baseStuff: { stuff: 'cereal-grain' },
		parts: [],
		temperature: celsius(20)
	});
	smell(before + 6 * day, wild, 'pale-threads');
	const keep = (at: number, vessel: string, stuff: 'grain-culture' | 'kept-culture', lot: string) =>
		brew(at, {
			recipe: 'kept-culture',
			vessel,
			base: { kg: kilograms(0.4) },
			baseStuff: { stuff, lot },
			parts: [{ id: 'sugar', stuff: 'sugar' }],
			temperature: celsius(20)
		});
	const second = keep(before + 7 * day, 'Jar', 'grain-culture', wild);
	smell(before + 15 * day, second, 'dough-and-fruit');
	const third = keep(before + 16 * day, 'Second jar', 'kept-culture', second);
	smell(before + 24 * day, third, 'dough-and-fruit');
	const tea = brew(now - 26 * hour, {
		recipe: 'aerated-tea',
		vessel: 'Blue pail',
		base: { litres: litres(15) },
		water: { source: 'rain' },
		parts: [{ id: 'bag', stuff: 'castings' }],
		temperature: celsius(20)
	});
	smell(now - 3 * hour, tea, 'earthy');
	const ash = brew(now - 9 * day, {
		recipe: 'ash-tea',
		vessel: 'Red pail',
		base: { litres: litres(12) },
		water: { source: 'rain' },
		parts: [{ id: 'ash', stuff: 'hardwood-ash' }],
		place: { plastic: true },
		temperature: celsius(20)
	});
	smell(now - day, ash, 'amber');
}

describe.each(['desk', 'phone'] as const)(
	'30 mL of a third-generation starter in 12 L of well water, at the %s',
	(size) => {
		const scene = setScene({ size, grow });

		it('is planned with its starter and its water, and its hour is that of 17 °C', async () => {
			const { page, books } = scene;
			await page.go('/brews/plan?recipe=microbe-tea');
			await page.choose('Vessel', 'Pail');
			await page.fill('Water', '12 L');
			await page.fill('How warm it stands', '17');
			await page.answers(/^24 to 60 mL of starter to 12 L of water; ripe from/);
			await page.choose('Starter', 'B3');
			await page.fill('Starter, how much', '30 mL');
			await page.choose('Which water', 'Tap, chloramine');
			expect(await page.text()).toContain('chloramine does not leave by standing');
			await page.choose('Which water', 'Well or spring');
			expect(await page.text()).not.toContain('chloramine does not leave');
			await page.tick('breathes');
			await page.unfold('When, how long, or a note');
			// Thirty hours ago.
			await page.fill('When', '2026-03-12T03:00');
			await page.press('It is set going');
			await page.answers(/^The hour of B6 has come/);
			expect(await page.text()).toContain('well or spring water');
			expect(
				books.one<{ n: number }>(
					"SELECT i.volume_ul AS n FROM ingredient i JOIN lot l ON l.id = i.batch_lot_id WHERE l.code = 'B6' AND i.material = 'kept-culture'"
				).n
			).toBe(30_000);
		});

		it('is smelt by its kind, and stands in its line', async () => {
			const { page, books } = scene;
			await page.tap('Look at it and smell it', 'sweetish, bread-like');
			await page.press('So it is');
			await page.answers(/^B6 is ripe; use it before/);
			expect(await page.text()).toContain('Where it comes from');
			await page.go('/brews/lines');
			await page.answers(/^Trust barley, hop corner: 4 of 4 worked, in 3 generations/);
			expect(await page.text()).toMatch(/B6\s+multiplied microbe tea, gen\. 3/);
			expect(books.faults()).toEqual([]);
		});
	}
);

describe.each(['desk', 'phone'] as const)(
	'three beds and two espaliers want more than it gives, at the %s',
	(size) => {
		const scene = setScene({ size, grow });

		it('tells what is wanting, asks who goes first, and pours the round in one act', async () => {
			const { page, books } = scene;
			await page.go('/brews/B4');
			await page.answers(/^B4 is ripe/);
			for (const n of [1, 2, 3]) await page.fill(`Middle ${n}`, '3 L/m2');
			await page.fill('Espaliers', '10 L a tree');
			await page.driver.wait(async () => (await page.text()).includes('short'), 4000);
			await page.tap('There is not enough: who goes first', 'As listed');
			await page.driver.wait(async () => (await page.text()).includes('0 L left over'), 4000);
			await page.press('It is poured');
			expect(books.balance('B4').volume_ul).toBe(0);
			expect(books.one<{ n: number }>('SELECT count(*) AS n FROM dilution').n).toBe(4);
			expect(await page.text()).toContain('Where it went');
			expect(books.faults()).toEqual([]);
		});

		it('refuses ash tea on the camellias, and asks about ten times too much', async () => {
			const { page, books } = scene;
			await page.go('/brews/B5');
			await page.fill('Camellias', '20 L');
			await page.press('It is poured');
			expect(await page.text()).toContain('loves sour ground, and ash is lime: never');
			await page.fill('Camellias', '');
			// Where nitrogen went an hour ago it asks too.
			await page.fill('Middle 1', '20 L');
			await page.press('It is poured');
			expect(await page.text()).toContain('ash drives its nitrogen off as ammonia');
			await page.fill('Middle 1', '');
			await page.fill('Mere 2', '125 L');
			await page.press('It is poured');
			expect(await page.text()).toContain('Is that the diluted liquid?');
			expect(books.balance('B5').volume_ul).toBe(12_000_000);
		});
	}
);

describe('programmes and the log, at the desk', () => {
	const scene = setScene({ grow });

	async function log(line: string): Promise<void> {
		const { page } = scene;
		await page.go('/log');
		const field = await page.driver.findElement(By.css('main [name=line]'));
		await field.sendKeys(line, Key.ENTER);
		await page.driver
			.wait(async () => (await page.text()).includes(`Written down: ${line}`), 8000)
			.catch(async () => {
				throw new Error(`"${line}" was not written down: ${await page.text()}`);
			});
	}

	it('a programme is set, says what to start, and its round is one tap', async () => {
		const { page, books } = scene;
		await page.go('/programmes');
		await page.answers(/^No programme yet/);
		await page.fill('Its name', 'Dye beds');
		await page.choose('With', 'Aerated tea');
		await page.fill('From', '13 Mar 2026');
		await page.fill('Until', '1 May 2026');
		await page.fill('Parts of water to one of brew', '4');
		await page.fill('Middle 1', '20 L');
		await page.fill('Middle 2', '20 L');
		await page.press('Set the programme');
		await page.answers(/^The round of Dye beds is due, and B4 serves it/);
		await page.press('The round is walked');
		await page.answers(/^The next round is on 20 Mar; start aerated tea/);
		expect(books.one<{ n: number }>('SELECT count(*) AS n FROM programme_stop').n).toBe(2);
		expect(books.balance('B4').volume_ul).toBe(7_000_000);
	});

	it('a jar is fed, a tea brewed and beds drenched, a line each', async () => {
		const { page, books } = scene;
		await log('feed B3 sugar 50 g');
		await log('brew tea2 Pail 18 L rain castings 1 L');
		await log('drench Middle 2-3 B4 1:4 15 L');
		expect(books.balance('B4').volume_ul).toBe(1_000_000);
		await page.go('/brews');
		expect(await page.text()).toContain('tea2');
		expect(books.faults()).toEqual([]);
	});
});
