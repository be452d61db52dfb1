import type { Measure } from '../core/materials';
import { z } from 'zod';
import type { CharWetness } from '../core/char';
import { baselines, quenches, troubles, type BurnTold } from '../core/fires';
import {
	celsius,
	kgDry,
	kilograms,
	litres,
	metres,
	type KgDry,
	type Kilograms,
	type Litres,
	type Metres,
	parseMass
} from '../core/units';
import { woodClasses, type WoodClassId } from '../core/woodyard';
import { loadsFrom, wetnessField, type LoadInput } from './fires';
import {
	fields,
	ids,
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
import { readField } from './read-field';

export interface BurnInput {
	/** The planned burn this records, if there was one. */
	readonly burn?: string | undefined;
	readonly vessel: string;
	readonly loads: readonly LoadInput[];
	/** Depth dipped in the vessel, litres or tubs filled, or its weight as it lay. */
	readonly measured:
		| { readonly by: 'depth'; readonly depth: Metres }
		| { readonly by: 'litres'; readonly litres: Litres }
		| {
				readonly by: 'weight';
				readonly kg: Kilograms;
				/** Lifted, not weighed: as heavy as something of that weight. */
				readonly byFeel?: boolean;
		  };
	/** Wood that came from no stack: weighed as it went in, or worked back from the char. */
	readonly wood?: UnstackedWood | undefined;
	readonly told?: BurnTold | undefined;
	readonly sample?: { readonly litres: Litres; readonly kg: KgDry } | undefined;
	/** All of the char, dried and weighed. */
	readonly charWeighed?: KgDry | undefined;
	readonly wetness: CharWetness;
	/** Picked out: by their volume, or weighed as they lay. */
	readonly brands?: Measure | undefined;
	readonly water_l?: number | undefined;
	readonly smoke_min?: number | undefined;
}

export type UnstackedWood =
	| {
			readonly by: 'weighed';
			readonly kg: Kilograms;
			/** Water, share of that weight, where somebody measured it. */
			readonly water?: number | undefined;
			readonly class: WoodClassId;
	  }
	| { readonly by: 'reckoned'; readonly class: WoodClassId };

export const measuredBy = ['depth', 'litres', 'weight'] as const;

/** "5 L", "2 tubs" or "3 kg". */
const brandsField = (reading: Reading) =>
	z.string().transform((typed, ctx): Measure => {
		const isMass = parseMass(typed, reading).status === 'ok' && /[a-z]/i.test(typed);
		const read = isMass
			? readField(typed, limits.burn.brandsWeight, reading)
			: readField(typed, limits.burn.brands, reading);
		if (read.status === 'ok')
			return isMass ? { kg: read.value as Kilograms } : { litres: read.value as Litres };
		ctx.addIssue({ code: 'custom', message: read.code, params: read.facts });
		return z.NEVER;
	});

/** What came out of a fire, as far as it is known, and what people noted of it. */
export function burnSchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	const by = values.measuredBy;
	const unstacked = values.woodFrom === 'weighed' || values.woodFrom === 'reckoned';
	return z
		.object({
			burn: optional(z.string().regex(/^F\d{1,7}$/, { error: 'bad-form' })),
			vessel: text(60),
			woodFrom: oneOf(['stacks', 'weighed', 'reckoned']).default('stacks'),
			loads: unstacked ? unused.transform((): LoadInput[] => []) : loadsFrom(reading, values),
			woodWeight:
				values.woodFrom === 'weighed' ? quantity(limits.burn.woodWeight, kilograms) : unused,
			woodWater: unstacked ? optional(quantity(limits.burn.woodWater)) : unused,
			woodClass: unstacked ? oneOf(ids(woodClasses)) : unused,
			measuredBy: oneOf(measuredBy),
			depth: by === 'depth' ? quantity(limits.burn.depth, metres) : unused,
			char: by === 'litres' ? quantity(limits.burn.char, litres) : unused,
			charWeight: by === 'weight' ? quantity(limits.burn.charWeight, kilograms) : unused,
			byFeel: ticked,
			sampleVolume: optional(quantity(limits.burn.sampleVolume, litres)),
			sampleMass: values.sampleVolume?.trim() ? quantity(limits.burn.sampleMass, kgDry) : unused,
			charWeighed: optional(quantity(limits.burn.charWeighed, kgDry)),
			wetness: wetnessField,
			brands: optional(brandsField(reading)),
			water: optional(quantity(limits.burn.water, litres)),
			smoke: optional(quantity(limits.burn.smoke))
		})
		.and(toldSchema(reading, values))
		.transform((typed): BurnInput => ({
			burn: typed.burn,
			vessel: typed.vessel,
			loads: typed.loads,
			...(typed.woodFrom === 'stacks'
				? {}
				: {
						wood: {
							class: typed.woodClass as WoodClassId,
							...(typed.woodFrom === 'reckoned'
								? { by: 'reckoned' as const }
								: {
										by: 'weighed' as const,
										kg: typed.woodWeight as Kilograms,
										water:
											typed.woodWater === undefined ? undefined : (typed.woodWater as number) / 100
									})
						}
					}),
			measured:
				typed.measuredBy === 'depth'
					? { by: 'depth', depth: typed.depth as Metres }
					: typed.measuredBy === 'litres'
						? { by: 'litres', litres: typed.char as Litres }
						: {
								by: 'weight',
								kg: typed.charWeight as Kilograms,
								...(typed.byFeel ? { byFeel: true } : {})
							},
			sample:
				typed.sampleVolume === undefined
					? undefined
					: { litres: typed.sampleVolume, kg: typed.sampleMass as KgDry },
			charWeighed: typed.charWeighed,
			wetness: typed.wetness,
			brands: typed.brands,
			water_l: typed.water ?? hosed(typed.told.hose),
			smoke_min: typed.smoke,
			told: typed.told
		}));
}

