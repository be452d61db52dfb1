import { z } from 'zod';
import { celsius, kmPerHour, litres, type Celsius, type Litres, type Part } from '../core/units';
import { quenches, waterThere, type CheckedPlace, type Quench } from '../core/fires';
import {
	fields,
	laterTime,
	oneOf,
	optional,
	text,
	ticked,
	type Reading,
	type Values
} from './form';
import { limits, type Limit } from './limits';

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
	/** Liquor that ran off and was caught: a lot of its own. */
	readonly liquor?: Litres | undefined;
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
	/** How it will be put out, where not as usual for its way. */
	readonly quench?: Quench | undefined;
	/** Wind and its gusts as they were read, and litres of water that stand and run on site. */
	readonly wind_km_h?: number | undefined;
	readonly gust_km_h?: number | undefined;
	readonly waterOnSite?: Litres | undefined;
}

export const wetnessField = oneOf(['dry', 'drained', 'quench-wet']);

const codeField = /^[SKCP]\d{1,7}$/;

/** The stacks ticked on a form, each whole or a typed part (`part-S3`). */
export function loadsFrom(reading: Reading, values: Values) {
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
	const { quantity } = fields(reading);
	const speed = (limit: Limit) => optional(quantity(limit));
	return z
		.object({
			vessel: text(60),
			loads: loadsFrom(reading, values),
			plannedFor: laterTime(reading),
			putOutBy: oneOf(['', ...quenches]).default(''),
			windSpeed: speed(limits.plan.windSpeed),
			gustSpeed: speed(limits.plan.gustSpeed),
			waterOnSite: optional(quantity(limits.plan.waterOnSite, litres)),
			standbyRate: optional(quantity(limits.plan.standbyRate)),
			standbyMinutes: optional(quantity(limits.plan.standbyMinutes))
		})
		.transform(({ vessel, loads, plannedFor, putOutBy, ...there }): PlanInput => ({
			wind_km_h: kmPerHourOf(there.windSpeed, reading),
			gust_km_h: kmPerHourOf(there.gustSpeed, reading),
			waterOnSite: onSite(there),
			quench: putOutBy === '' ? undefined : putOutBy,
			vessel,
			loads,
			plannedFor_ms: plannedFor
		}));
}

/** Typed in km/h, or mph in US customary. */
const kmPerHourOf = (typed: number | undefined, { system }: Reading): number | undefined =>
	typed === undefined ? undefined : kmPerHour(typed, system);

/** What stands there, and what a hose gives while it runs. */
function onSite(there: {
	readonly waterOnSite?: Litres | undefined;
	readonly standbyRate?: number | undefined;
	readonly standbyMinutes?: number | undefined;
}): Litres | undefined {
	const { waterOnSite, standbyRate: l_min, standbyMinutes: min } = there;
	const hose = l_min === undefined || min === undefined ? undefined : { l_min, min };
	const all = waterThere(waterOnSite, hose);
	return all && litres(all.value);
}

/** A check: places probed (a temperature), felt (a tap), or both. */
export function checkSchema(reading: Reading, burn: string) {
	return walkSchema(reading).transform((walk): CheckInput => ({ burn, ...walk }));
}

/** A soak as it is drained; its places may stay empty where its fire was proven out before. */
export function drainSchema(reading: Reading, code: string) {
	return walkSchema(reading)
		.and(z.object({ liquor: optional(fields(reading).quantity(limits.liquor, litres)) }))
		.transform(({ places, smoke, whiteSpots, liquor }): DrainInput => ({
			code,
			places,
			smoke,
			whiteSpots,
			...(liquor === undefined ? {} : { liquor })
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
