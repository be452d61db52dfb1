import { afterEach, describe, expect, it } from 'vitest';
import { charShareOf, planDose, roomUnder } from '../../src/lib/core/beds';
import { crushedDensity, sampledDensity } from '../../src/lib/core/char';
import { cureWindow, reckonCharge } from '../../src/lib/core/charging';
import { forecastBurn, judgeBurn, tankWater } from '../../src/lib/core/fires';
import {
	exactly,
	kgDry,
	litres,
	litresPerM2,
	metres,
	parseLength,
	parseMass,
	parseTemperature,
	parseVolume,
	celsius,
	squareMetres,
	type Parsed,
	type System
} from '../../src/lib/core/units';
import { capacity, volumeAtDepth, type Shape } from '../../src/lib/core/vessels';
import { dryWood, looseVolume, type StackMeasure } from '../../src/lib/core/woodyard';
import { sayDay } from '../../src/lib/format/dates';
import { joined, say, sayRange, show } from '../../src/lib/format/figure';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

/** What the grower types, in each system of units. Not the same sizes: each as people there would say it. */
const notebooks = {
	metric: {
		units: 'metric',
		pile: { length: '2', height: '1.2', width: '1 m' },
		kiln: { rim: '1.30', floor: '45 cm', depth: '0.8' },
		tub: { rim: '60 cm', depth: '60 cm' },
		part: '1200 L',
		depth: '58 cm',
		sample: ['10 L', '1.5 kg'],
		places: ['22', '24', '31'],
		crushed: '180',
		soaked: '1 1/2 barrows',
		barrow: '30 L',
		warmth: '15',
		bed: { length: '8', width: '1' },
		rate: { form: 'litres of char per m²', first: '2', second: '2.5', inL_m2: 1 }
	},
	us: {
		units: 'US customary',
		pile: { length: '7 ft', height: '48 in', width: '3 1/2' },
		kiln: { rim: '51 in', floor: '18 in', depth: '31 in' },
		tub: { rim: '24 in', depth: '24 in' },
		part: '40 cu ft',
		depth: '23 in',
		sample: ['2.5 gal', '3.2 lb'],
		places: ['72', '75', '88'],
		crushed: '47',
		soaked: '1 1/2 barrows',
		barrow: '8 gal',
		warmth: '59',
		bed: { length: '26', width: '40 in' },
		rate: {
			form: 'US cups per ft²',
			first: '0.75',
			second: '1',
			inL_m2: 0.2365882365 / 0.09290304
		}
	}
} as const;

const burntAt = '2026-06-01T09:00';
const dayOne = '2026-06-01T12:00:00Z';
const later = '2026-06-12T12:00:00Z';

let open: { server: Server; page: Page; drop: () => void } | undefined;
afterEach(async () => {
	await open?.page.close();
	await open?.server.stop();
	open?.drop();
	open = undefined;
});

function read(parsed: Parsed): number {
	if (parsed.status !== 'ok') throw new Error(`the test's own figure: ${JSON.stringify(parsed)}`);
	return parsed.value;
}

