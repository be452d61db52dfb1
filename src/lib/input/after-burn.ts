import { z } from 'zod';
import type { CharWetness } from '../core/char';
import { litres, type Litres } from '../core/units';
import { wetnessField } from './fires';
import { fields, optional, unused, type Reading, type Values } from './form';
import { limits } from './limits';

export interface RelitInput {
	readonly burn: string;
	/** Litres of char that are left. */
	readonly left: Litres;
}

/** A fire that burnt again, and what it left. */
export const relitSchema = (reading: Reading, burn: string) =>
	z
		.object({ left: fields(reading).quantity(limits.relit.left, litres) })
		.transform(({ left }): RelitInput => ({ burn, left }));

export interface WaterInput {
	readonly burn: string;
	/** Litres, times it was filled, or minutes of a hose: what it gives is as it was last said unless it is said now. */
	readonly used:
		| { readonly by: 'litres'; readonly litres: Litres }
		| { readonly by: 'fills'; readonly fills: number }
		| { readonly by: 'hose'; readonly min: number; readonly l_min?: Litres | undefined };
}

/** The water that a quench took. */
export const waterSchema = (reading: Reading, burn: string, values: Values) => {
	const { quantity } = fields(reading);
	const hosing = Boolean(values.hoseMinutes?.trim());
	const filling = !hosing && Boolean(values.fills?.trim());
	return z
		.object({
			water: hosing || filling ? unused : quantity(limits.burn.water, litres),
			fills: filling ? quantity(limits.told.fills) : unused,
			hoseMinutes: hosing ? quantity(limits.told.hoseMinutes) : unused,
			hoseRate: optional(quantity(limits.told.hoseRate, litres))
		})
		.transform(({ water, hoseMinutes, hoseRate, fills }): WaterInput => ({
			burn,
			used: hosing
				? { by: 'hose', min: hoseMinutes as number, l_min: hoseRate }
				: filling
					? { by: 'fills', fills: fills as number }
					: { by: 'litres', litres: water as Litres }
		}));
};

export interface CharOfInput {
	readonly burn: string;
	readonly litres: Litres;
	readonly wetness: CharWetness;
}

/** What came out of a fire that was set down before: loaded as it was set down. */
export const charOfSchema = (reading: Reading, burn: string) =>
	z
		.object({
			char: fields(reading).quantity(limits.burn.char, litres),
			wetness: wetnessField
		})
		.transform(({ char, wetness }): CharOfInput => ({
			burn,
			litres: char,
			wetness
		}));

export interface QuenchPailInput {
	readonly vessel: string;
}

/** A running pail of embers is quenched. */
export const pailSchema = (vessel: string) =>
	z.object({}).transform((): QuenchPailInput => ({ vessel }));
