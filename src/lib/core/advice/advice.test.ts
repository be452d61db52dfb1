import { describe, expect, it } from 'vitest';
import {
	faultsIn,
	missingIn,
	readAdvice,
	readingsOf,
	waterAsSold,
	withItsWater,
	type Here
} from './index';

const here: Here = {
	area_m2: 7.2,
	depth_m: 0.15,
	kgPerLitre: { value: 0.18, low: 0.14, high: 0.23 },
	measures: { barrow: 78 }
};
const likeliest = (text: string) => readingsOf(readAdvice(text), here)[0];
const all = (text: string) => readingsOf(readAdvice(text), here).map(({ perM2 }) => perM2.value);
const faults = (text: string, rise?: { value: number; low: number; high: number }) => {
	const advice = readAdvice(text);
	return faultsIn(advice, readingsOf(advice, here), { rise }).map(({ is }) => is);
};

/** A sentence, what it is about, and litres on a square metre as it is likeliest meant. */
const table: readonly (readonly [string, string | undefined, number | undefined])[] = [
	['a cup and a half of char to the foot', 'char', 1.5 * 2.547],
	['a cup and a half to the foot, five years, never fails', undefined, 1.5 * 2.547],
	['one cup of biochar per square foot', 'char', 2.547],
	['two cups per square foot', undefined, 2 * 2.547],
	['half a cup of char a square foot', 'char', 2.547 / 2],
	['2 to 5 litres of char per square metre', 'char', 3.5],
	['2-5 L/m2 of charcoal', 'char', 3.5],
	['10 L per m² of charged biochar once', 'char', 10],
	['5 % char in the top 15 cm', 'char', 7.5],
	['ten percent biochar', 'char', 15],
	['5 percent of char in the top 6 inches', 'char', 0.05 * 0.1524 * 1000],
	['10 % char to a spade’s depth', 'char', 25],
	['ten pounds of char to a hundred feet, works every time', 'char', 4.53592 / 0.18 / 9.290304],
	['ten pounds to 100 square feet', undefined, 4.53592 / 0.18 / 9.290304],
	['1 lb of char per square foot', 'char', 0.45359 / 0.18 / 0.0929],
	['10 t/ha of char', 'char', 1 / 0.18],
	['20 tonnes of biochar per hectare', 'char', 2 / 0.18],
	['5 tons of char to the acre', 'char', 5000 / 0.18 / 4046.86],
	['1 kg of char per square metre', 'char', 1 / 0.18],
	['2 kg a tree', undefined, 2 / 0.18 / 3.1],
	['the bag says 2 kg of char for each tree', 'char', 2 / 0.18 / 3.1],
	['a barrow of char to the row, every spring', 'char', 78 / 7.2],
	['a barrow to the row, every spring', undefined, 78 / 7.2],
	['one barrow of compost per bed', 'compost', 78 / 7.2],
	['two buckets of compost per square metre', 'compost', 20],
	['an inch of compost every spring', 'compost', 25.4],
	['2 inches of leaf mould', 'leaf-mould', 50.8],
	['4 cm of compost on top', 'compost', 40],
	['100 g of wood ash per square metre', 'ash', 0.1 / 0.18],
	['a handful of ash to the plant', 'ash', 0.1 / 0.2],
	['a pound of lime to the square yard', 'lime', 0.45359 / 0.18 / (9 * 0.0929)],
	['3 cubic feet of biochar per 100 sq ft', 'char', 3 * 3.048],
	['one gallon of tea per 10 square feet each week', 'tea', 3.7854 / 0.929],
	['a litre of urine to the metre', 'urine', 1],
	['two shovels of manure a plant', 'manure', 6 / 0.2],
	['½ cup of char per plant', 'char', 0.11829 / 0.2],
	['1 1/2 quarts of char per square foot', 'char', (1.5 * 0.946353) / 0.092903],
	['three litres of char to every metre of row', 'char', 3],
	['never lime where you char', 'char', undefined],
	['rock dust does wonders', 'rock-dust', undefined],
	['feed it well', undefined, undefined]
];

describe('forty sentences', () => {
	it.each(table)('%s', (text, stuff, perM2) => {
		expect(readAdvice(text).stuff).toBe(stuff);
		const [first] = readingsOf(readAdvice(text), here);
		if (perM2 === undefined) expect(first).toBeUndefined();
		else expect(first!.perM2.value / perM2).toBeCloseTo(1, 2);
	});

	it('are forty and more', () => {
		expect(table.length).toBeGreaterThanOrEqual(40);
	});
});

