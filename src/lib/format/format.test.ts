import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseLength, parseMass, parseTemperature, parseVolume } from '../core/units';
import { sayDay, sayFromNow, sayMoment, sayToday } from './dates';
import {
	bestMeasure,
	hiddenBy,
	inMeasures,
	say,
	sayRange,
	sayWhole,
	show,
	typedAmount
} from './figure';
import { sayIssue } from './issues';

describe('figures', () => {
	it('are never more precise than their range', () => {
		expect(show({ value: 224.61, low: 158.2, high: 297.7, unit: 'L' }, 'metric')).toEqual({
			text: '220',
			unit: 'L',
			range: '160–300'
		});
		expect(show({ value: 8.93, low: 8.48, high: 9.37, unit: 'kg' }, 'metric')).toMatchObject({
			text: '8.9',
			range: '8.5–9.4'
		});
		expect(show({ value: 0.148, low: 0.11, high: 0.2, unit: 'kg/L' }, 'metric').range).toBe(
			'0.11–0.2'
		);
		expect(sayRange({ value: 0.0217, low: 0.0217, high: 0.0217, unit: 'share' }, 'metric')).toBe(
			'2.17 %'
		);
		expect(say(1234.5, 'L', 'metric')).toBe('1235 L');
		expect(say(59.7, 'L', 'metric')).toBe('60 L');
		expect(say(2.5, 'L', 'metric')).toBe('2.5 L');
	});

	it('are said with their range behind them, and a range alone only once', () => {
		const yieldOf = { value: 0.209, low: 0.16, high: 0.28, unit: 'share' as const };
		const shown = show(yieldOf, 'metric');
		expect(sayWhole(shown)).toBe('21 %, 16–28 %');
		expect(sayWhole({ ...shown, text: shown.range! })).toBe('16–28 %');
		expect(sayWhole(show({ value: 40, unit: 'L' }, 'metric'))).toBe('40 L');
	});

	it('speak US customary', () => {
		expect(say(37.85411784, 'L', 'us')).toBe('10 gal');
		expect(say(20, '°C', 'us')).toBe('68 °F');
		expect(say(2.547, 'L/m²', 'us')).toBe('1 cup/ft²');
	});

	it.each([
		[0.004, 'L', '¾ tsp'],
		[0.1, 'L', '½ cup'],
		[0.35, 'L', '1 ½ cups'],
		[1.9, 'L', '2 qt'],
		[3.786, 'L', '1 gal'],
		[19, 'L', '5 gal'],
		[800, 'L', '211 gal'],
		[800, 'L bulk', '28 ft³'],
		[3000, 'L bulk', '3.9 yd³'],
		[0.2, 'kg', '7.1 oz'],
		[0.5, 'kg', '1.1 lb'],
		[81, 'g', '2.9 oz'],
		[0.15, 'm', '5.9 in'],
		[0.61, 'm', '24 in'],
		[1.6, 'm', '5 ft 3 in'],
		[2.44, 'm', '8 ft'],
		[15, 'm', '49 ft'],
		[50, 'g/m²', '1 lb/100 ft²'],
		[0.3, 'kg/m²', '6.1 lb/100 ft²']
	] as const)('of %d %s are %s as people say it', (value, unit, words) => {
		expect(say(value, unit, 'us')).toBe(words);
	});

	it('keep one unit for a figure and its range', () => {
		const [low, high] = [1.5, 1.75];
		expect(sayWhole(show({ value: 1.6, low, high, unit: 'm' }, 'us'))).toBe(
			'5 ft 3 in, 4 ft 11 in–5 ft 9 in'
		);
		expect(sayWhole(show({ value: 4, low: 3, high: 5, unit: 'L' }, 'us'))).toBe(
			'1.1 gal, 0.8–1.3 gal'
		);
	});

	it('count in own measures to the quarter', () => {
		expect(inMeasures(62, { name: 'barrow', litres: 78 })).toBe('about ¾ barrow');
		expect(inMeasures(101, { name: 'grey tub', litres: 38 })).toBe('2 ¾ grey tubs');
		expect(
			bestMeasure(62, [
				{ name: 'barrow', litres: 78 },
				{ name: 'grey tub', litres: 38 }
			])?.name
		).toBe('grey tub');
	});

	it('offered in a field are read back as they were', () => {
		const text = typedAmount(100, 'L', 'us');
		expect(parseVolume(text, { system: 'us' })).toMatchObject({
			status: 'ok',
			value: expect.closeTo(100, 1)
		});
		expect(typedAmount(0.7874, 'm', 'us')).toBe('31 in');
		expect(typedAmount(7.9248, 'm', 'us')).toBe('26 ft');
		expect(typedAmount(0.45, 'm', 'metric')).toBe('0.45 m');
	});
});

