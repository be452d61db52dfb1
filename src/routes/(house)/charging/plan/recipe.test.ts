import { describe, expect, it } from 'vitest';
import { schools, type SchoolId } from '$lib/core/charging';
import { charDensity } from '$lib/core/fires';
import { recipeOf } from './recipe';
import { freshCharge, reckonPlan, type PlanChar } from './reckoning';

const char: PlanChar = {
	code: 'K1',
	verdict: 'untried',
	failed: '',
	state: 'crushed',
	wetness: 'dry',
	volume_ul: 60_000_000,
	density: charDensity('light-hardwood')
};
const planOf = (school: SchoolId, change: Record<string, string> = {}, wetness = char.wetness) =>
	reckonPlan(
		freshCharge({ char: 'K1', school, ...change }, [char], [], 'metric'),
		{ chars: [{ ...char, wetness }], tubs: [], stock: [], analyses: {} },
		Date.UTC(2026, 4, 1)
	)!;

describe('the strip of a recipe', () => {
	it.each(schools.filter(({ kind }) => kind !== 'bed').map(({ id }) => id))(
		'fills its length with the litres of a %s',
		(school) => {
			const plan = planOf(school);
			const { parts } = recipeOf(plan);
			const litres = parts.reduce((sum, part) => sum + part.litres, 0);
			const extras = plan.charge.extras.reduce((sum, extra) => sum + extra.litres, 0);
			expect(litres).toBeCloseTo(
				60 + plan.charge.partner.value + extras + plan.charge.water.value,
				6
			);
			expect(parts.at(-1)!.x + parts.at(-1)!.width).toBeCloseTo(400, 0);
			for (const part of parts) expect(part.width / 400).toBeCloseTo(part.litres / litres, 2);
		}
	);

	it('lays the parts end to end', () => {
		const { parts } = recipeOf(planOf('compost-rest'));
		parts.reduce((end, part) => {
			expect(part.x).toBeCloseTo(end, 6);
			return part.x + part.width;
		}, 0);
	});

	it('settles to less than its parts, and a soak to its char', () => {
		const mix = recipeOf(planOf('compost-rest'));
		expect(mix.settledWidth).toBeLessThan(400);
		expect(mix.settled).toBeLessThan(mix.parts.reduce((sum, part) => sum + part.litres, 0));
		expect(recipeOf(planOf('nitrogen-soak')).settled).toBeCloseTo(60, 6);
	});

	it('leaves out water where the char brings its own', () => {
		const wet = recipeOf(planOf('compost-rest', {}, 'quench-wet'));
		expect(wet.parts.every(({ litres }) => litres >= 0.5)).toBe(true);
	});

	it('grows the partner with its parts', () => {
		const partner = (ratio: string) =>
			recipeOf(planOf('compost-rest', { ratio })).parts.find(({ is }) => is === 'partner')!.litres;
		expect(partner('2')).toBeCloseTo(2 * partner('1'), 6);
	});
});
