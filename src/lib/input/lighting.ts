import { z } from 'zod';
import { metres } from '../core/units';
import { woodClasses, type WoodClassId } from '../core/woodyard';
import { fields, ids, oneOf, optional, text, type Reading } from './form';
import { limits } from './limits';

export interface LightInput {
	/** A planned fire that is lit; of one without a plan its vessel and what is said of its wood. */
	readonly burn?: string;
	readonly vessel?: string;
	readonly wood?: {
		readonly class: WoodClassId;
		/** Of its pieces, m. */
		readonly diameter_m?: number;
		/** Water, share of its weight. */
		readonly water?: number;
	};
}

/** A planned fire is lit: all else is known of it. */
export const lightPlannedSchema = (burn: string) =>
	z.object({}).transform((): LightInput => ({ burn }));

/** A fire that is lit straight away. */
export const lightSchema = (reading: Reading) => {
	const { quantity } = fields(reading);
	return z
		.object({
			vessel: text(60),
			woodClass: oneOf(ids(woodClasses)).default('mixed'),
			thick: optional(quantity(limits.fire.thick, metres)),
			wet: optional(quantity(limits.fire.wet))
		})
		.transform(({ vessel, woodClass, thick, wet }): LightInput => ({
			vessel,
			wood: {
				class: woodClass,
				...(thick === undefined ? {} : { diameter_m: thick }),
				...(wet === undefined ? {} : { water: wet / 100 })
			}
		}));
};
