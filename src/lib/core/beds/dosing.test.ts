import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	exactly,
	kgDryPerLitre,
	litres,
	litresPerM2,
	metres,
	share,
	squareMetres,
	wetBasis,
	type Range
} from '../units';
import {
	askedRate,
	carryRound,
	compareSchools,
	groundOf,
	doseSchools,
	pottingFor,
	rateFormOf,
	rateInLitres,
	readAsk,
	readMoisture,
	suggestRound,
	translateRate,
	wantOf,
	weighWant,
	weightAsVolume,
	type BedTraits,
	type Ground,
	type RateForm
} from './index';

const ground: Ground = { area: squareMetres(8), depth: metres(0.15) };
const density = kgDryPerLitre(0.18);
const terms = { density, depth: ground.depth };
const lot = { charShare: exactly(0.5), density: exactly(0.18), litresLeft: litres(100) };
const barrow = { measures: [{ name: 'barrow', litres: 78 }] };

const rateOf = (form: RateForm, amount: number) => {
	const read = rateInLitres(form, amount, { ...terms, moisture: wetBasis(0.4) });
	if (read.status !== 'rate') throw new Error(`${amount} ${form}: ${read.status}`);
	return read.rate;
};

describe('a rate quoted by others', () => {
	// Factors of NIST Handbook 44 (2024), appendix C, worked by hand to four figures.
	it.each([
		['ft3/100ft2', 1, 3.048],
		['metric-cup/ft2', 1, 2.691],
		['t/ha', 10, 1 / 0.18],
		['ton/acre', 1, 0.22417 / 0.18],
		['kg-as-sold/m2', 2, 1.2 / 0.18],
		['lb-as-sold/ft2', 1, (4.8824 * 0.6) / 0.18]
	] as const)('%s', (form, amount, inLitres) => {
		expect(rateOf(form, amount)).toBeCloseTo(inLitres, 3);
	});
	it('as sold, asks for the water in it', () => {
		expect(rateInLitres('kg-as-sold/m2', 2, terms).status).toBe('moisture-wanted');
		expect(translateRate(litresPerM2(5), terms)['lb-as-sold/ft2']).toBeUndefined();
	});
	it.each([
		['L/m2', 'L/m2'],
		['litres per sq m', 'L/m2'],
		['kg dry/m²', 'kg/m2'],
		['US cups per sq. ft', 'cup/ft2'],
		['metric cups/ft2', 'metric-cup/ft2'],
		['cu ft per 100 sq ft', 'ft3/100ft2'],
		['% of soil', 'percent'],
		['t/ha', 't/ha'],
		['cups/ft²', 'which-cup'],
		['barrow', undefined],
		['', undefined]
	])('%j is read as %s', (typed, form) => {
		expect(rateFormOf(typed)).toBe(form);
	});
});

