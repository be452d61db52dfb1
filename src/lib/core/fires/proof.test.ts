import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { celsius } from '../units';
import { failingsOf, proofState, reaches, seriesFrom, type QuenchCheck } from './index';

const minute = 60_000;
const hour = 60 * minute;
const day = 24 * hour;
/** Days begin at 0 h; dark from 18:00, first light at 07:00. */
const lightOf = (at_ms: number) => {
	const midnight = Math.floor(at_ms / day) * day;
	return { sunset_ms: midnight + 18 * hour, morning_ms: midnight + 31 * hour };
};
const cold = { probe: celsius(22) };
/** A check so many hours after midnight of the first day. */
const check = (h: number, change: Partial<QuenchCheck> = {}): QuenchCheck => ({
	at_ms: h * hour,
	places: [cold, cold, cold],
	smoke: false,
	whiteSpots: false,
	...change
});
/** Quenched at noon: looked at from 12:30, 14:00, 18:00 and 07:00. */
const noon = 12 * hour;
const proof = (checks: readonly QuenchCheck[], h: number) =>
	proofState(noon, checks, h * hour, lightOf);
const hoursOf = (slots: ReturnType<typeof seriesFrom>) =>
	slots.map(({ name, at_ms }) => [name, at_ms / hour]);

describe('a check', () => {
	it('passes with three places below 50 °C, no smoke and no white spots', () => {
		expect(failingsOf(check(1))).toEqual([]);
		expect(failingsOf(check(1, { places: [cold, cold] }))).toEqual(['places']);
		expect(failingsOf(check(1, { places: [cold, cold, { probe: celsius(50) }] }))).toEqual([
			'heat'
		]);
		expect(failingsOf(check(1, { places: [cold, cold, { heatFelt: true }], smoke: true }))).toEqual(
			['heat', 'smoke']
		);
	});

	it('where no place was read is no check', () => {
		expect(failingsOf(check(1, { places: [{}, {}, {}] }))).toEqual(['places']);
		const told = proof([check(13, { places: [{}, {}, {}], smoke: true })], 13.1);
		expect(told).toMatchObject({ stage: 'unproven', passed: 0 });
		expect(told.lastFailings).toBeUndefined();
	});
});

describe('the series of looks at a quenched fire', () => {
	it('is 30 min, 2 h, sunset and first daylight of the next day', () => {
		expect(hoursOf(seriesFrom(noon, lightOf))).toEqual([
			['half-hour', 12.5],
			['two-hours', 14],
			['sunset', 18],
			['morning', 31]
		]);
	});

	it.each([
		['a sunset before the quench', 19, ['half-hour', 'two-hours', 'morning']],
		['a sunset close upon the half-hour', 17.2, ['half-hour', 'two-hours', 'morning']],
		['a sunset close upon the two hours', 16.4, ['half-hour', 'two-hours', 'morning']],
		[
			'nothing where it lies 45 min from both',
			16.75,
			['half-hour', 'sunset', 'two-hours', 'morning']
		]
	])('leaves out %s', (_what, quenched, names) => {
		expect(seriesFrom(quenched * hour, lightOf).map(({ name }) => name)).toEqual(names);
	});

	it('is in order of time and 45 min apart, whatever the light', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 30 * day }),
				fc.integer({ min: -day, max: day }),
				fc.integer({ min: minute, max: 2 * day }),
				(start, sunset, morning) => {
					const at = seriesFrom(start, () => ({
						sunset_ms: start + sunset,
						morning_ms: start + morning
					})).map(({ at_ms }) => at_ms);
					expect(at[0]).toBe(start + 30 * minute);
					for (const [i, one] of at.slice(1).entries())
						expect(one - (at[i] ?? 0)).toBeGreaterThanOrEqual(45 * minute);
				}
			)
		);
	});
});

