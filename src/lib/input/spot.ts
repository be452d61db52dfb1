import { z } from 'zod';
import type { CharState } from '../core/char';
import { litres } from '../core/units';
import type { WoodClassId } from '../core/woodyard';
import { pailOf } from '../core/vessels';
import type { CharInInput } from './char-in';
import type { VesselInput } from './vessels';
import { fields, nameField, oneOf, type Reading } from './form';
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