describe('an amount as typed', () => {
	it('is read as people say it: to the square foot, a bag on so many metres, ounces asked about', () => {
		expect(readAsk('2 US cups to the square foot', 'L/m2')).toMatchObject({
			ask: { by: 'rate', form: 'cup/ft2', amount: 2 }
		});
		expect(readAsk('5 L on each square metre', 'percent')).toMatchObject({
			ask: { by: 'rate', form: 'L/m2', amount: 5 }
		});
		const bag = { measures: [{ name: 'bag', litres: 40 }] };
		expect(readAsk('a bag on 4 m2', 'L/m2', bag)).toMatchObject({
			ask: { by: 'spread', litres: 40, over_m2: 4 }
		});
		const feet = readAsk('2 cubic feet on 32 sq ft', 'L/m2');
		expect(feet).toMatchObject({ ask: { by: 'spread' } });
		if (feet.status !== 'ok' || feet.ask.by !== 'spread') throw new Error('no spread');
		expect(feet.ask.litres / feet.ask.over_m2).toBeCloseTo((2 * 28.3168) / (32 * 0.092903), 2);
		expect(readAsk('6 oz/ft2', 'L/m2')).toMatchObject({
			status: 'ask',
			code: 'weight',
			options: ['0.375 lb dry/ft2', '0.375 lb as sold/ft2']
		});
		expect(readAsk('a bag on 0 m2', 'L/m2', bag).status).toBe('bad');
	});

	it('as a part of the mix that fills the pots', () => {
		const third = readAsk('a third of the mix', 'carried');
		expect(third).toMatchObject({ ask: { by: 'mix', share: expect.closeTo(1 / 3, 9) as number } });
		expect(readAsk('20 % of the potting mix', 'L/m2')).toMatchObject({ ask: { share: 0.2 } });
		expect(readAsk('2 L of the mix', 'L/m2').status).toBe('bad');
		const pots = groundOf({
			target: 'pots',
			pieces: 10,
			length: metres(0.3),
			width: metres(0.3),
			depth: metres(0.25)
		});
		const asked = third.status === 'ok' && askedRate(third.ask, pots, lot, terms);
		// 10 pots hold 177 L: a third of them is 59 L of the lot, half of that char, on 0.71 m².
		expect(asked).toMatchObject({
			status: 'rate',
			rate: expect.closeTo(177 / 3 / 2 / 0.707, 0) as number
		});
	});

	it('takes the unit in the text before the one beside it', () => {
		expect(readAsk('2 L/m2', 'percent')).toMatchObject({ ask: { form: 'L/m2', amount: 2 } });
		expect(readAsk('3 %', 'L/m2')).toMatchObject({ ask: { form: 'percent', amount: 3 } });
		expect(readAsk('3', 'kg/m2')).toMatchObject({ ask: { form: 'kg/m2', amount: 3 } });
		expect(readAsk('1 ½ barrows', 'L/m2', barrow)).toMatchObject({
			ask: { by: 'carried', litres: 117 }
		});
		expect(readAsk('20', 'carried', { system: 'us' })).toMatchObject({
			ask: { litres: expect.closeTo(75.708, 3) as number }
		});
		expect(readAsk('all of it', 'L/m2')).toMatchObject({ ask: { by: 'carried', litres: 'all' } });
	});
	it('asks which cup, and says which part it can’t read', () => {
		expect(readAsk('2 cups/ft2', 'L/m2')).toMatchObject({ status: 'ask', code: 'rate-cup' });
		expect(readAsk('2 stone', 'L/m2')).toMatchObject({ status: 'bad', part: 'stone' });
		expect(readAsk('-2', 'L/m2').status).toBe('bad');
		expect(readAsk('', 'L/m2')).toMatchObject({ status: 'bad', code: 'empty' });
		expect(readMoisture('95')).toBeUndefined();
		expect(readMoisture('40 %')).toBeCloseTo(0.4, 12);
	});
	it('of litres carried counts only their char, and never more than the soil', () => {
		expect(askedRate({ by: 'carried', litres: 40 }, ground, lot, terms)).toMatchObject({
			rate: 2.5
		});
		expect(askedRate({ by: 'carried', litres: 'all' }, ground, lot, terms)).toMatchObject({
			rate: 6.25
		});
		expect(askedRate({ by: 'carried', litres: 3000 }, ground, lot, terms)).toMatchObject({
			status: 'more-than-soil',
			most: expect.closeTo(2400, 6) as number
		});
	});
});

describe('the schools side by side', () => {
	it('are sourced, in order, and unique', () => {
		for (const school of doseSchools) {
			expect(school.source.length).toBeGreaterThan(10);
			expect(school.high).toBeGreaterThan(school.low);
		}
		expect(new Set(doseSchools.map(({ id }) => id)).size).toBe(doseSchools.length);
	});
	it('come to litres of this lot, and by weight is the largest of all for a light char', () => {
		const rows = compareSchools(ground, { char_l: 24, firstSeason: false }, lot);
		const by = (id: string) => rows.find(({ school }) => school.id === id);
		expect(by('thin')?.low.mix_l).toBeCloseTo(32, 9);
		expect(by('share')?.low.charLitres).toBeCloseTo(60, 9);
		// 5 kg/m² at 0.18 kg/L is 27.8 L/m²: far past what the ceiling allows
		expect(by('by-weight')?.high.charLitres).toBeCloseTo((8 * 5) / 0.18, 6);
		expect(Math.max(...rows.map(({ high }) => high.charLitres))).toBe(
			by('by-weight')?.high.charLitres
		);
		expect(by('share')?.high.over).toContain('ceiling');
	});
	it('stop at the soil there is', () => {
		const husks = { ...lot, density: exactly(0.01) };
		const row = compareSchools(ground, { char_l: 0, firstSeason: true }, husks).find(
			({ school }) => school.id === 'by-weight'
		);
		expect(row?.high.shareAfter).toBe(1);
		expect(row?.capped).toBe(false);
	});
	it('in pots count the char of the mix alone', () => {
		const pots = (charShare: Range) => pottingFor({ ...lot, code: 'C1', charShare });
		expect(pots(exactly(0.5)).low).toBeCloseTo(1, 9);
		expect(pots(exactly(0.5)).high).toBeCloseTo(2, 9);
		expect(pots(exactly(0.005)).high).toBe(10);
	});
	it('by weight say nothing until the density is known', () => {
		expect(weightAsVolume(2, [0.18, 0.09], ground.depth)).toEqual([
			{ density: 0.18, rate: expect.closeTo(11.11, 2), share: expect.closeTo(0.0741, 4) },
			{ density: 0.09, rate: expect.closeTo(22.22, 2), share: expect.closeTo(0.1481, 4) }
		]);
	});
});