describe('a small amount', () => {
	it('is told as a spoon or kitchen scale has it, and is read back', () => {
		expect(say(0.042, 'L', 'metric')).toBe('42 mL');
		expect(say(0.08, 'kg', undefined)).toBe('80 g');
		expect(say(1.5, 'L', 'metric')).toBe('1.5 L');
		expect(say(0.042, 'L', 'us')).toBe('2 ¾ tbsp');
		expect(say(0.3, 'kg', 'us')).toBe('11 oz');
		expect(say(0, 'L', 'us')).toBe('0 gal');
		fc.assert(
			fc.property(
				fc.double({ min: 0.005, max: 40, noNaN: true }),
				fc.constantFrom('metric' as const, 'us' as const),
				(volume, system) => {
					const read = parseVolume(say(volume, 'L', system), { system });
					const back = read.status === 'ok' ? read.value : NaN;
					expect(Math.abs(back - volume)).toBeLessThan(hiddenBy(volume, 'L', system) * 1.01);
				}
			)
		);
	});
});

describe('an amount offered in a field', () => {
	const fields = [
		['L', parseVolume, 0.1, 2000],
		['kg', parseMass, 0.05, 900],
		['m', parseLength, 0.05, 15],
		['°C', parseTemperature, -20, 900]
	] as const;
	it.each(fields)('of %s is read back as it was, in either system', (unit, parse, low, high) =>
		fc.assert(
			fc.property(
				fc.double({ min: low, max: high, noNaN: true }),
				fc.constantFrom('metric' as const, 'us' as const),
				(value, system) => {
					const read = parse(typedAmount(value, unit, system), { system });
					// Three decimals of the unit it is written in; a gallon is 3.8 L.
					expect(read).toMatchObject({ status: 'ok', value: expect.closeTo(value, 2) });
				}
			)
		)
	);
});

describe('moments', () => {
	const almanac = { timeZone: 'Europe/Dublin', now_ms: Date.UTC(2026, 6, 2, 12) };
	it('are told in the grower’s zone', () => {
		expect(sayMoment(Date.UTC(2026, 6, 1, 12), almanac)).toBe('1 Jul, 13:00');
		expect(sayMoment(Date.UTC(2025, 6, 1, 12), almanac)).toBe('1 Jul 2025, 13:00');
	});
	it('turn to the next year with the grower, not with the server', () => {
		const auckland = { timeZone: 'Pacific/Auckland', now_ms: Date.UTC(2026, 11, 31, 18) };
		expect(sayDay(Date.UTC(2026, 11, 31, 10), auckland)).toBe('31 Dec 2026');
		expect(sayDay(Date.UTC(2026, 11, 31, 12), auckland)).toBe('1 Jan');
		expect(sayToday(auckland)).toBe('Friday 1 January');
	});
	it('keep the wall clock over the change of summer time', () => {
		const at = (month: number, day: number) => sayMoment(Date.UTC(2026, month, day, 12), almanac);
		expect([at(2, 28), at(2, 29)]).toEqual(['28 Mar, 12:00', '29 Mar, 13:00']);
	});
	it.each([
		[0, 'just now'],
		[59_000, 'just now'],
		[5 * 60_000, 'in 5 min'],
		[-5 * 60_000, '5 min ago'],
		[3 * 3_600_000, 'in 3 h'],
		[23 * 3_600_000, 'in 23 h'],
		[36 * 3_600_000, 'in 2 days'],
		[-24 * 3_600_000, 'yesterday'],
		[25 * 3_600_000, 'tomorrow'],
		[14 * 86_400_000, 'in 14 days'],
		[-15 * 86_400_000, 'on 17 Jun'],
		[-365 * 86_400_000, 'on 2 Jul 2025']
	])('%i ms from now are %s', (ms, words) =>
		expect(sayFromNow(almanac.now_ms + ms, almanac)).toBe(words)
	);
	it('are told from now', () => {
		expect(sayFromNow(almanac.now_ms + 3 * 86_400_000, almanac)).toBe('in 3 days');
		expect(sayFromNow(almanac.now_ms - 90 * 60_000, almanac)).toBe('2 h ago');
	});
});

describe('complaints', () => {
	it('have words for every code the program can raise', () => {
		const folders = ['src/lib/server/usecases', 'src/lib/server/usecases/brews', 'src/lib/input'];
		const sources = folders.flatMap((folder) =>
			readdirSync(folder)
				.filter((name) => name.endsWith('.ts') && !name.includes('.test.'))
				.map((name) => readFileSync(`${folder}/${name}`, 'utf8'))
		);
		const codes = sources.flatMap((source) =>
			[...source.matchAll(/(?:refuse\(\s*'\w+',\s*|raise\(ctx, |error: )'([a-z-]+)'/g)].map(
				(found) => found[1]!
			)
		);
		expect(codes.length).toBeGreaterThan(30);
		for (const code of codes)
			expect(sayIssue({ field: 'x', code }, 'metric'), code).not.toMatch(/can’t be read\. Load/);
	});
});