describe('what a sentence may mean', () => {
	it('every way it may be meant is kept, the likeliest first', () => {
		const perFoot = all('a cup and a half to the foot');
		expect(perFoot.length).toBe(6);
		expect(perFoot[0]).toBeCloseTo(3.82, 2);
		expect(perFoot[1]).toBeCloseTo(1.5 * 2.691, 2);
		const [first, , second] = readingsOf(readAdvice('a cup to the foot'), here);
		expect(first!.taken).toEqual(['US cups', 'square foot']);
		expect(second!.taken[1]).toContain('row');
	});

	it('a weight is wider than its litres: the char may be light or heavy', () => {
		const reading = likeliest('1 kg of char per square metre')!;
		expect(reading.perM2.low).toBeCloseTo(1 / 0.23, 6);
		expect(reading.perM2.high).toBeCloseTo(1 / 0.14, 6);
	});

	it('the grower’s own barrow goes before a usual one', () => {
		expect(likeliest('a barrow per bed')!.taken[0]).toBe('your barrows');
		const without = readingsOf(readAdvice('a barrow per bed'), { ...here, measures: {} });
		expect(without[0]!.perM2.value).toBeCloseTo(80 / 7.2, 9);
	});

	it('is told for all of the bed, and as a share of its soil', () => {
		const reading = likeliest('10 L/m2 of char')!;
		expect(reading.onBed.value).toBeCloseTo(72, 9);
		expect(reading.ofSoil.value).toBeCloseTo(10 / 150, 9);
	});

	it('what it leaves open is named', () => {
		expect(missingIn(readAdvice('a cup and a half to the foot'))).toEqual([
			...['stuff', 'which-over', 'which-measure', 'often']
		]);
		expect(missingIn(readAdvice('2 kg of char a tree'))).toContain('dry');
		expect(missingIn(readAdvice('5 L of charged char'))).toContain('over');
		expect(missingIn(readAdvice('feed it well'))).toContain('amount');
		expect(missingIn(readAdvice('10 L/m2 of charged char once'))).toEqual([]);
	});

	it('how often, and on what ground it is said', () => {
		expect(readAdvice('a barrow to the row, every spring').often).toBe('each-season');
		expect(readAdvice('ten pounds to a hundred feet, works every time').ground).toBe('hearsay');
		expect(readAdvice('the bag says 2 kg a tree').ground).toBe('seller');
		expect(readAdvice('a trial put 10 t/ha of char').ground).toBe('published');
		expect(readAdvice('I tried 5 L/m2 of char').ground).toBe('own-observation');
	});
});

describe('what speaks against it', () => {
	it('two rates that can’t be the same contradict each other, by how much is said', () => {
		const text = 'ten percent char in the top 25 cm, that is one cup a foot';
		expect(readAdvice(text).claims.length).toBe(2);
		expect(faults(text)).toContain('contradicts');
	});

	it('rates that may be the same do not', () => {
		expect(faults('5 % char in the top 15 cm, that is 7.5 litres a square metre')).not.toContain(
			'contradicts'
		);
		expect(faults('10 t/ha of char, that is a cup a foot')).toContain('contradicts');
	});

	it('more than there is soil, and more than the ceiling', () => {
		expect(faults('a cubic foot of char per square foot')).toContain('more-than-soil');
		expect(faults('30 L/m2 of char')).toEqual(['over-ceiling']);
		expect(faults('30 L/m2 of compost')).toEqual([]);
	});

	it('char each season adds up: it does not go away', () => {
		expect(faults('a barrow of char to the row, every spring')).toContain('adds-up');
		expect(faults('an inch of compost every spring')).toEqual([]);
	});

	it('what no amount so small can do', () => {
		const text = '60 g of ash per square metre lifts the pH by a whole unit';
		expect(readAdvice(text).promised).toEqual({ of: 'ph', by: 1 });
		expect(faults(text, { value: 0.05, low: 0.02, high: 0.1 })).toEqual(['no-amount-does']);
		expect(faults(text, { value: 0.9, low: 0.6, high: 1.3 })).toEqual([]);
		expect(readAdvice('raises pH from 5.5 to 6.5').promised?.by).toBeCloseTo(1, 9);
	});

	it('raw char asks to be filled first; of charged char only the char counts to the ceiling', () => {
		expect(faults('10 L/m2 of raw char once')).toEqual(['raw']);
		const charged = { ...here, isCharged: true };
		const said = readAdvice('20 L/m2 of charged char once');
		const [reading] = readingsOf(said, charged);
		expect(reading!.charOfSoil.value).toBeCloseTo(reading!.ofSoil.value * 0.65, 9);
		expect(faultsIn(said, readingsOf(said, charged))).toEqual([]);
		expect(faultsIn(said, readingsOf(said, here)).map(({ is }) => is)).toEqual(['over-ceiling']);
	});

	it('what is weighed as sold is fewer litres: its water has no volume of its own', () => {
		const dry = { value: 0.2, low: 0.15, high: 0.25 };
		const asSold = withItsWater(dry, waterAsSold);
		expect(asSold.value).toBeCloseTo(0.2 / 0.7, 9);
		const text = readAdvice('2 kg of char to the square metre');
		const litres = (kgPerLitre: typeof dry) => readingsOf(text, { ...here, kgPerLitre })[0]!.perM2;
		expect(litres(asSold).value).toBeCloseTo(litres(dry).value * 0.7, 9);
	});

	it('a rule for all beds is none: the verdict decides', () => {
		expect(faults('never lime where you char')).toEqual(['rule-for-all']);
		expect(readAdvice('never lime where you char').forbids).toBe('lime');
	});
});
