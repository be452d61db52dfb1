import { z } from 'zod';
import type { CharState } from '../core/char';
import { litres, metres, type Litres, type Metres } from '../core/units';
import {
	stackForms,
	woodClasses,
	type StackFormId,
	type StackMeasure,
	type WoodClassId
} from '../core/woodyard';
import { pailOf, type Shape } from '../core/vessels';
import type { CharInInput } from './char-in';
import type { VesselInput } from './vessels';
import type { StackInput } from './woodyard';
import {
	fields,
	ids,
	maybeText,
	nameField,
	oneOf,
	unused,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';

/** Chosen where what one plans with stands in no books: it is typed on the spot. No thing goes by such a name. */
export const onTheSpot = '@spot';

/** What char is taken for of which only the litres are said. */
export const spotWood: WoodClassId = 'light-hardwood';
export const spotWetness = 'drained';

/** What was typed on the spot is kept: char comes into the books. */
export const spotCharSchema = (reading: Reading) =>
	z
		.object({
			spotChar: fields(reading).quantity(limits.charge.spotChar, litres),
			spotState: oneOf(['crushed', 'whole']),
			spotFrom: oneOf(['bought', 'given'])
		})
		.transform(({ spotChar, spotState, spotFrom }): CharInInput => ({
			name: '',
			origin: { from: spotFrom },
			state: spotState as CharState,
			wood: spotWood,
			wetness: spotWetness,
			litres: spotChar
		}));

/** A pail that was typed on the spot by what it holds. */
export const spotPailSchema = (reading: Reading) =>
	z
		.object({
			spotVessel: fields(reading).quantity(limits.brew.spotVessel, litres),
			spotName: nameField
		})
		.transform(({ spotVessel, spotName }): VesselInput => ({
			name: spotName,
			isNew: true,
			usedFor: 'tub',
			shape: pailOf(spotVessel)
		}));

/** The ways whose vessel two measures tell. */
export const spotWays = ['open-kiln', 'barrel'] as const;
export type SpotWay = (typeof spotWays)[number];

/** Round, with straight sides, until it is measured. */
export const spotShape = (wide: Metres, deep: Metres): Shape => ({
	kind: 'round',
	rimWidth: wide,
	floorWidth: wide,
	depth: deep
});

/** Wood by its litres as it lies, taken for seasoned. */
export const spotStack = (
	filled: Litres,
	typed: string,
	wood: WoodClassId,
	form: StackFormId
): StackMeasure => ({
	size: { by: 'measures', litres: filled, typed },
	wood,
	form,
	seasoned: true
});

export interface SpotBurnInput {
	readonly vessel?: VesselInput;
	readonly stack?: StackInput;
}

/** A kiln, a pile or both that were typed on the spot for a burn. */
export function spotBurnSchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	const hasVessel = values.vessel === onTheSpot;
	const hasStack = (values.loads ?? '').split('\n').includes(onTheSpot);
	return z
		.object({
			spotName: hasVessel ? nameField : unused,
			spotWay: hasVessel ? oneOf(spotWays) : unused,
			spotWide: hasVessel ? quantity(limits.plan.spotWide, metres) : unused,
			spotDeep: hasVessel ? quantity(limits.plan.spotDeep, metres) : unused,
			spotWood: hasStack ? quantity(limits.plan.spotWood, litres) : unused,
			spotWoodClass: hasStack ? oneOf(ids(woodClasses)) : unused,
			spotForm: hasStack ? oneOf(ids(stackForms)) : unused,
			spotLabel: maybeText(80).optional()
		})
		.transform((typed): SpotBurnInput => ({
			...(hasVessel
				? {
						vessel: {
							name: typed.spotName as string,
							isNew: true,
							usedFor: typed.spotWay as SpotWay,
							shape: spotShape(typed.spotWide as Metres, typed.spotDeep as Metres)
						}
					}
				: {}),
			...(hasStack
				? {
						stack: {
							name: typed.spotLabel || 'wood for a burn',
							measure: spotStack(
								typed.spotWood as Litres,
								values.spotWood ?? '',
								typed.spotWoodClass as WoodClassId,
								typed.spotForm as StackFormId
							),
							suspicion: 'none'
						}
					}
				: {})
		}));
}
