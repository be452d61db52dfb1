import { z } from 'zod';
import type { CharFinding } from '../../core/char';
import { smells, type PlaceTold, type Smell, type WaterTold } from '../../core/brews';
import type { CropKind } from '../../core/beds';
import {
	stages,
	type BeanVerdict,
	type HeapSize,
	type HeapSmell,
	type HeapWay,
	type Stage,
	type Under,
	type UrineAge
} from '../../core/heaps';
import type { MixUse } from '../../core/mixes';
import type { PhIn } from '../../core/liming';
import type { AshSource, Measure, Measured } from '../../core/materials';
import type { KitEvent } from '../../core/vessels';
import type { CoverId } from '../../core/woodyard';
import { detectiveSchemas, type FoundByDetective } from './finding-detective';
import { fireSchemas, type FoundAtFires } from './finding-fires';
import { trialSchemas, type FoundInTrials } from './finding-trials';
import { jsonOf } from './json';

/** What was said of a brew when it was set going. */
export interface BrewStart {
	readonly water?: WaterTold;
	readonly place?: PlaceTold;
	/** Why it was set going against what the program said. */
	readonly reason?: string;
}

/** What was said of a heap when it was begun. */
export interface HeapStart {
	readonly way: HeapWay;
	readonly size?: HeapSize;
	/** As deep as it was laid, where that was measured. */
	readonly depth_m?: number;
	readonly isTough?: boolean;
	readonly isShredded?: boolean;
	/** Leaves of a street: litter and oil. */
	readonly isStreet?: boolean;
	readonly isCovered?: boolean;
	/** Its outturn is meant for what bears no lime. */
	readonly forAcidLovers?: boolean;
	readonly urine?: UrineAge;
	/** What a path lies on. */
	readonly under?: Under;
	/** Boards hold its sides. */
	readonly hasTimber?: boolean;
	/** Why it was begun against what the program said. */
	readonly reason?: string;
}

/** What is done with a batch, and needs no figure. */
export const doings = [
	'stirred',
	'turned',
	'moistened',
	'mucked-out',
	'topped-up',
	'drained',
	'moved',
	'joined',
	'split',
	'pump-stopped',
	'pump-started',
	'fed',
	'strained',
	'vented',
	'looked-at'
] as const;
export type Doing = (typeof doings)[number];

/** What may be found at a thing, by the name its row has, and the figures that come with it. */
export interface FoundOf
	extends Readonly<Record<Doing, object>>, FoundAtFires, FoundInTrials, FoundByDetective {
	readonly remark: { readonly words: string };
	/** Of a fire also by what: a gun reads the surface, a probe the bed. */
	readonly temperature: { readonly temperature_c: number; readonly by?: 'gun' | 'probe' };
	readonly smell: { readonly smell: Smell };
	readonly salt: { readonly dS_m: number; readonly of: 'brew' | 'diluted' };
	readonly doubt: { readonly why: string };
	readonly 'lid-leaks': object;
	readonly 'lid-mended': object;
	readonly 'brew-start': BrewStart;
	readonly wetness: Omit<Extract<CharFinding, { kind: 'wetness' }>, 'kind'>;
	readonly rinsed: object;
	readonly quality: Omit<Extract<CharFinding, { kind: 'quality' }>, 'kind'>;
	readonly sieved: Omit<Extract<CharFinding, { kind: 'sieved' }>, 'kind'>;
	readonly cover: { readonly cover: CoverId };
	readonly kit: { readonly what: KitEvent; readonly words: string };
	/** A round of a programme that was let go by, by the day it was due. */
	readonly 'round-skipped': { readonly due: string; readonly why?: string };
	/** Embers put into a running pail. */
	readonly skimmed: { readonly litres: number };
	/** Water that a quench took; what the hose gives a minute, where it was so many minutes of it. */
	readonly 'quench-water': { readonly litres: number; readonly hose_l_min: number | null };
	/** What grows on a target, or will; of several each with its share of the ground. */
	readonly crop: {
		readonly name: string;
		readonly kind: CropKind;
		readonly share: number;
		readonly when: 'now' | 'next';
	};
	readonly 'acid-lover': { readonly is: boolean };
	readonly 'eaten-raw': { readonly is: boolean };
	/** As it was read, the mean of its places; none: it is not known any more. */
	readonly ph: {
		readonly ph: number | null;
		readonly places?: readonly number[];
		readonly in?: PhIn;
		readonly depth_m?: number;
	};
	readonly sown: {
		readonly name: string;
		readonly how?: 'sown' | 'planted';
		readonly share?: number;
	};
	/** What came off a bed, as it was measured; of what grew there where no crop is named. */
	readonly harvested: {
		readonly measure: Measure;
		readonly name?: string;
	};
	/** Nitrogen of manures in a season that it is held to. */
	readonly limit: { readonly nitrogen_g_m2: number };
	/** Of one crop, or of all that grew there. */
	readonly cleared: { readonly name?: string };
	/** What lies over or grows between, so that the ground is not bare. */
	readonly 'ground-cover': { readonly words: string };
	/** Of an ash lot: the fire it came from, and how it was kept. */
	readonly 'ash-told': {
		readonly source: AshSource;
		readonly sifted: boolean;
		readonly unsure: boolean;
	};
	readonly untreated: object;
	/** Of a stuff whose source is refused for soil. */
	readonly 'refused-source': { readonly why: string };
	readonly 'heap-start': HeapStart;
	/** Every probe of one look with a thermometer, and their mean. */
	readonly heat: { readonly temperature_c: number; readonly places?: readonly number[] };
	/** How deep a heap stands by a stick. */
	readonly sunk: { readonly depth_m: number };
	readonly stage: { readonly stage: Stage };
	readonly 'heap-smell': { readonly is: HeapSmell };
	/** So many bags, and what one cost in the money of the place. */
	readonly bought: { readonly bags: number; readonly price?: number };
	/** What a mix was made for. */
	readonly mixed: { readonly use: MixUse };
	/** Air of a mix after an hour of draining: water caught over what was filled. */
	/** Of its wet paste. */
	readonly 'mix-salt': { readonly dS_m: number };
	readonly 'mix-air': { readonly caught_l: number; readonly filled_l: number };
	/** What was measured of one lot, over what was known of it. */
	readonly analysed: { readonly measured: Measured };
	/** Where a corner stands on one’s round. */
	readonly walk: { readonly number: number };
	/** Beans in a suspect stuff beside beans in a clean one. */
	readonly 'bean-test': { readonly verdict: BeanVerdict; readonly pots?: number };
}
export type What = keyof FoundOf;

