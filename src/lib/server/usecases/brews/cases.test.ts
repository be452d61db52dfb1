import {
	readTemperature,
	doubtBrew,
	readSalt,
	smellBrew,
	tendBrew,
	skipRound
} from '../../demo/small';
import { beforeEach, describe, expect, it } from 'vitest';
import { bed as newBed, tub as newTub } from '../../../../../tests/fixtures/brewing';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import {
	because,
	day,
	done,
	envelope,
	hour,
	later,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../../tests/fixtures/garden';
import { dueDays } from '../../../core/brews';
import { celsius, kilograms, litres } from '../../../core/units';
import type { BrewInput } from '../../../input/brews';
import type { DrenchInput } from '../../../input/drench';
import type { Books } from '../../db/books';
import { writeSeen } from '../../../../../tests/fixtures/lines';
import { previewLine } from '../../line/log';
import { brewLine, cultureLines, kinPlaced } from '../../questions/brews';
import { germsOf, harvestFrom } from '../../questions/germs';
import { waysOfLot } from '../../questions/ledger';
import { programmeLines } from '../../questions/programmes';
import { standIns } from '../../questions/stand-ins';
import { dutiesOf } from '../../rooms/duties';
import { takeAway } from '../count-lot';
import { reverseAct } from '../reverse-act';
import { startCharge } from '../start-charge';
import { drenchBeds } from './drench-beds';
import { endProgramme, setProgramme, walkRound } from './programmes';
import { startBrew } from './start-brew';
import { feedBrew, strainBrew } from './strain-feed';
import { moveBrew } from './move-brew';

let books: Books;
const at = (d: number, h = 0) => start + d * day + h * hour;

const tub = (name: string, wide: number, deep: number) => newTub(books, name, wide, deep);
const bed = (name: string, more: Parameters<typeof newBed>[2] = {}) => newBed(books, name, more);

beforeEach(() => {
	books = yard();
	tub('Box', 0.3, 0.12);
	tub('Jar', 0.12, 0.24);
	tub('Second jar', 0.12, 0.24);
	tub('Third jar', 0.12, 0.24);
	tub('Pail', 0.28, 0.38);
	tub('Barrel', 0.5, 0.7);
});

const brew = (
	d: number,
	input: Omit<BrewInput, 'parts'> & Partial<Pick<BrewInput, 'parts'>>,
	h = 0,
	reason = ''
) => startBrew(books, later, because(reason, envelope(at(d, h))), { parts: [], ...input });
const code = (outcome: ReturnType<typeof brew>) => done(outcome).split('/').at(-1)!;
const smell = (d: number, of: string, what: Parameters<typeof smellBrew>[3]['smell'], h = 0) =>
	done(smellBrew(books, later, envelope(at(d, h)), { code: of, smell: what }));
const stateOf = (of: string, d: number, h = 0) =>
	brewLine(books.findings, books.brews.maybeOne(of)!, at(d, h)).state;
const pour = (
	d: number,
	lot: string,
	parts: number,
	amounts: Readonly<Record<string, number>>,
	more: Partial<DrenchInput> = {},
	h = 0,
	reason = ''
) =>
	drenchBeds(books, later, because(reason, envelope(at(d, h))), {
		lot,
		parts,
		basis: 'diluted',
		onto: 'soil',
		stops: Object.entries(amounts).map(([name, total]) => ({
			bed: name,
			ask: { by: 'all', litres: total },
			field: `diluted:${name}`
		})),
		...more
	});

const grain = (d = 0) =>
	code(
		brew(d, {
			recipe: 'grain-culture',
			name: 'barley, hop corner',
			vessel: 'Box',
			base: { litres: litres(2) },
			baseStuff: { stuff: 'cereal-grain' },
			temperature: celsius(20)
		})
	);
const keep = (d: number, jar: string, from: string, stuff: 'grain-culture' | 'kept-culture') =>
	brew(d, {
		recipe: 'kept-culture',
		vessel: jar,
		base: { kg: kilograms(0.4) },
		baseStuff: { stuff, lot: from },
		parts: [{ id: 'sugar', stuff: 'sugar' }],
		place: { lid: 'breathing' },
		temperature: celsius(20)
	});

/** A line to its third generation: ripe jars of 0.8 kg each. */
function threeGenerations(): readonly [string, string, string] {
	const wild = grain();
	smell(6, wild, 'pale-threads');
	const second = code(keep(7, 'Jar', wild, 'grain-culture'));
	smell(15, second, 'dough-and-fruit');
	const third = code(keep(16, 'Second jar', second, 'kept-culture'));
	smell(24, third, 'dough-and-fruit');
	return [wild, second, third];
}

describe('30 mL of a third-generation starter in 12 L of well water, 30 h at 17 °C', () => {
	it('is a lineage, a window and a supply; it closes to the milligram', () => {
		const [, , third] = threeGenerations();
		const tea = code(
			brew(30, {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(12) },
				water: { source: 'well' },
				parts: [
					{ id: 'starter', stuff: 'kept-culture', lot: third, measure: { litres: litres(0.03) } },
					{ id: 'molasses', stuff: 'molasses' }
				],
				place: { lid: 'breathing' },
				temperature: celsius(17)
			})
		);
		const placed = kinPlaced(books).get(tea)!;
		expect(placed).toMatchObject({ generation: 3, root: 'B1', doubtedFor: [] });
		// 24 h at 20 °C are 29.5 h at 17 °C: at thirty hours its hour has just come.
		expect(stateOf(tea, 31, 5)).toBe('working');
		expect(stateOf(tea, 31, 6)).toBe('wants-smell');
		smell(31, tea, 'bread-like', 6);
		expect(stateOf(tea, 31, 7)).toBe('ripe');
		// The same day: within a day of the nose that found it ripe.
		expect(stateOf(tea, 32, 7)).toBe('past');
		expect(books.brews.maybeOne(tea)!.made_l).toBeCloseTo(12.114, 3);
		expect(germsOf(books, tea)).toBe('sugar-fed');
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('three beds and two espaliers want more than it gives', () => {
	it('is refused until somebody says who goes first, then served as far as it goes', () => {
		for (const name of ['Middle 1', 'Middle 2', 'Middle 3']) bed(name);
		bed('Espaliers', { target: 'trees', pieces: 2, length_m: 2, width_m: 2, crop: 'pears' });
		const tea = code(
			brew(30, {
				recipe: 'aerated-tea',
				vessel: 'Pail',
				base: { litres: litres(15) },
				water: { source: 'rain' },
				parts: [{ id: 'bag', stuff: 'castings' }],
				temperature: celsius(20)
			})
		);
		smell(31, tea, 'earthy');
		const wants = { 'Middle 1': 22, 'Middle 2': 22, 'Middle 3': 30, Espaliers: 20 };
		expect(refused(pour(31, tea, 4, wants, {}, 1))).toContain('short');
		expect(books.ledger.lot(tea).volume_ul).toBe(15_000_000);
		done(pour(31, tea, 4, wants, { first: 'as-listed' }, 1));
		expect(books.ledger.lot(tea).volume_ul).toBe(0);
		const got = books.brews.drenches(books.ledger.lot(tea).id);
		expect(got.map(({ bed: name }) => name)).toEqual([
			'Middle 1',
			'Middle 2',
			'Middle 3',
			'Espaliers'
		]);
		// One litre is little for want of more: that is no slip, and nobody is asked.
		expect(got.at(-1)!.brew_l + got.at(-1)!.water_l).toBeCloseTo(1, 2);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a culture whose jar fails in its fourth generation', () => {
	it('costs its line a failure, and brewing from the jar or what came of it asks', () => {
		const [, , third] = threeGenerations();
		const fourth = code(keep(30, 'Third jar', third, 'kept-culture'));
		smell(38, fourth, 'dough-and-fruit');
		const fromFourth = (reason: string) =>
			brew(
				40,
				{
					recipe: 'microbe-tea',
					vessel: 'Pail',
					base: { litres: litres(10) },
					water: { source: 'rain' },
					parts: [
						{ id: 'starter', stuff: 'kept-culture', lot: fourth },
						{ id: 'molasses', stuff: 'molasses' }
					],
					temperature: celsius(20)
				},
				0,
				reason
			);
		smell(39, fourth, 'mouldy');
		expect(stateOf(fourth, 40)).toBe('failed');
		expect(refused(fromFourth(''))).toEqual(['starter-not-ripe']);
		const tea = code(fromFourth('to see whether it shows'));
		expect(kinPlaced(books).get(tea)?.doubtedFor).toEqual([fourth]);
		const [line] = cultureLines(books);
		expect(line).toMatchObject({ generations: 4, failed: 1, worked: 3, doubted: [fourth] });
		// A doubt that somebody marks is carried forward too.
		done(doubtBrew(books, later, envelope(at(41)), { code: third, why: 'smells thin' }));
		expect(kinPlaced(books).get(tea)?.doubtedFor).toEqual([third, fourth]);
		expect(refused(keep(42, 'Jar', third, 'kept-culture'))).toEqual(['tub-busy', 'doubtful-line']);
	});

	it('black grain is discarded unopened, and only what is asked of its kind is kept', () => {
		const wild = grain();
		expect(
			refused(smellBrew(books, later, envelope(at(3)), { code: wild, smell: 'earthy' }))
		).toEqual(['not-asked']);
		smell(3, wild, 'black-or-green');
		expect(dutiesOf(books, at(3)).find((one) => one.code === wild)).toMatchObject({
			is: 'wrong',
			says: 'discard it unopened'
		});
	});
});

describe('worm tea ripe at dusk after a cold night', () => {
	it('is put back by the hours that were cold, as a hand reckons them', () => {
		const tea = code(
			brew(
				30,
				{
					recipe: 'aerated-tea',
					vessel: 'Pail',
					base: { litres: litres(18) },
					water: { source: 'rain' },
					parts: [{ id: 'bag', stuff: 'castings' }],
					temperature: celsius(20)
				},
				7
			)
		);
		for (const [h, c] of [
			[15, 10],
			[25, 20]
		] as const)
			done(
				readTemperature(books, later, envelope(at(30, h)), {
					at: 'lot',
					name: tea,
					temperature: celsius(c)
				})
			);
		// 8 h at 20 °C, 10 h at 10 °C that count five: 13 h by hour 25, so 18 h are full five hours later.
		expect(stateOf(tea, 30, 29.9)).toBe('working');
		expect(stateOf(tea, 30, 30.1)).toBe('wants-smell');
	});
});

describe('tap water', () => {
	const tea = (water: BrewInput['water'], reason = ''): ReturnType<typeof brew> =>
		brew(
			30,
			{
				recipe: 'aerated-tea',
				vessel: 'Pail',
				base: { litres: litres(18) },
				water,
				parts: [{ id: 'bag', stuff: 'castings' }],
				temperature: celsius(18)
			},
			0,
			reason
		);

	it('with chloramine wants ascorbic acid first, with chlorine its hours', () => {
		expect(refused(tea({ source: 'tap-chloramine', stood_h: 30 }))).toEqual(['water-wants-acid']);
		expect(refused(tea({ source: 'tap-chlorine', stood_h: 6 }))).toEqual(['water-wants-time']);
		expect(code(tea({ source: 'tap-chloramine', ascorbic: true }))).toBe('B1');
		expect(books.brews.maybeOne('B1')!.start.water).toEqual({
			source: 'tap-chloramine',
			ascorbic: true
		});
	});

	it('and all else that speaks against a brew is asked at once', () => {
		const [, second] = threeGenerations();
		done(doubtBrew(books, later, envelope(at(25)), { code: second, why: 'smells thin' }));
		const asked = brew(30, {
			recipe: 'microbe-tea',
			vessel: 'Pail',
			base: { litres: litres(10) },
			water: { source: 'tap-unknown' },
			parts: [
				{ id: 'starter', stuff: 'kept-culture', lot: second },
				{ id: 'molasses', stuff: 'molasses' }
			],
			place: { lid: 'shut' },
			temperature: celsius(20)
		});
		expect(refused(asked)).toEqual(['water-wants-acid', 'place-shut-lid', 'doubtful-line']);
	});

	it('is the grower’s to take with a reason, which is kept', () => {
		expect(code(tea({ source: 'tap-unknown' }, 'it was all there was'))).toBe('B1');
		expect(books.brews.maybeOne('B1')!.start.reason).toBe('it was all there was');
	});
});

describe('a nettle and hop-bine barrel, eleven weeks, leaking lid, strength unknown', () => {
	it('may stink and be right; its lid is a duty; a meter says how far to thin it', () => {
		bed('Hops');
		const input = {
			recipe: 'submerged-ferment' as const,
			name: 'nettle and hop bines',
			vessel: 'Barrel',
			base: { litres: litres(70) },
			water: { source: 'well' as const },
			parts: [{ id: 'leaves', stuff: 'greens' as const, measure: { kg: kilograms(20) } }],
			temperature: celsius(19)
		};
		const place = { downwind: true, shade: true, house_m: 40, boundary_m: 12, water_m: 6 };
		expect(refused(brew(0, { ...input, place }))).toEqual(['place-near-water']);
		expect(refused(brew(0, { ...input, place: { ...place, water_m: 30, lid: 'shut' } }))).toEqual([
			'place-shut-lid'
		]);
		const barrel = code(brew(0, { ...input, place: { ...place, water_m: 30, lid: 'vented' } }));
		const d = 77;
		done(tendBrew(books, later, envelope(at(d - 2)), { code: barrel, how: 'lid-leaks' }));
		smell(d, barrel, 'strong');
		expect(stateOf(barrel, d)).toBe('ripe');
		expect(dutiesOf(books, at(d)).find((one) => one.code === barrel)).toMatchObject({
			is: 'due',
			act: 'Mend its lid'
		});
		done(tendBrew(books, later, envelope(at(d, 1)), { code: barrel, how: 'lid-mended' }));
		done(tendBrew(books, later, envelope(at(d, 1)), { code: barrel, how: 'vented' }));
		expect(dutiesOf(books, at(d, 2)).find((one) => one.code === barrel)?.is).toBe('working');
		done(readSalt(books, later, envelope(at(d, 2)), { code: barrel, dS_m: 18 }));
		// On leaves it asks; as poured too salty asks; thinned enough it goes.
		expect(refused(pour(d, barrel, 50, { Hops: 0.5 }, { onto: 'leaves' }, 3))).toContain(
			'not-for-leaves'
		);
		expect(refused(pour(d, barrel, 10, { Hops: 22 }, { salt: 3.4 }, 3))).toContain('too-salty');
		done(pour(d, barrel, 50, { Hops: 22 }, { salt: 0.7 }, 3));
		done(strainBrew(books, later, envelope(at(d, 5)), { code: barrel, drawn: litres(50) }));
		expect(books.ledger.lot(barrel).volume_ul).toBe(50_000_000);
		expect(
			refused(strainBrew(books, later, envelope(at(d, 6)), { code: barrel, drawn: litres(5) }))
		).toEqual(['already-strained']);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('comfrey liquor at its smelliest', () => {
	it('is as it should be, wants its stirring, and is undone with its straining', () => {
		const comfrey = code(
			brew(0, {
				recipe: 'steeped-liquor',
				vessel: 'Barrel',
				base: { litres: litres(80) },
				water: { source: 'rain' },
				parts: [{ id: 'leaves', stuff: 'fresh-leaves', measure: { kg: kilograms(8) } }],
				place: { downwind: true, house_m: 30, lid: 'breathing' },
				temperature: celsius(20)
			})
		);
		const task = (d: number) =>
			brewLine(books.findings, books.brews.maybeOne(comfrey)!, at(d)).tasks.filter(
				({ due_ms }) => due_ms <= at(d)
			);
		expect(task(2)).toEqual([]);
		expect(task(4)).toMatchObject([{ does: 'stir' }]);
		done(tendBrew(books, later, envelope(at(4)), { code: comfrey, how: 'stirred' }));
		expect(task(5)).toEqual([]);
		smell(16, comfrey, 'strong');
		expect(stateOf(comfrey, 16)).toBe('ripe');
		const before = books.brews.maybeOne(comfrey)!.contents;
		done(
			strainBrew(books, later, envelope(at(17), 'strained-comfrey'), {
				code: comfrey,
				drawn: litres(70)
			})
		);
		const liquor = books.brews.maybeOne(comfrey)!;
		expect(liquor.volume_ul).toBe(70_000_000);
		expect(liquor.contents.potassium).toBeCloseTo((before.potassium ?? 0) * 0.9, -2);
		expect(liquor.contents.other).toBeUndefined();
		done(
			reverseAct(books, later, envelope(at(18)), {
				actId: 'strained-comfrey',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(books.brews.maybeOne(comfrey)).toMatchObject({
			volume_ul: 80_000_000,
			strainedAt_ms: null
		});
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a whey culture at 1 : 1000', () => {
	it('goes a long way, and ten times too much of it is asked about', () => {
		for (const n of [1, 2, 3, 4]) bed(`Middle ${n}`);
		const wash = code(
			brew(0, {
				recipe: 'grain-wash',
				vessel: 'Jar',
				base: { litres: litres(1.5) },
				water: { source: 'rain' },
				parts: [{ id: 'grain', stuff: 'cereal-grain' }],
				temperature: celsius(20)
			})
		);
		smell(4, wash, 'sour');
		const whey = code(
			brew(4, {
				recipe: 'milk-culture',
				vessel: 'Pail',
				base: { litres: litres(5) },
				baseStuff: { stuff: 'milk' },
				parts: [{ id: 'starter', stuff: 'grain-wash', lot: wash }],
				place: { lid: 'breathing' },
				temperature: celsius(20)
			})
		);
		smell(11, whey, 'clear-whey');
		done(strainBrew(books, later, envelope(at(11, 1)), { code: whey, drawn: litres(4) }));
		const beds = { 'Middle 1': 22, 'Middle 2': 22, 'Middle 3': 22, 'Middle 4': 22 };
		// All that is odd is asked at once: one answer passes over none of it.
		expect(refused(pour(12, whey, 10, { 'Middle 1': 220 }))).toEqual(['short']);
		expect(refused(pour(12, whey, 100, { 'Middle 1': 220 }))).toEqual([
			'odd-dilution',
			'odd-watering-much'
		]);
		expect(refused(pour(12, whey, 1000, { ...beds, 'Middle 1': 220 }))).toContain(
			'odd-watering-much'
		);
		// Concentrate told for diluted: 22 mL where 22 L are usual.
		expect(refused(pour(12, whey, 1000, { 'Middle 1': 2.2 }))).toContain('odd-watering-little');
		done(pour(12, whey, 1000, beds));
		expect(books.ledger.lot(whey).volume_ul).toBe(4_000_000 - 4 * 21_978);
		// The brew itself, told as such, is the same round again.
		done(pour(13, whey, 1000, { 'Middle 1': 0.022 }, { basis: 'brew' }));
		expect(books.brews.drenches(books.ledger.lot(whey).id).at(-1)!.water_l).toBeCloseTo(22, 1);
	});
});

describe('ash tea', () => {
	const ash = (place: BrewInput['place']) =>
		brew(0, {
			recipe: 'ash-tea',
			vessel: 'Pail',
			base: { litres: litres(15) },
			water: { source: 'rain' },
			parts: [{ id: 'ash', stuff: 'hardwood-ash', measure: { kg: kilograms(0.12) } }],
			...(place ? { place } : {}),
			temperature: celsius(20)
		});

	it('is refused on a camellia, on leaves, in metal, and on ground that is sweet already', () => {
		bed('Camellias', { acidLover: true, ph: 5.2 });
		bed('Sweet', { ph: 7.1 });
		bed('Sour', { ph: 5.8 });
		expect(refused(ash(undefined))).toEqual(['plastic-only']);
		const tea = code(ash({ plastic: true }));
		smell(8, tea, 'amber');
		const asked = (name: string, more: Partial<DrenchInput> = {}) =>
			refused(pour(9, tea, 10, { [name]: 20 }, more, 0, 'it looks pale'));
		expect(asked('Camellias')).toEqual(['ash-acid-lover']);
		expect(asked('Sweet')).toEqual(['ash-sweet-ground']);
		expect(asked('Sour', { onto: 'leaves' })).toEqual(['lye-on-leaves']);
		done(pour(9, tea, 10, { Sour: 20 }));
		const had = books.applications.had(books.beds.maybeOne('Sour')!.id);
		// Its lime and potash are on the bed's books, and so is its ash for the year's cap.
		expect(had.lime).toBeGreaterThan(0);
		expect(had.potassium).toBeGreaterThan(0);
		expect(had.ash).toBeGreaterThan(0);
		expect(faultsOf(books)).toEqual([]);
	});

	it('waits where nitrogen went on within two weeks', () => {
		bed('Sour', { ph: 5.8 });
		const tea = code(ash({ plastic: true }));
		smell(8, tea, 'amber');
		tub('Tea tub', 0.28, 0.38);
		const worm = code(
			brew(8, {
				recipe: 'aerated-tea',
				vessel: 'Tea tub',
				base: { litres: litres(15) },
				water: { source: 'rain' },
				parts: [{ id: 'bag', stuff: 'castings' }],
				temperature: celsius(20)
			})
		);
		smell(9, worm, 'earthy', 4);
		done(pour(9, worm, 4, { Sour: 22 }, {}, 5));
		expect(refused(pour(12, tea, 10, { Sour: 20 }))).toEqual(['ash-nitrogen']);
		done(pour(30, tea, 10, { Sour: 20 }));
	});
});

describe('food', () => {
	it('what fed on sugar stays off leaves eaten raw, asks on their ground, and sets the harvest', () => {
		bed('Salad', { eatenRaw: true, crop: 'lettuce' });
		const [, , third] = threeGenerations();
		const tea = code(
			brew(30, {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(10) },
				water: { source: 'rain' },
				parts: [
					{ id: 'starter', stuff: 'kept-culture', lot: third },
					{ id: 'molasses', stuff: 'molasses' }
				],
				temperature: celsius(20)
			})
		);
		smell(31, tea, 'bread-like', 2);
		expect(refused(pour(31, tea, 20, { Salad: 0.5 }, { onto: 'leaves' }, 3, 'dry'))).toEqual([
			'germs-on-leaves'
		]);
		expect(refused(pour(31, tea, 10, { Salad: 22 }, {}, 3))).toEqual(['germs-near-food']);
		done(pour(31, tea, 10, { Salad: 22 }, {}, 3, 'nothing is eaten before summer'));
		const harvest = harvestFrom(books, books.beds.maybeOne('Salad')!, at(32))!;
		expect(harvest).toMatchObject({ code: tea, germs: 'sugar-fed' });
		expect((harvest.onSoilFrom_ms - at(31, 3)) / day).toBeCloseTo(120, 6);
	});

	it('a culture goes on a bed for a reason only', () => {
		const wild = grain();
		smell(6, wild, 'pale-threads');
		expect(refused(pour(6, wild, 10, { 'Mere 2': 20 }))).toContain('feeds-the-next');
	});
});

describe('feeding', () => {
	it('puts off the end of what keeps, and only takes what its kind lives on', () => {
		const [, second] = threeGenerations();
		const past = () =>
			brewLine(books.findings, books.brews.maybeOne(second)!, at(60)).window.past_ms!;
		const before = past();
		const feed = (stuff: 'sugar' | 'milk') =>
			feedBrew(books, later, envelope(at(60)), {
				code: second,
				with: { stuff },
				measure: { kg: kilograms(0.1) }
			});
		expect(refused(feed('milk'))).toEqual(['wrong-part']);
		// Fed with a jar that is doubted it asks, and takes an answer.
		const mixed = (reason: string) =>
			feedBrew(books, later, because(reason, envelope(at(60))), {
				code: 'B3',
				with: { stuff: 'kept-culture', lot: second },
				measure: { kg: kilograms(0.02) }
			});
		done(doubtBrew(books, later, envelope(at(59)), { code: second, why: 'smells thin' }));
		expect(refused(mixed(''))).toEqual(['doubtful-line']);
		done(mixed('to see'));
		done(feed('sugar'));
		expect((past() - before) / day).toBeCloseTo(45, 0);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a programme', () => {
	const phases = [{ from: '2026-04-01', until: '2026-05-13', every_days: 14 }];
	const set = () => {
		for (const n of [1, 2]) bed(`Middle ${n}`);
		done(
			setProgramme(books, later, envelope(at(25)), {
				name: 'Dye beds',
				isNew: true,
				recipe: 'microbe-tea',
				phases,
				parts: 10,
				onto: 'soil',
				temperature: celsius(20),
				stops: ['Middle 1', 'Middle 2'].map((name) => ({
					bed: name,
					ask: { by: 'each', litres: 3 },
					field: `each:${name}`
				}))
			})
		);
	};
	// The first round is on 1 April, the 31st day after 1 March.
	const first = 31;

	it('counts back what must be set going, and a tea that will be good serves', () => {
		const [, , third] = threeGenerations();
		set();
		const lineAt = (d: number, h = 0) => programmeLines(books, at(d, h))[0]!;
		const starts = lineAt(26).next!.starts;
		expect(starts.map(({ recipe }) => recipe)).toEqual(['microbe-tea', 'kept-culture']);
		// Either jar will do: both are there.
		expect([third, 'B2']).toContain(starts[1]!.uses);
		expect(lineAt(26).needs_l).toBeCloseTo((2 * 7.2 * 3) / 11, 6);
		const starting = starts[0]!.start_ms;
		expect(
			dutiesOf(books, starting - 2 * hour).some(
				({ title, is, href }) =>
					title === 'Start multiplied microbe tea for Dye beds' &&
					is === 'due' &&
					href === '/brews/plan?recipe=microbe-tea&base=4+L'
			)
		).toBe(true);
		const tea = code(
			startBrew(books, later, envelope(starting), {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(10) },
				water: { source: 'rain' },
				parts: [
					{ id: 'starter', stuff: 'kept-culture', lot: third },
					{ id: 'molasses', stuff: 'molasses' }
				],
				temperature: celsius(20)
			})
		);
		expect(lineAt(first).now).toMatchObject({ due: '2026-04-01', served: tea });
		smell(first, tea, 'bread-like', 7);
		done(
			walkRound(books, later, envelope(at(first, 8), 'walk-it'), {
				name: 'Dye beds',
				due: '2026-04-01',
				lot: tea
			})
		);
		expect(lineAt(first, 9).rounds[0]?.state).toBe('done');
		expect(books.brews.drenches(books.ledger.lot(tea).id)).toHaveLength(2);
		// Walked in another tab too, the beds are not watered twice; nor on a day that is none of its.
		const again = (due: string) =>
			walkRound(books, later, envelope(at(first, 9)), {
				name: 'Dye beds',
				due,
				lot: tea
			});
		expect(refused(again('2026-04-01'))).toEqual(['round-walked']);
		expect(refused(again('2026-04-02'))).toEqual(['no-such-round']);
		// Sent twice it is one round.
		done(
			walkRound(books, later, envelope(at(first, 8), 'walk-it'), {
				name: 'Dye beds',
				due: '2026-04-01',
				lot: tea
			})
		);
		expect(books.brews.drenches(books.ledger.lot(tea).id)).toHaveLength(2);
		expect(faultsOf(books)).toEqual([]);
	});

	const teaFor = (d: number, litresOf: number, starter: string) =>
		code(
			startBrew(books, later, envelope(at(d)), {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(litresOf) },
				water: { source: 'rain' },
				parts: [
					{ id: 'starter', stuff: 'kept-culture', lot: starter },
					{ id: 'molasses', stuff: 'molasses' }
				],
				temperature: celsius(20)
			})
		);
	const alsoSet = (name: string, priority?: 'first') =>
		done(
			setProgramme(books, later, envelope(at(25)), {
				name,
				isNew: true,
				recipe: 'microbe-tea',
				phases,
				parts: 10,
				onto: 'soil',
				temperature: celsius(20),
				stops: [{ bed: 'Middle 1', ask: { by: 'each', litres: 3 }, field: 'each:Middle 1' }],
				...(priority ? { priority } : {})
			})
		);

	it('has a tea once: what one round takes is not there for another, the first by hand first', () => {
		const [, , third] = threeGenerations();
		set();
		alsoSet('Also');
		const tea = teaFor(30, 4.5, third);
		const servedOf = () =>
			Object.fromEntries(
				programmeLines(books, at(first)).map(({ programme, now }) => [programme.name, now?.served])
			);
		// Four litres of it go to the first programme: too little is left for the other.
		expect(servedOf()).toEqual({ 'Dye beds': tea, Also: undefined });
		done(endProgramme(books, later, envelope(at(30, 1)), { name: 'Also' }));
		alsoSet('First', 'first');
		expect(servedOf()).toEqual({ 'Dye beds': undefined, First: tea });
	});

	it('a jar with a sip left starts nothing', () => {
		const [, second, third] = threeGenerations();
		set();
		for (const jar of [second, third])
			done(
				takeAway(books, later, envelope(at(25)), {
					code: jar,
					part: books.ledger.lot(jar).volume_ul / 1e6 - 0.002,
					how: 'dispose',
					reason: 'spilt'
				})
			);
		const { starts } = programmeLines(books, at(26))[0]!.next!;
		expect(starts.every(({ uses }) => uses !== second && uses !== third)).toBe(true);
	});

	it('a round may be walked late, let go by, told short, and the programme be changed', () => {
		const [, , third] = threeGenerations();
		set();
		const skip = (due: string) =>
			skipRound(books, later, envelope(at(27)), { name: 'Dye beds', due, why: 'wet' });
		expect(refused(skip('2026-04-02'))).toEqual(['no-such-round']);
		done(skip('2026-04-15'));
		const stateOfRound = (due: string, d: number) =>
			programmeLines(books, at(d))[0]!.rounds.find((round) => round.due === due)?.state;
		expect(stateOfRound('2026-04-15', 60)).toBe('skipped');
		const walk = (lot: string, d: number, due = '2026-04-01') =>
			walkRound(books, later, because('late', envelope(at(d))), { name: 'Dye beds', due, lot });
		const small = teaFor(37, 2, third);
		smell(39, small, 'bread-like');
		expect(refused(walk(small, 39))).toEqual(['round-short']);
		done(
			takeAway(books, later, envelope(at(39, 1)), {
				code: small,
				part: 'all',
				how: 'dispose',
				reason: 'too little'
			})
		);
		const whole = teaFor(39.5, 6, third);
		smell(41, whole, 'bread-like');
		expect(stateOfRound('2026-04-01', 41)).toBe('missed');
		done(walk(whole, 41));
		expect(stateOfRound('2026-04-01', 42)).toBe('done');
		expect(refused(skip('2026-04-01'))).toEqual(['round-walked']);
		done(
			setProgramme(books, later, envelope(at(42)), {
				name: 'Dye beds',
				isNew: false,
				recipe: 'microbe-tea',
				phases: [{ from: '2026-04-01', until: '2026-05-13', every_days: 7 }],
				parts: 20,
				onto: 'soil',
				temperature: celsius(20),
				stops: [{ bed: 'Middle 2', ask: { by: 'all', litres: 10 }, field: 'each:Middle 2' }]
			})
		);
		expect(books.programmes.standing()).toHaveLength(1);
		expect(stateOfRound('2026-04-01', 43)).toBe('done');
		expect(programmeLines(books, at(43))[0]!.needs_l).toBeCloseTo(10 / 21, 6);
	});

	it('of a year that is past is asked about, and its days are read ahead', () => {
		bed('Middle 1');
		const late = setProgramme(books, at(100), envelope(at(100)), {
			name: 'Late',
			isNew: true,
			recipe: 'microbe-tea',
			phases,
			parts: 10,
			onto: 'soil',
			temperature: celsius(20),
			stops: [{ bed: 'Middle 1', ask: { by: 'all', litres: 10 }, field: 'each:Middle 1' }]
		});
		expect(late).toMatchObject({ issues: [{ field: 'sure-programme-past' }] });
	});

	it('moves on from a missed round and says so, keeps its name to itself, and ends', () => {
		set();
		const again = setProgramme(books, later, envelope(at(26)), {
			name: 'Dye beds',
			isNew: true,
			recipe: 'aerated-tea',
			phases,
			parts: 4,
			onto: 'soil',
			temperature: celsius(20),
			stops: [{ bed: 'Middle 1', ask: { by: 'all', litres: 20 }, field: 'each:Middle 1' }]
		});
		expect(refused(again)).toEqual(['programme-taken']);
		const alike = { name: 'dye BEDS', isNew: true, phases, parts: 10, temperature: celsius(20) };
		const stops = [
			{ bed: 'Middle 1', ask: { by: 'all' as const, litres: 1 }, field: 'each:Middle 1' }
		];
		const other = (more: Pick<Parameters<typeof setProgramme>[3], 'recipe' | 'onto'>) =>
			refused(setProgramme(books, later, envelope(at(26)), { ...alike, stops, ...more }));
		expect(other({ recipe: 'microbe-tea', onto: 'soil' })).toEqual(['programme-taken']);
		const lye = { ...alike, stops, name: 'Other', recipe: 'ash-tea', onto: 'leaves' } as const;
		expect(refused(setProgramme(books, later, envelope(at(26)), lye))).toEqual(['lye-on-leaves']);
		const d = first + 6;
		expect(programmeLines(books, at(d))[0]).toMatchObject({ missed: [{ due: '2026-04-01' }] });
		expect(
			dutiesOf(books, at(d)).some(({ title }) => title === 'Dye beds: a round was missed')
		).toBe(true);
		done(endProgramme(books, later, envelope(at(d)), { name: 'Dye beds' }));
		expect(programmeLines(books, at(d, 1))).toEqual([]);
		expect(dueDays(phases)).toHaveLength(4);
	});
});

describe('brews in the log', () => {
	const reading = { timeZone: 'UTC', person: 'Ines', now_ms: at(31, 12) };
	const preview = (line: string) => {
		const read = previewLine(books, reading, line).reading;
		return read.status === 'understood'
			? `${String(read.told.head)}. ${String(read.told.text)}`
			: read.issues.map(({ code: one }) => one).join();
	};
	const write = (line: string, id: string) => done(writeSeen(books, reading, line, id));

	it('a tea by its name and its parts, a jar by weight, ash by its kind', () => {
		expect(preview('brew tea2 pail 18 L rain castings 1 L molasses 60 mL')).toMatch(
			/^B1 tea2 in Pail\. Taken to stand at 18 °C\. 18 L with 1 L of worm castings and 60 mL of molasses/
		);
		const wild = grain(25);
		smell(31, wild, 'pale-threads');
		expect(preview(`brew Jar ${wild} 300 g sugar 300 g at 20 C`)).toContain('kept culture in Jar');
		expect(preview('brew Pail 10 L rain ash 80 g plastic')).toContain('ash tea in Pail');
		// Nothing is taken for granted: a line says what a page asks.
		expect(preview('brew Pail 10 L rain ash 80 g')).toBe('plastic-only');
		expect(preview('brew Barrel 80 L nettles 8 kg')).toBe('water-untold,place-untold');
		expect(preview('brew Pail 10 L milk 2 L')).toBe('line-brew-which');
		expect(preview('brew Barrel 80 L rain nettles 8 kg downwind')).toContain(
			'steeped plant liquor in Barrel'
		);
	});

	it('a stink by its kind, warmth, straining, feeding and several beds at once', () => {
		for (const n of [1, 2, 3]) bed(`Middle ${n}`);
		write(
			'brew comfrey Barrel 80 L rain comfrey 8 kg downwind at 20 C @ 20 days ago',
			'line-comfrey'
		);
		expect(preview('smell B1 stinks')).toContain('this is the process');
		write('smell B1 stinks', 'line-stinks');
		write('temp B1 14', 'line-temp');
		write('stir B1', 'line-stir');
		expect(preview('drench Middle 1-3 B1 1:10 3 L/m2')).toMatch(
			/Water Middle 1, Middle 2 and Middle 3 with B1 at 1 : 10.*5\.9 L of the brew in 65 L poured/
		);
		expect(preview('drench Middle 1, Middle 3 B1 1:10 2 L neat')).toMatch(/4 L of the brew/);
		write('drench Middle 1-3 B1 1:10 3 L/m2', 'line-round');
		expect(books.brews.drenches(books.ledger.lot('B1').id)).toHaveLength(3);
		expect(preview('drench Middle 1-3 B1 1:10 220 L').split(',')).toEqual(
			['Middle 1', 'Middle 2', 'Middle 3'].map(() => 'odd-watering-much')
		);
		write('strain B1 60 L', 'line-strain');
		expect(books.ledger.lot('B1').volume_ul).toBe(60_000_000);
		expect(preview('feed B1 comfrey 2 kg')).toContain('B1 fed');
		expect(preview('feed B1')).toBe('line-feed');
		expect(preview('strain B1')).toBe('line-strain');
	});
});

describe('char that soaks in a brew', () => {
	it('takes its nitrogen and potassium, its germs and its trace, by the books of that brew', () => {
		withRipeSoak(books);
		const comfrey = code(
			brew(0, {
				recipe: 'steeped-liquor',
				vessel: 'Barrel',
				base: { litres: litres(80) },
				water: { source: 'rain' },
				parts: [{ id: 'leaves', stuff: 'fresh-leaves', measure: { kg: kilograms(8) } }],
				place: { downwind: true },
				temperature: celsius(20)
			})
		);
		smell(16, comfrey, 'strong');
		done(strainBrew(books, later, envelope(at(16)), { code: comfrey, drawn: litres(76) }));
		expect(standIns(books, at(17))).toMatchObject([
			{ code: comfrey, material: 'plant-liquor', volume_ul: 76_000_000 }
		]);
		const before = books.brews.maybeOne(comfrey)!.contents.potassium!;
		const charged = done(
			startCharge(books, later, envelope(at(17)), {
				char: 'K2',
				part: 10,
				school: 'plant-soak',
				partner: 'plant-liquor',
				partnerLot: comfrey,
				ratio: 1,
				wantedN: 5,
				tub: 'Pail',
				temperature: celsius(15)
			})
		)
			.split('/')
			.at(-1)!;
		const charge = books.batches.maybeOne(charged)!;
		const gone = before - (books.brews.maybeOne(comfrey)!.contents.potassium ?? 0);
		expect(charge.contents.potassium).toBe(gone);
		expect(gone).toBeGreaterThan(0);
		expect(charge.ingredients.map(({ fromCode }) => fromCode)).toContain(comfrey);
		expect(germsOf(books, charged)).toBe('none');
		expect(
			waysOfLot(books, books.ledger.lot(comfrey).id, comfrey).forward.steps.map((one) => one.code)
		).toContain(charged);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('putting a brew elsewhere', () => {
	it('frees its vessel for the next, and only goes where it fits and nothing stands', () => {
		const tea = (d: number) =>
			brew(d, {
				recipe: 'aerated-tea',
				vessel: 'Pail',
				base: { litres: litres(15) },
				water: { source: 'rain' },
				parts: [{ id: 'bag', stuff: 'castings' }],
				temperature: celsius(20)
			});
		const first = code(tea(0));
		const move = (vessel?: string) =>
			moveBrew(books, later, envelope(at(1)), { code: first, ...(vessel ? { vessel } : {}) });
		expect(refused(move('Jar'))).toEqual(['more-than-vessel']);
		expect(refused(move('Lantern'))).toEqual(['no-tub']);
		expect(refused(move('Pail'))).toEqual(['tub-busy']);
		done(move());
		expect(refused(move())).toEqual(['stands-there']);
		expect(code(tea(2))).toBe('B2');
		// A bag is lifted out: there is nothing to draw the tea off.
		expect(
			refused(strainBrew(books, later, envelope(at(2)), { code: first, drawn: litres(5) }))
		).toEqual(['nothing-to-strain']);
	});
});

describe('what is poured out', () => {
	it('frees its vessel and leaves its line what it showed', () => {
		const wild = grain();
		smell(6, wild, 'pale-threads');
		done(
			takeAway(books, later, envelope(at(8)), {
				code: wild,
				part: 'all',
				how: 'dispose',
				reason: 'on the heap'
			})
		);
		expect(cultureLines(books)[0]).toMatchObject({ worked: 1, failed: 0 });
		expect(
			code(
				brew(9, {
					recipe: 'grain-culture',
					vessel: 'Box',
					base: { litres: litres(1) },
					baseStuff: { stuff: 'cereal-grain' },
					temperature: celsius(20)
				})
			)
		).toBe('B2');
	});
});
