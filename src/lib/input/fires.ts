import type { CharWetness } from '../core/char';
import { z } from 'zod';
import {
	celsius,
	kgDry,
	litres,
	metres,
	type Celsius,
	type Litres,
	type KgDry,
	type Metres,
	type Part
} from '../core/units';
import type { CheckedPlace } from '../core/fires';
import {
	fields,
	laterTime,
	maybeText,
	oneOf,
	optional,
	text,
	ticked,
	unused,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';

export interface BurnInput {
	/** The planned burn this records, if there was one. */
	readonly burn?: string | undefined;
	readonly vessel: string;
	readonly loads: readonly LoadInput[];
	/** Depth dipped in the vessel, or litres measured otherwise. */
	readonly measured:
		| { readonly by: 'depth'; readonly depth: Metres }
		| { readonly by: 'litres'; readonly litres: Litres };
	readonly sample?: { readonly litres: Litres; readonly kg: KgDry } | undefined;
	/** All of the char, dried and weighed. */
	readonly charWeighed?: KgDry | undefined;
	readonly wetness: CharWetness;
	readonly brandsLitres?: Litres | undefined;
	readonly water_l?: number | undefined;
	readonly smoke_min?: number | undefined;
	/** Why the figures are odd and still right. */
	readonly oddReason: string;
}

export interface CheckInput {
	readonly burn: string;
	readonly places: readonly CheckedPlace[];
	readonly smoke: boolean;
	readonly whiteSpots: boolean;
	/** Air beside the heap. */
	readonly air?: Celsius | undefined;
	/** An old notebook's word that the whole series was walked. */
	readonly wholeSeries?: boolean;
}

export interface DrainInput {
	readonly code: string;
	/** Places felt or probed in the drained char; none where its fire was proven out before. */
	readonly places: readonly CheckedPlace[];
	readonly smoke: boolean;
	readonly whiteSpots: boolean;
}

export interface LoadInput {
	readonly code: string;
	readonly litres: Part;
}

export interface PlanInput {
	readonly vessel: string;
	readonly loads: readonly LoadInput[];
	readonly plannedFor_ms: number;
	/** A day beyond reason is meant. */
	readonly sure?: boolean;
}

export const wetnessField = oneOf(['dry', 'drained', 'quench-wet']);

const codeField = /^[SKCP]\d{1,7}$/;

/** The stacks ticked on a form, each whole or a typed part (`part-S3`). */
function loadsFrom(reading: Reading, values: Values) {
	const { part } = fields(reading);
	return z
		.string({ error: 'no-load' })
		.default('')
		.transform((ticked, ctx): LoadInput[] => {
			const codes = ticked.split('\n').filter((code) => codeField.test(code));
			return codes.map((code) => {
				const typed = values[`part-${code}`]?.trim() ?? '';
				if (typed === '') return { code, litres: 'all' };
				const read = part(limits.load.part).safeParse(typed);
				if (read.success) return { code, litres: read.data };
				for (const issue of read.error.issues)
					ctx.addIssue({
						code: 'custom',
						message: issue.message,
						params: issue.code === 'custom' ? issue.params : {}
					});
				return z.NEVER;
			});
		});
}

export function planSchema(reading: Reading, values: Values) {
	return z
		.object({
			vessel: text(60),
			loads: loadsFrom(reading, values),
			plannedFor: laterTime(reading),
			sure: ticked
		})
		.transform(({ vessel, loads, plannedFor, sure }): PlanInput => ({
			vessel,
			loads,
			plannedFor_ms: plannedFor,
			sure
		}));
}

export function burnSchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	return z
		.object({
			burn: optional(z.string().regex(/^F\d{1,7}$/, { error: 'bad-form' })),
			vessel: text(60),
			loads: loadsFrom(reading, values),
			measuredBy: oneOf(['depth', 'litres']),
			depth: values.measuredBy === 'depth' ? quantity(limits.burn.depth, metres) : unused,
			char: values.measuredBy === 'litres' ? quantity(limits.burn.char, litres) : unused,
			sampleVolume: optional(quantity(limits.burn.sampleVolume, litres)),
			sampleMass: values.sampleVolume?.trim() ? quantity(limits.burn.sampleMass, kgDry) : unused,
			charWeighed: optional(quantity(limits.burn.charWeighed, kgDry)),
			wetness: wetnessField,
			brands: optional(quantity(limits.burn.brands, litres)),
			water: optional(quantity(limits.burn.water, litres)),
			smoke: optional(quantity(limits.burn.smoke)),
			oddReason: maybeText(300)
		})
		.transform((typed): BurnInput => ({
			burn: typed.burn,
			vessel: typed.vessel,
			loads: typed.loads,
			measured:
				typed.measuredBy === 'depth'
					? { by: 'depth', depth: typed.depth as ReturnType<typeof metres> }
					: { by: 'litres', litres: typed.char as ReturnType<typeof litres> },
			sample:
				typed.sampleVolume === undefined
					? undefined
					: { litres: typed.sampleVolume, kg: typed.sampleMass as ReturnType<typeof kgDry> },
			charWeighed: typed.charWeighed,
			wetness: typed.wetness,
			brandsLitres: typed.brands,
			water_l: typed.water,
			smoke_min: typed.smoke,
			oddReason: typed.oddReason
		}));
}

/** A check: places probed (a temperature), felt (a tap), or both. */
export function checkSchema(reading: Reading, burn: string) {
	return walkSchema(reading).transform((walk): CheckInput => ({ burn, ...walk }));
}

/** A soak as it is drained; its places may stay empty where its fire was proven out before. */
export function drainSchema(reading: Reading, code: string) {
	return walkSchema(reading).transform(({ places, smoke, whiteSpots }): DrainInput => ({
		code,
		places,
		smoke,
		whiteSpots
	}));
}

function walkSchema(reading: Reading) {
	const probe = optional(fields(reading).quantity(limits.check.place1, celsius));
	const hand = z.enum(['cold', 'warm']).optional();
	return z
		.object({
			place1: probe,
			place2: probe,
			place3: probe,
			place4: probe,
			hand1: hand,
			hand2: hand,
			hand3: hand,
			hand4: hand,
			smoke: ticked,
			whiteSpots: ticked,
			air: optional(fields(reading).quantity(limits.check.air, celsius))
		})
		.transform((typed) => ({
			smoke: typed.smoke,
			whiteSpots: typed.whiteSpots,
			air: typed.air,
			places: [
				placeOf(typed.place1, typed.hand1),
				placeOf(typed.place2, typed.hand2),
				placeOf(typed.place3, typed.hand3),
				placeOf(typed.place4, typed.hand4)
			].flat()
		}));
}

/** Nothing said of a place is no place. */
function placeOf(probe: Celsius | undefined, felt: 'cold' | 'warm' | undefined): CheckedPlace[] {
	if (probe === undefined && felt === undefined) return [];
	return [
		{
			...(probe === undefined ? {} : { probe }),
			...(felt === undefined ? {} : { heatFelt: felt === 'warm' })
		}
	];
}