const bare = z.looseObject({});
const one = <Shape extends z.ZodRawShape>(shape: Shape) => z.looseObject(shape);
const range = one({ value: z.number(), low: z.number(), high: z.number() });
const fact = one({ is: z.boolean() });

const schemas: Readonly<Record<Exclude<What, Doing>, z.ZodType>> = {
	remark: one({ words: z.string() }),
	temperature: one({ temperature_c: z.number(), by: z.enum(['gun', 'probe']).optional() }),
	...fireSchemas,
	...trialSchemas,
	...detectiveSchemas,
	smell: one({ smell: z.enum(smells) }),
	salt: one({ dS_m: z.number(), of: z.enum(['brew', 'diluted']) }),
	doubt: one({ why: z.string() }),
	'lid-leaks': bare,
	'lid-mended': bare,
	'brew-start': one({
		water: one({ source: z.string() }).optional(),
		place: bare.optional(),
		reason: z.string().optional()
	}),
	wetness: one({ wetness: z.string(), water: z.number().optional() }),
	rinsed: bare,
	quality: one({ passed: z.array(z.string()), failed: z.array(z.string()) }),
	sieved: one({ shares: z.record(z.string(), z.number()) }),
	cover: one({ cover: z.string() }),
	kit: one({ what: z.string(), words: z.string() }),
	'round-skipped': one({ due: z.string(), why: z.string().optional() }),
	skimmed: one({ litres: z.number() }),
	'quench-water': one({ litres: z.number(), hose_l_min: z.number().nullable() }),
	crop: one({
		name: z.string(),
		kind: z.string(),
		share: z.number(),
		when: z.enum(['now', 'next'])
	}),
	'acid-lover': fact,
	'eaten-raw': fact,
	ph: one({ ph: z.number().nullable(), places: z.array(z.number()).optional() }),
	sown: one({ name: z.string(), share: z.number().optional() }),
	harvested: one({
		measure: z.union([one({ kg: z.number() }), one({ litres: z.number() })]),
		name: z.string().optional()
	}),
	limit: one({ nitrogen_g_m2: z.number() }),
	cleared: one({ name: z.string().optional() }),
	'ground-cover': one({ words: z.string() }),
	'ash-told': one({ source: z.string(), sifted: z.boolean(), unsure: z.boolean() }),
	untreated: bare,
	'heap-start': one({ way: z.string() }),
	heat: one({ temperature_c: z.number(), places: z.array(z.number()).optional() }),
	sunk: one({ depth_m: z.number() }),
	stage: one({ stage: z.enum(stages) }),
	walk: one({ number: z.number() }),
	bought: one({ bags: z.number(), price: z.number().optional() }),
	mixed: one({ use: z.string() }),
	'mix-salt': one({ dS_m: z.number() }),
	'mix-air': one({ caught_l: z.number(), filled_l: z.number() }),
	analysed: one({ measured: z.record(z.string(), range) }),
	'heap-smell': one({ is: z.string() }),
	'bean-test': one({ verdict: z.string(), pots: z.number().optional() }),
	'refused-source': one({ why: z.string() })
};

const readers = new Map<string, (text: string) => unknown>(
	Object.entries(schemas).map(([what, schema]) => [what, jsonOf(schema)])
);
const readBare = jsonOf<object>(bare);

/** What the row of a finding says, read through the schema of its kind; of one that needs no figure, nothing. */
export const readFound = (what: string, text: string): unknown =>
	(readers.get(what) ?? readBare)(text);

/** Every name a finding may have. */
export const whats: readonly string[] = [...doings, ...Object.keys(schemas)];