describe('a round of the beds', () => {
	const beds = [8, 20, 5].map((area) => ({
		ground: { ...ground, area: squareMetres(area) },
		char_l: 0,
		firstSeason: true
	}));
	it('keeps a running balance that ends at nought, and says where it fell short', () => {
		const stops = carryRound(
			beds.map((bed) => ({ bed, rate: litresPerM2(3) })),
			lot
		);
		expect(stops.map(({ before, after }) => [before, after])).toEqual([
			[100, 52],
			[52, 0],
			[0, 0]
		]);
		expect(stops.map(({ dose }) => dose.over.includes('stock'))).toEqual([false, true, true]);
	});
	it('offered never carries more than there is, nor passes a limit', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						area: fc.double({ min: 1, max: 60, noNaN: true }),
						char_l: fc.integer({ min: 0, max: 900 })
					}),
					{ maxLength: 12 }
				),
				fc.double({ min: 0, max: 900, noNaN: true }),
				fc.constantFrom('to-the-target' as const, { thin: litresPerM2(2) }),
				(sizes, stock, wish) => {
					const some = sizes.map(({ area, char_l }) => ({
						ground: { ...ground, area: squareMetres(area) },
						char_l,
						firstSeason: char_l === 0
					}));
					const carried = { ...lot, litresLeft: litres(stock) };
					const rates = suggestRound(some, carried, wish);
					const stops = carryRound(
						some.map((bed, i) => ({ bed, rate: rates[i] ?? litresPerM2(0) })),
						carried
					);
					for (const { dose, bed } of stops)
						expect(dose.over.filter((limit) => limit !== 'ceiling' || bed.char_l === 0)).toEqual(
							[]
						);
				}
			)
		);
	});
	it('offered leaves out what is not worth the walk', () => {
		expect(suggestRound(beds, { ...lot, litresLeft: litres(4) }, 'to-the-target')).toEqual([
			0, 0, 0
		]);
	});
});

describe('what a bed says on char', () => {
	const bed: BedTraits = {
		texture: 'loam',
		drainage: 'even',
		humus: 'usual',
		cropKind: 'mixed',
		ph: 6.8,
		acidLover: false,
		share: share(0)
	};
	const want = (traits: Partial<BedTraits>) => wantOf({ ...bed, ...traits });
	it('is weighed trait by trait', () => {
		expect(
			weighWant({ ...bed, texture: 'clay', humus: 'rich', ph: 7.4 }).map(
				({ about, says }) => `${about} ${says}`
			)
		).toEqual([
			'soil for',
			'water nothing',
			'humus against',
			'pH care',
			'crop nothing',
			'so-far nothing'
		]);
	});
	it.each([
		['loam that holds its own', {}, 'little', ['holds-its-own']],
		['rich loam', { humus: 'rich' }, 'little', ['rich']],
		['poor loam', { humus: 'poor' }, 'some', ['poor']],
		[
			'sand under leafy crops',
			{ texture: 'sand', cropKind: 'leaf-and-fruit' },
			'much',
			['sandy', 'leaf-and-fruit']
		],
		[
			'sand under grain',
			{ texture: 'sand', cropKind: 'grass-and-grain' },
			'little',
			['grass-and-grain']
		],
		['fine seed in clay', { texture: 'clay', cropKind: 'fine-seed' }, 'careful', ['fine-seed']],
		['a bed past its target', { texture: 'sand', share: share(0.06) }, 'little', ['at-target']],
		['a full bed of acid lovers', { acidLover: true, share: share(0.1) }, 'none', ['full']]
	] as const)('%s', (_, traits, wanted, reasons) => {
		expect(want(traits)).toEqual({ want: wanted, reasons });
	});
});