const hosed = (hose: BurnTold['hose']): number | undefined => hose && hose.min * hose.l_min;

/** What may be noted beside the measures; what was left empty is not kept. */
function toldSchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	const { told } = limits;
	const hosing = Boolean(values.hoseMinutes?.trim());
	return z
		.object({
			litAt: values.litAt?.trim() ? laterTime(reading) : unused,
			layers: optional(quantity(told.layers)),
			hottest: optional(quantity(told.hottest, celsius)),
			hottestBy: oneOf(['gun', 'probe']).default('gun'),
			wind: maybeText(60),
			people: maybeText(120),
			quench: oneOf(['', ...quenches]).default(''),
			hoseMinutes: hosing ? quantity(told.hoseMinutes) : unused,
			hoseRate: hosing ? quantity(told.hoseRate, litres) : unused,
			fills: optional(quantity(told.fills)),
			outerFuel: optional(quantity(told.outerFuel)),
			gasMinutes: optional(quantity(told.gasMinutes)),
			troubles: z
				.string()
				.default('')
				.transform((ticked) => troubles.filter((one) => ticked.split('\n').includes(one))),
			baseline: oneOf(baselines).default('unsaid'),
			bones: optional(quantity(told.bones))
		})
		.transform(({ quench, baseline, troubles: went, ...typed }): { told: BurnTold } => ({
			told: {
				...(typeof typed.litAt === 'number' ? { lit_ms: typed.litAt } : {}),
				...(typed.layers === undefined ? {} : { layers: Math.round(typed.layers) }),
				...(typed.hottest === undefined
					? {}
					: { hottest: { c: typed.hottest, by: typed.hottestBy } }),
				...(typed.wind === '' ? {} : { wind: typed.wind }),
				...(typed.people === '' ? {} : { people: typed.people }),
				...(quench === '' ? {} : { quench }),
				...(hosing
					? { hose: { min: typed.hoseMinutes as number, l_min: typed.hoseRate as number } }
					: {}),
				...(typed.fills === undefined ? {} : { fills: typed.fills }),
				...(typed.outerFuel === undefined ? {} : { outer_kg: typed.outerFuel }),
				...(typed.gasMinutes === undefined ? {} : { gas_min: typed.gasMinutes }),
				...(went.length > 0 ? { troubles: went } : {}),
				...(baseline === 'unsaid' ? {} : { baseline }),
				...(typed.bones === undefined ? {} : { bones: typed.bones / 100 })
			}
		}));
}