describe('proof that it is out', () => {
	const whole = [check(12.6), check(14.5), check(18.2), check(32)];

	it('is one of four after an early check that found all cold', () => {
		expect(proof([check(12.6)], 13)).toMatchObject({
			stage: 'once',
			passed: 1,
			of: 4,
			next: { slot: 'two-hours', at_ms: 14 * hour, until_ms: 18 * hour },
			overdue: false
		});
	});

	it('is whole after a pass in each slot, and only then lets the char be left', () => {
		const stages = whole.map((_, i) => proof(whole.slice(0, i + 1), whole[i]!.at_ms / hour).stage);
		expect(stages).toEqual(['once', 'once', 'once', 'series']);
		expect(reaches(proof(whole.slice(0, 3), 19), 'series')).toBe(false);
		expect(proof(whole, 500)).toMatchObject({ stage: 'series', passed: 4, of: 4 });
		expect(proof(whole, 500).next).toBeUndefined();
	});

	it('counts a check for the slot it lies in: two in one slot are one look', () => {
		expect(proof([check(12.6), check(13.9)], 13.95)).toMatchObject({ passed: 1 });
		expect(proof([check(12.2)], 12.3)).toMatchObject({
			stage: 'unproven',
			passed: 0,
			next: { slot: 'half-hour', at_ms: 12.5 * hour }
		});
	});

	it('starts again with the next check after a slot left empty', () => {
		const missed = [check(12.6), check(14.5)];
		expect(proof(missed, 30.9)).toMatchObject({ stage: 'once', passed: 2, overdue: true });
		expect(proof(missed, 31.1)).toMatchObject({
			stage: 'unproven',
			passed: 0,
			lapse: 'missed',
			overdue: true
		});
		// The check at 08:00 is then the first of a new series: 09:30, 18:00, 07:00 follow.
		expect(proof([...missed, check(32)], 32.1)).toMatchObject({
			stage: 'once',
			passed: 1,
			next: { slot: 'two-hours', at_ms: 33.5 * hour }
		});
		const again = [...missed, check(32), check(34), check(42.5), check(56)];
		expect(proof(again, 57).stage).toBe('series');
	});

	it('starts again after a failed check, half an hour later at the earliest', () => {
		const failed = [check(12.6), check(14.5, { smoke: true })];
		expect(proof(failed, 15.1)).toMatchObject({
			stage: 'unproven',
			lapse: 'failed',
			lastFailings: ['smoke'],
			next: { at_ms: 15 * hour },
			overdue: true
		});
		expect(proof([...failed, check(14.7)], 14.8).passed).toBe(0);
		expect(proof([...failed, check(15.2)], 15.3)).toMatchObject({ stage: 'once', passed: 1 });
		expect(proof([...whole, check(40, { whiteSpots: true })], 41).stage).toBe('unproven');
	});

	it('wants 48 h more, and a core as cool as the air, before the char is stored dry', () => {
		const at = { places: [cold, cold, cold], air: celsius(11) };
		expect(proof([...whole, check(79, { ...at, air: celsius(13) })], 90).stage).toBe('series');
		expect(proof([...whole, check(81, at)], 90).stage).toBe('series');
		expect(proof([...whole, check(81, { ...at, air: celsius(12) })], 90).stage).toBe('stored');
		expect(proof([...whole, check(81)], 90).stage).toBe('series');
		expect(proof(whole, 33).storedFrom_ms).toBe(80 * hour);
	});

	it('may rest on a notebook that says the whole series was walked', () => {
		expect(proof([check(60, { wholeSeries: true })], 61).stage).toBe('series');
	});

	it('never grows by time alone', () => {
		const order = ['unproven', 'once', 'series', 'stored'];
		const times = fc.array(fc.double({ min: 12, max: 200, noNaN: true }), { maxLength: 8 });
		const places = fc.constantFrom([cold, cold, cold], [cold], [cold, cold, { heatFelt: true }]);
		fc.assert(
			fc.property(
				times,
				places,
				fc.double({ min: 0, max: 300, noNaN: true }),
				(hours, last, more) => {
					const checks = hours.map((h, i) =>
						check(h, i === hours.length - 1 ? { places: last } : { air: celsius(20) })
					);
					const end = Math.max(12, ...hours);
					const rank = (h: number) => order.indexOf(proof(checks, h).stage);
					expect(rank(end + more)).toBeLessThanOrEqual(rank(end));
					if (hours.length === 0) expect(rank(end + more)).toBe(0);
				}
			)
		);
	});
});