describe.each(['metric', 'us'] as const)(
	'from an empty database to a bed, in %s',
	(system: System) => {
		it('each page answers with core’s figures, the answers move, and the books hold it', async () => {
			const book = notebooks[system];
			const m = (text: string) => metres(read(parseLength(text, { system })));
			const l = (text: string) =>
				litres(
					read(
						parseVolume(text, {
							system,
							measures: [{ name: 'barrow', litres: read(parseVolume(book.barrow, { system })) }]
						})
					)
				);
			const folder = ownFolder();
			let server = await startServer({ database: folder.database, now: dayOne });
			let page = await openPage(server.address);
			open = { server, page, drop: folder.drop };

			await page.go('/');
			expect(await page.h1()).toContain('measure one pile');
			await page.go('/settings');
			await page.tick(book.units);
			await page.press('Keep it');
			await page.answers(book.units);
			await page.fill('Measure', 'barrow');
			await page.fill('Holds, filled level', book.barrow);
			await page.press('Keep this measure');
			await page.answers('one measure of its own');

			// A pile: two numbers give the first answer, a third moves it.
			await page.go('/');
			await page.follow('Measure one pile');
			await page.fill('Length', book.pile.length);
			await page.fill('Height', book.pile.height);
			const pile = (width?: string): StackMeasure => ({
				form: 'rods',
				wood: 'light-hardwood',
				seasoned: true,
				size: {
					by: 'outline',
					outline: 'box',
					length: m(book.pile.length),
					height: m(book.pile.height),
					...(width === undefined ? {} : { width: m(width) })
				}
			});
			await page.answers(`This pile holds ${sayRange(dryWood(pile()), system)} of dry wood`);
			await page.fill('Width, through the pile', book.pile.width);
			const taped = pile(book.pile.width);
			const wood = dryWood(taped);
			await page.answers(`This pile holds ${sayRange(wood, system)} of dry wood`);
			await page.unfold('Not just now, or with a note');
			await page.fill('When', '2026-05-20T10:00');
			await page.press('Keep this stack');
			expect(await page.path()).toBe('/woodyard/S1');
			await page.answers('nobody has read its moisture yet');
			await page.fill('Percent of each piece', '27 29 34');
			await page.answers('wants an oven test');
			await page.fill('Percent of each piece', '19 20 22');
			await page.answers('may burn now');
			await page.press('Log the reading');
			await page.answers(`S1 holds ${sayRange(wood, system)} of dry wood at`);

			// A kiln and a tub.
			const kiln: Shape = {
				kind: 'round',
				rimWidth: m(book.kiln.rim),
				floorWidth: m(book.kiln.floor),
				depth: m(book.kiln.depth)
			};
			await page.go('/vessels/new');
			await page.fill('Name', 'Lantern');
			await page.fill('Width at the rim', book.kiln.rim);
			await page.fill('Depth', book.kiln.depth);
			await page.answers('to the rim');
			await page.fill('Width at the floor', book.kiln.floor);
			await page.answers(`Lantern holds ${say(capacity(kiln), 'L', system)} to the rim`);
			await page.press('Keep these measures');
			expect(await page.path()).toBe('/vessels/Lantern');
			await page.fill('Depth on the stick', book.depth);
			const dipped = volumeAtDepth(kiln, m(book.depth));
			await page.answers(
				`Lantern holds ${say(dipped, 'L', system)} at ${say(m(book.depth) * 100, 'cm', system)}`
			);
			const tub: Shape = {
				kind: 'round',
				rimWidth: m(book.tub.rim),
				floorWidth: m(book.tub.rim),
				depth: m(book.tub.depth)
			};
			await page.go('/vessels/new?usedFor=tub');
			await page.fill('Name', 'Vat');
			await page.fill('Width at the rim', book.tub.rim);
			await page.fill('Depth', book.tub.depth);
			await page.press('Keep these measures');

			// The plan moves with the load, then is set down as burnt.
			await page.go('/fires/plan');
			await page.answers('Tick what you would load');
			await page.choose('Vessel', 'Lantern');
			await page.tick('S1');
			const forecast = (share: number) =>
				forecastBurn({
					way: 'open-kiln',
					shape: kiln,
					wood: 'light-hardwood',
					load: {
						value: wood.value * share,
						low: wood.low * share,
						high: wood.high * share
					},
					waterTemperature: tankWater,
					ownYields: [],
					ownWater: []
				});
			const expectPlan = (share: number) => {
				const { charLitres, water } = forecast(share);
				return page.answers(
					`Expect ${sayRange(charLitres, system)} of char; have ${say(water.onSite.value, 'L', system)} of water on site`
				);
			};
			await expectPlan(1);
			const loose = looseVolume(taped.size).value;
			const part = l(book.part) / loose;
			await page.fill('How much of S1', book.part);
			await expectPlan(part);
			await page.tick('is burnt and quenched');
			await page.fill('Depth of char', book.depth);
			await page.fill('Dried sample, its volume', book.sample[0]);
			await page.fill('Dried sample, its weight', book.sample[1]);
			await page.unfold('Not just now, or with a note');
			await page.fill('When', burntAt);
			await page.press('Set it down as burnt');
			expect(await page.path()).toBe('/fires/F1');
			const density = sampledDensity(
				l(book.sample[0]),
				kgDry(read(parseMass(book.sample[1], { system })))
			);
			const outcome = judgeBurn({
				way: 'open-kiln',
				woodKg: wood.value * part,
				charKg: dipped * density.value,
				brandsKg: 0,
				charLitres: dipped
			});
			const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
			await page.answers(
				`F1 is not proven out. It gave ${say(dipped, 'L', system)}, ${percent(outcome.massYield)} of the dry wood`
			);
			await page.go('/');
			await page.answers('One fire is not proven out');
			await page.go('/fires');
			await page.answers('F1 is not proven out');
			await page.go('/char/K1');
			await page.answers('not to be moved until F1 is proven out');

			// Proof, in three places.
			await page.follow('Check the fire');
			for (const [i, probe] of book.places.entries()) await page.fill(`Place ${i + 1}`, probe);
			await page.press('Log the check');
			await page.answers(`F1 is out and gave ${say(dipped, 'L', system)}`);

			// Crushed: fewer litres, the same kilograms.
			await page.go('/char/K1');
			await page.fill('After crushing', book.crushed);
			await page.press('Log it crushed');
			expect(await page.path()).toBe('/char/K2');
			await page.answers(
				`K2 is ${say(l(book.crushed), 'L', system)} of crushed char, ${say(dipped * density.value, 'kg', system)} dry: ready to be charged`
			);

			// Charged: the answer moves with the school and the amount.
			await page.follow('Charge it');
			const crushedAt = crushedDensity(density, dipped, l(book.crushed));
			const charge = (school: 'compost-rest' | 'nitrogen-soak', volume: number) =>
				reckonCharge({
					school,
					partner: school === 'compost-rest' ? 'finished-compost' : 'urine',
					volume: litres(volume),
					density: crushedAt,
					wetness: 'drained',
					ratio: 1,
					wantedN: 5,
					tub
				});
			await page.answers(
				`Add ${say(charge('compost-rest', l(book.crushed)).partner.value, 'L', system)} of finished compost`
			);
			await page.tick('nitrogen soak');
			await page.fill('How much of it', book.soaked);
			await page.fill('How warm it will stand', book.warmth);
			const soak = charge('nitrogen-soak', l(book.soaked));
			const window = cureWindow(
				'nitrogen-soak',
				Date.parse(dayOne),
				celsius(read(parseTemperature(book.warmth, { system })))
			);
			const almanac = { timeZone: 'UTC', now_ms: Date.parse(dayOne) };
			await page.answers(
				`Add ${say(soak.partner.value, 'L', system)} of urine and ${sayRange(soak.water, system)} of rain water to ${say(l(book.soaked), 'L', system)} of K2: it will be fed, ready ${sayDay(window.usable_ms ?? 0, almanac)}`
			);
			await page.press('Set it going');
			expect(await page.path()).toBe('/charging/C1');
			await page.answers('C1 is not ready: earliest');

			// Eleven days on: its date has come, and only the test makes it ready.
			await page.close();
			await server.stop();
			server = await startServer({ database: folder.database, now: later });
			page = await openPage(server.address);
			open = { server, page, drop: folder.drop };
			await page.go('/');
			await page.answers('ne wants its test');
			await page.go('/charging/C1');
			await page.answers('C1 has reached its date');
			await page.tick('yes');
			await page.press('Log the test');
			await page.answers(`C1 is ready: ${say(l(book.soaked), 'L', system)}`);
			await page.go('/');
			await page.answers('One charge is ripe');
			await page.go('/charging');
			await page.answers(`One charge is ripe, ${say(l(book.soaked), 'L', system)}`);

			// A bed, a rate that moves the answer, and the spread.
			await page.go('/beds');
			await page.answers('Measure a bed');
			await page.fill('Name', 'Long bed');
			await page.fill('Length', book.bed.length);
			await page.fill('Width', book.bed.width);
			await page.choose('Soil', 'sandy silt');
			await page.press('Keep this bed');
			expect(await page.path()).toBe('/beds/Long bed');
			const ground = {
				area: squareMetres(m(book.bed.length) * m(book.bed.width)),
				depth: metres(0.15)
			};
			await page.go('/beds');
			await page.answers(
				`Long bed wants char most: ${say(roomUnder(0.05, 0, ground), 'L', system)} before it holds 5 %`
			);
			await page.follow('Dose Long bed');
			await page.choose('in', book.rate.form);
			const dose = (rate: string) =>
				planDose(litresPerM2(Number(rate) * book.rate.inL_m2), ground, 0, {
					charShare: exactly(1),
					density: exactly(crushedAt.value),
					litresLeft: l(book.soaked)
				});
			for (const rate of [book.rate.first, book.rate.second]) {
				await page.fill('Rate', rate);
				const expected = dose(rate);
				const answer = await page.answers(
					`Put ${say(expected.mixLitres.value, 'L', system)} of C1 on Long bed`
				);
				expect(answer).toContain(`it will then hold ${percent(expected.shareAfter)}`);
			}
			await page.press('Log it spread');
			const put = dose(book.rate.second);
			expect(await page.text()).toContain(percent(put.shareAfter));
			await page.go('/ledger/C1');
			const left = l(book.soaked) - put.mixLitres.value;
			await page.answers(new RegExp(`C1 holds ${say(left, 'L', system)}.*reached one bed`));

			// What the database holds.
			const books = readBooks(folder.database);
			expect(books.faults()).toEqual([]);
			const bed = books.one<{ ml: number; g: number }>(
				"SELECT sum(m.volume_ml) AS ml, sum(m.dry_g) AS g FROM movement m JOIN bed b ON b.id = m.bed_id WHERE b.name = 'Long bed'"
			);
			expect(bed.ml / 1000).toBeCloseTo(put.charLitres, 2);
			expect(charShareOf(bed.ml / 1000, ground)).toBeCloseTo(put.shareAfter, 5);
			// Every gram of char from the kiln lies in the crushed rest, the soak or the bed.
			const charred = Math.round(dipped * density.value * 1000);
			const g = (code: string) => books.balance(code).dry_g;
			expect(g('K1')).toBe(0);
			expect(Math.abs(g('K2') + g('C1') + bed.g - charred)).toBeLessThanOrEqual(1);
			expect(books.balance('S1').volume_ml).toBe(
				Math.round(loose * 1000) - Math.round(l(book.part) * 1000)
			);
			expect(await page.complaints()).toEqual([]);
			books.close();
		});
	}
);
