import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { poolYields, tankWater } from '$lib/core/fires';
import { metres } from '$lib/core/units';
import { planAnswer } from './answer';
import { freshPlan, loadOf, reckonPlan, type PlanStack, type PlanVessel } from './reckoning';

const lantern: PlanVessel = {
	name: 'Lantern',
	way: 'open-kiln',
	shape: { kind: 'round', rimWidth: metres(1.3), floorWidth: metres(0.45), depth: metres(0.8) },
	waterTemperature: tankWater,
	ownMinutes: [],
	stays: [],
	ownYields: poolYields([]),
	ownWater: [],
	ownDensities: {}
};
const stack = (code: string, kg: number, rest: Partial<PlanStack> = {}): PlanStack => ({
	code,
	name: `stack ${code}`,
	wood: 'light-hardwood',
	form: 'rods',
	volume_ul: 1_000_000_000,
	dry_g: kg * 1000,
	left: { value: kg, low: kg * 0.8, high: kg * 1.25 },
	verdict: 'ready',
	...rest
});
const stacks = [stack('S1', 200), stack('S2', 100, { wood: 'canes', verdict: 'hold-back' })];
const plan = (values: Record<string, string>) =>
	reckonPlan(
		freshPlan({ vessel: 'Lantern', ...values }, {}, stacks, 'metric'),
		[lantern],
		stacks,
		{ at_ms: 0, now_ms: 0, nights: [] },
		{
			system: 'metric'
		}
	);

describe('a plan', () => {
	it('is nothing until a vessel and a stack are chosen', () => {
		expect(plan({ loads: '' })).toBeUndefined();
		expect(plan({ vessel: 'Kettle', loads: 'S1' })).toBeUndefined();
		expect(wordsOf(planAnswer(undefined, { isExample: false, system: 'metric' }))).toMatch(
			/^Choose a vessel and tick/
		);
	});
	it('takes a part of a stack in proportion, with its doubt', () => {
		const half = plan({ loads: 'S1', 'part-S1': '500 L' });
		expect(half?.load).toMatchObject({ value: 100, low: 80, high: 125 });
		expect(half?.forecast.charKg.value).toBeCloseTo(
			(plan({ loads: 'S1' })?.forecast.charKg.value ?? 0) / 2,
			9
		);
	});
	it('takes more than there is for all of it, and an unreadable part too', () => {
		expect(plan({ loads: 'S1', 'part-S1': '5000 L' })?.load.value).toBe(200);
		expect(plan({ loads: 'S1', 'part-S1': 'plenty' })?.load.value).toBe(200);
	});
	it('adds loads up, stack by stack, and is as wet as the wettest', () => {
		const both = plan({ loads: 'S1\nS2' });
		expect(both?.load.value).toBe(300);
		expect(both?.wood).toBe('light-hardwood');
		expect(both?.worst).toBe('hold-back');
		expect(both?.go.find(({ item }) => item === 'wood')?.state).toBe('no');
		expect(both && loadOf(both).from.map(({ name, value }) => `${name} ${value}`)).toEqual([
			'S1 stack S1 200',
			'S2 stack S2 100'
		]);
	});
	it('says no, go or ask of the water on site', () => {
		const water = (waterOnSite: string) =>
			plan({ loads: 'S1', waterOnSite })?.go.find(({ item }) => item === 'water')?.state;
		expect(water('')).toBe('ask');
		expect(water('90 L')).toBe('no');
		expect(water('2 m3')).toBe('go');
	});
	it('answers with the range of char and the water wanted', () => {
		const one = plan({ loads: 'S1' });
		expect(wordsOf(planAnswer(one, { isExample: false, system: 'metric' }))).toMatch(
			/^Expect [\d–]+ L of char; have \d+ L of water on site$/
		);
	});
});
