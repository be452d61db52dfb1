import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
	parseLength,
	parseMass,
	parseNumber,
	parseRatio,
	parseTemperature,
	parseVolume
} from './index';

const measures = [
	{ name: 'barrow', litres: 78 },
	{ name: 'grey tub', litres: 38 }
];

describe('what people type for a volume', () => {
	it.each([
		['1 1/2 barrows', 117],
		['1½ barrows', 117],
		['half', null],
		['12,5 l', 12.5],
		['12.5', 12.5],
		['1 250 L', 1250],
		['1,250,000 mL', 1250],
		['3 gal', 11.356235352],
		['2 grey tubs', 76],
		['1/2 Barrow', 39],
		['4 cu ft', 113.267386368],
		['2 m3', 2000],
		['.5 m³', 500],
		['2 cubic feet', 56.633693184],
		['2 ft^3', 56.633693184],
		['1 cord', 3624.556363776],
		['2⅝ L', 2.625],
		['6-1/2 L', 6.5],
		['6-½ L', 6.5],
		['1 250,5 L', 1250.5],
		['0,125 L', 0.125],
		['0.125 L', 0.125]
	])('reads %s', (text, litres) => {
		const parsed = parseVolume(text, { measures });
		if (litres === null) expect(parsed.status).toBe('bad');
		else expect(parsed).toMatchObject({ status: 'ok', value: expect.closeTo(litres, 9) });
	});

	it('asks back where a comma may be thousands or a decimal', () => {
		expect(parseVolume('1,250 L')).toEqual({
			status: 'ask',
			code: 'thousands',
			options: ['1250', '1.25']
		});
	});

	it('asks as much about a point before three digits as about a comma', () =>
		expect(parseVolume('1.250 L')).toMatchObject({ code: 'thousands', options: ['1250', '1.25'] }));

	it.each([
		[`5' 6"`, 1.6764],
		['5’6”', 1.6764],
		['6 ft 6 in', 1.9812],
		["5' 6", 1.6764],
		[`6' 6-1/2"`, 1.9939],
		['6 ft', 1.8288]
	])('reads a length of two parts: %s', (text, metres) =>
		expect(parseLength(text)).toMatchObject({ status: 'ok', value: expect.closeTo(metres, 9) })
	);

	it('reads pounds and ounces, and no length that ends larger than it began', () => {
		expect(parseMass('5 lb 4 oz')).toMatchObject({ value: expect.closeTo(2.381359943, 6) });
		expect(parseMass('0,125 kg')).toMatchObject({ value: 0.125 });
		expect(parseLength('6 in 5 ft')).toMatchObject({ status: 'bad', code: 'unit' });
	});

	it('reads parts of a whole, or so many to one', () => {
		expect(parseRatio('1:4')).toEqual({ status: 'ok', first: 1, second: 4 });
		expect(parseRatio('1 : 1.5')).toEqual({ status: 'ok', first: 1, second: 1.5 });
		expect(parseRatio('4')).toEqual({ status: 'number', value: 4 });
		for (const odd of ['1:0', '1:2:3', ':4', 'a:b'])
			expect(parseRatio(odd).status, odd).toBe('bad');
	});

	it('asks back a cup until a unit system is chosen', () => {
		expect(parseVolume('1 cup')).toMatchObject({ status: 'ask', code: 'cup' });
		expect(parseVolume('1 cup', { system: 'us' })).toMatchObject({ value: 0.2365882365 });
		expect(parseVolume('2 cups', { system: 'metric' })).toMatchObject({ value: 0.5 });
	});

	it('reads a bare number in the grower’s system', () => {
		expect(parseVolume('10', { system: 'us' })).toMatchObject({ value: 37.85411784 });
		expect(parseLength('10', { system: 'us' })).toMatchObject({ value: expect.closeTo(3.048, 12) });
		expect(parseMass('10', { system: 'us' })).toMatchObject({
			value: expect.closeTo(4.5359237, 12)
		});
	});

	it.each([
		['', 'empty'],
		['-3 L', 'negative'],
		['3 furlongs', 'unit'],
		['3 constructor', 'unit'],
		['12..5', 'number'],
		['1/0', 'number'],
		['L', 'number']
	])('refuses %j as %s', (text, code) => {
		expect(parseVolume(text)).toMatchObject({ status: 'bad', code });
	});

	it('never throws and never gives a number that is not finite', () => {
		fc.assert(
			fc.property(fc.string(), (text) => {
				for (const parse of [parseVolume, parseLength, parseMass, parseTemperature, parseNumber]) {
					const parsed = parse(text);
					if (parsed.status === 'ok') expect(Number.isFinite(parsed.value)).toBe(true);
				}
			})
		);
	});
});

describe('temperatures', () => {
	it('reads both scales and below zero', () => {
		expect(parseTemperature('68 F')).toMatchObject({ value: 20 });
		// Out of all reason is said by the field, and is no fault of the reading.
		expect(parseTemperature('999999999999 F')).toMatchObject({ status: 'ok' });
		expect(parseTemperature('-5')).toMatchObject({ value: -5 });
		expect(parseTemperature('50', { system: 'us' })).toMatchObject({
			value: expect.closeTo(10, 9)
		});
		expect(parseTemperature('11 °C', { system: 'us' })).toMatchObject({ value: 11 });
	});
});

describe('percentages', () => {
	it('reads a number with or without its sign', () => {
		expect(parseNumber('18,5 %')).toMatchObject({ value: 18.5 });
		expect(parseNumber('18.5')).toMatchObject({ value: 18.5 });
	});
});

describe('spoons and what else needs asking once', () => {
	it.each([
		['1 tbsp', undefined, 0.015],
		['2 T', undefined, 0.03],
		['2 T', 'us', 0.0295735],
		['1/2 tsp', 'metric', 0.0025],
		['2 Tbsp.', undefined, 0.03],
		['3 stères', undefined, 3000]
	] as const)('%s in %s is %f L', (text, system, value) =>
		expect(parseVolume(text, system ? { system } : {})).toMatchObject({
			status: 'ok',
			value: expect.closeTo(value, 6)
		})
	);
	it('a small t is asked back where it may be either, and is a tonne of what is weighed', () => {
		expect(parseVolume('2 t')).toEqual({
			status: 'ask',
			code: 'spoon',
			options: ['2 tsp', '2 tonnes']
		});
		expect(parseMass('1.5 t')).toMatchObject({ status: 'ok', value: 1500 });
	});
	it('a unit of another kind is told as that, and an unknown one as unknown until it is a measure', () => {
		expect(parseVolume('3 kg')).toMatchObject({ status: 'bad', code: 'kind' });
		expect(parseVolume('11 bales')).toMatchObject({ status: 'bad', code: 'unit' });
		expect(parseVolume('1 face cord')).toMatchObject({ status: 'bad', code: 'unit' });
		const measures = [{ name: 'bale', litres: 130 }];
		expect(parseVolume('11 bales', { measures })).toMatchObject({ status: 'ok', value: 1430 });
	});
});
