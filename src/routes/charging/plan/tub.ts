import { asInput, estimate, exactly, inputOf, type Estimate, type Input } from '$lib/core/units';
import type { ReckonedPlan } from './reckoning';

const plainly = (value: number, unit: 'L' | 'cm', basis: string, formula: string, from: Input[]) =>
	estimate<number>((v) => v, exactly(value), { unit, basis, formula, from });

const tubHolds = ({ tub }: ReckonedPlan): Input => ({
	name: `${tub?.name ?? 'the tub'} holds`,
	value: tub?.capacity_l ?? 0,
	unit: 'L',
	origin: 'measured',
	source: 'its measures, on its own page'
});

const margin: Input = {
	name: 'liquid above the char',
	value: 5,
	unit: 'cm',
	origin: 'default',
	source: 'Soak practice: liquid 5 cm above the char'
};

/** Most char that the tub takes under its liquid. */
export const mostCharOf = (plan: ReckonedPlan): Estimate =>
	plainly(plan.charge.mostChar ?? 0, 'L', 'char, loose', 'volume up to the liquid’s margin', [
		tubHolds(plan),
		margin
	]);

/** How high char and liquid stand in the tub; undefined where they go over the rim. */
export function levelsOf(plan: ReckonedPlan): {
	readonly char: Estimate | undefined;
	readonly liquid: Estimate | undefined;
} {
	const { soak } = plan.charge;
	const char: Input = inputOf('char', plan.volume, 'L', 'typed', 'of this plan, loose');
	const level = (depth: number | undefined, formula: string, from: Input[]) =>
		depth === undefined
			? undefined
			: plainly(depth * 100, 'cm', 'from the floor of the tub', formula, [tubHolds(plan), ...from]);
	return {
		char: level(soak?.charDepth, 'depth at which the tub holds the char', [char]),
		liquid: level(soak?.liquidDepth, 'depth of the char + the margin above it', [
			char,
			margin,
			...(soak ? [asInput('liquid to cover', soak.liquid)] : [])
		])
	};
}
