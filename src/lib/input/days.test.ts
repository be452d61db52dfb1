import { describe, expect, it } from 'vitest';
import { dayOf, freshDay, genesFrom, genesText, readShifts, type DayVessel } from './day-form';
import { dayRecordSchema, daySchema } from './days';
import type { Reading } from './form';

const reading: Reading = { timeZone: 'UTC', person: 'Ines', now_ms: 0, system: 'metric' };
const barrel = (name: string, failed?: string): DayVessel => ({
	name,
	litres: { value: 70, low: 56, high: 84 },
	burns: 3,
	water: { shut: 20, hot: 100 },
	...(failed ? { failed } : {})
});
const vessels = [barrel('Finch'), barrel('Siskin'), barrel('Linnet', 'the floor')];
const fresh = freshDay(vessels, 3, '2026-11-25');

describe('a day as typed', () => {
	it('begins with the barrels that are sound, and a burner for each', () => {
		expect(fresh).toMatchObject({ barrels: 'Finch\nSiskin', burners: '2', hands: '2' });
		expect(dayOf(fresh, vessels, {})?.barrels.map(({ name, rounds }) => [name, rounds])).toEqual([
			['Finch', 2],
			['Siskin', 2]
		]);
	});

	it('counts what burns already as the first of its rounds', () => {
		const late = { ...fresh, 'state-Finch': 'burning', 'until-Finch': '25' };
		expect(dayOf(late, vessels, {})?.barrels[0]).toMatchObject({
			rounds: 1,
			state: { is: 'burning', until: 25 }
		});
		const away = { ...fresh, 'state-Finch': 'empty', 'until-Finch': '40' };
		expect(dayOf(away, vessels, {})?.barrels[0]).toMatchObject({
			rounds: 2,
			state: { is: 'empty', from: 40 }
		});
	});

	it('gives each barrel its own rounds, and counts hands by the clock from when it begins', () => {
		const own = { ...fresh, 'rounds-Siskin': '3', byClock: '14:00 1, 16.30 3' };
		const day = dayOf(own, vessels, {})!;
		expect(day.barrels.map(({ rounds }) => rounds)).toEqual([2, 3]);
		// Two from eight, one from two o'clock, three from half past four.
		expect(day.hands).toBe(3);
		expect(day.away).toEqual([
			{ from: 0, to: 360, hands: 1 },
			{ from: 360, to: 510, hands: 2 }
		]);
		expect(readShifts('25:00 1')).toBeUndefined();
		expect(readShifts('')).toEqual([]);
	});

	it('begins tomorrow at eight where nobody said otherwise', () =>
		expect(fresh.startsAt).toBe('2026-11-25T08:00'));

	it.each([
		['barrels', ''],
		['rounds-Finch', 'many'],
		['byClock', 'after lunch'],
		['hands', 'two or three'],
		['burn', '9999'],
		['until-Finch', 'soon'],
		['until-Finch', '700']
	])('is none while %s is %j, and its act says so there', (field, typed) => {
		const values = { ...fresh, 'state-Finch': 'burning', [field]: typed };
		expect(dayOf(values, vessels, {})).toBeUndefined();
		const read = daySchema(reading, values).safeParse(values);
		expect(read.error?.issues.map(({ path }) => path[0])).toEqual([field]);
	});

	it('carries the order that was found, and nothing else in its place', () => {
		const genes = { order: [2, 0, 1, 3], skips: [0, 1, 0, 0] };
		expect(genesFrom(genesText(genes))).toEqual(genes);
		expect(genesFrom('1,x;0')).toEqual({ order: [], skips: [0] });
		expect(genesFrom('')).toEqual({ order: [], skips: [] });
	});
});

describe('a day as it was', () => {
	const values = {
		stack: 'S1',
		each: '205 L',
		wetness: 'quench-wet',
		'char:Finch:0': '71 L',
		'at:Finch:0': '1000',
		'char:Siskin:0': '',
		'char:Siskin:1': '2 cans'
	};
	it('is a fire for each amount, an empty one left out', () => {
		const own = { ...reading, measures: [{ name: 'can', litres: 9 }] };
		expect(dayRecordSchema(own, values).safeParse(values).data).toMatchObject({
			load: { code: 'S1', part: 205 },
			stops: [
				{ vessel: 'Finch', litres: 71, quenched_ms: 1000 },
				{ vessel: 'Siskin', litres: 18 }
			]
		});
	});

	it('says at each amount what is wrong with it, with its range', () => {
		const wrong = { ...values, 'char:Finch:0': '900000 L', 'char:Siskin:1': 'much' };
		const read = dayRecordSchema(reading, wrong).safeParse(wrong);
		expect(read.error?.issues.map(({ path, message }) => [path[0], message])).toEqual([
			['char:Finch:0', 'out-of-range-volume'],
			['char:Siskin:1', 'bad-number']
		]);
		const [first] = read.error?.issues ?? [];
		expect(first?.code === 'custom' && first.params).toMatchObject({ high: 100_000 });
	});
});
