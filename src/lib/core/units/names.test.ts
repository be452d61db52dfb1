import { describe, expect, it } from 'vitest';
import {
	faultOfName,
	foldName,
	isSeen,
	litresOfPart,
	nameKey,
	parsePart,
	parseVolume
} from './index';

describe('a name', () => {
	it('is one name however it is spaced and cased', () => {
		expect(foldName('  Mere \u00a0  2 ')).toBe('Mere 2');
		expect(nameKey('MERE  2')).toBe(nameKey('mere 2'));
		expect(nameKey('Ärmel')).toBe(nameKey('A\u0308RMEL'));
	});

	it.each([
		['C4', 'code'],
		['k12', 'code'],
		['L', 'unit'],
		['kg', 'unit'],
		['Mere > 2', 'signs'],
		['Mere; 2', 'signs'],
		['Mere @ 2', 'signs'],
		['Me\u200bre', 'signs'],
		['Mere\u202e 2', 'signs']
	])('of a bed or vessel is refused where a line would misread it: %j', (name, fault) => {
		expect(faultOfName(name, 'thing')).toBe(fault);
		expect(faultOfName('Lane end, 2nd row', 'thing')).toBeUndefined();
	});

	it.each([
		['L', 'unit'],
		['gallon', 'unit'],
		['Litres', 'unit'],
		['cup', 'unit'],
		['metric cups', 'unit'],
		['kg', 'unit'],
		['all', 'word'],
		['half', 'word'],
		['check', 'word'],
		['of it', 'word']
	])('of a measure is no unit and no word of the log: %j', (name, fault) => {
		expect(faultOfName(name, 'measure')).toBe(fault);
		for (const fine of ['barrow', 'grey tub', 'feed scoop', 'can', 'dye jug', 'gallant pail'])
			expect(faultOfName(fine, 'measure')).toBeUndefined();
	});
});

describe('a part of a lot', () => {
	const barrow = { measures: [{ name: 'barrow', litres: 78 }] };
	it.each([
		['all', 'all'],
		['all of it', 'all'],
		['half', { share: 0.5 }],
		['half of it', { share: 0.5 }],
		['1/2 of it', { share: 0.5 }],
		['½ of it', { share: 0.5 }],
		['0.25 of it', { share: 0.25 }],
		['50 %', { share: 0.5 }],
		['100 %', 'all'],
		['40 L', 40],
		['40', 40],
		['a barrow', 78],
		['half a barrow', 39],
		['1/2 barrow', 39],
		['0.5 L', 0.5]
	])('is read as it is said: %s', (text, part) => {
		expect(parsePart(text, barrow)).toEqual({ status: 'ok', part });
	});

	it.each([
		['1/2', {}, ['1/2 L', '1/2 of it']],
		['0.5', {}, ['0.5 L', '0.5 of it']],
		['½', { system: 'us' as const }, ['½ gal', '½ of it']],
		['1', {}, ['1 L', 'all of it']]
	])('is asked back where a bare number can be both: %s', (text, context, options) => {
		expect(parsePart(text, context)).toEqual({ status: 'ask', code: 'part', options });
		// Both readings offered can be read.
		for (const option of options) expect(parsePart(option, context).status).toBe('ok');
	});

	it('is never more than all of it', () => {
		for (const text of ['120 %', '2 of it', '0 %']) expect(parsePart(text).status).toBe('bad');
	});

	it('over the rest by no more than rounding hides is the exact rest', () => {
		expect(litresOfPart(55 * 3.785411784, 208.1975, 1.9)).toBe(208.1975);
		expect(litresOfPart(212, 208.1975, 1.9)).toBe(212);
		expect(litresOfPart({ share: 0.5 }, 10)).toBe(5);
	});

	it('in an own measure by the piece is one of them anywhere', () => {
		expect(parseVolume('a barrow', barrow)).toMatchObject({ status: 'ok', value: 78 });
	});
});

describe('a name that is only told beside a code', () => {
	it.each(['rods > twigs', 'Ränder', '第一', 'x', '50 % rods; wet'])('%s is seen', (name) =>
		expect(isSeen(name)).toBe(true)
	);
	it.each([
		['nothing but a space of no width', '\u200b'],
		['a sign that turns the rest about', 'rods\u202eslip'],
		['signs alone', '---'],
		['a letter of no alphabet', '\ue000'],
		['nothing', '']
	])('%s is not', (_what, name) => expect(isSeen(name)).toBe(false));
});
