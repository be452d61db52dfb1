import { soakOver_m } from '$lib/core/charging';
import { added, earlier, found, known, reckon, type Estimate, type Leaf } from '$lib/core/units';
import type { ReckonedPlan } from './reckoning';

const tubHolds = ({ tub }: ReckonedPlan): Leaf =>
	known(
		`${tub?.name ?? 'the tub'} holds`,
		tub?.capacity_l ?? 0,
		'L',
		'measured',
		'its measures, on its own page'
	);

const margin: Leaf = known(
	'liquid above the char',
	soakOver_m * 100,
	'cm',
	'default',
	'Soak practice: liquid 5 cm above the char'
);

const plainly = (value: number): number => value;

/** Most char that the tub takes under its liquid. */
export const mostCharOf = (plan: ReckonedPlan): Estimate =>
	found(
		plainly,
		known(
			'volume under the margin',
			plan.charge.mostChar ?? 0,
			'L',
			'computed',
			'volume of the tub up to the liquid’s margin'
		),
		[tubHolds(plan), margin],
		{ unit: 'L', basis: 'char, loose' }
	);

/** How high char and liquid stand in the tub; undefined where they go over the rim. */
export function levelsOf(plan: ReckonedPlan): {
	readonly char: Estimate | undefined;
	readonly liquid: Estimate | undefined;
} {
	const { soak } = plan.charge;
	if (soak?.charDepth === undefined) return { char: undefined, liquid: undefined };
	const basis = 'from the floor of the tub';
	const char = found(
		plainly,
		known(
			'depth of the char',
			soak.charDepth * 100,
			'cm',
			'computed',
			'depth at which the tub holds so much'
		),
		[known('char', plan.volume, 'L', 'typed', 'of this plan, loose'), tubHolds(plan)],
		{ unit: 'cm', basis }
	);
	const liquid = reckon(plainly, added(earlier('depth of the char', char), margin), {
		unit: 'cm',
		basis
	});
	return { char, liquid: soak.liquidDepth === undefined ? undefined : liquid };
}
