import { z } from 'zod';
import {
	firsts,
	readWatering,
	recipes,
	type BrewStuff,
	type First,
	type Lid,
	type PlaceTold,
	type Recipe,
	type RecipeId,
	type Smell,
	type WateringAsk,
	type WaterTold
} from '../core/brews';
import { isMaterial, readMeasure, type Measure } from '../core/materials';
import { celsius, litres, metres, type Celsius, type Litres, type OwnMeasure } from '../core/units';
import { isRecipe } from '../core/brews';
import { measureField } from './charging';
import {
	complain,
	fields,
	ids,
	maybeText,
	oneOf,
	optional,
	text,
	ticked,
	unused,
	type Check,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';
import { issueOf } from './read-field';

/** A stuff brought in now, or a lot in the books: material of stock, or another brew. */
export interface StuffIn {
	readonly stuff: BrewStuff;
	readonly lot?: string | undefined;
}

export interface BrewPartIn extends StuffIn {
	/** Which part of the recipe it stands for. */
	readonly id: string;
	/** None: as much as the recipe usually takes. */
	readonly measure?: Measure | undefined;
}

export interface BrewInput {
	readonly recipe: RecipeId;
	/** What it is called, where it has a name of its own. */
	readonly name?: string | undefined;
	readonly vessel?: string | undefined;
	/** What the recipe is counted by: litres of water, or so much of a stuff. */
	readonly base: Measure;
	readonly baseStuff?: StuffIn | undefined;
	readonly parts: readonly BrewPartIn[];
	readonly water?: WaterTold | undefined;
	readonly place?: PlaceTold | undefined;
	readonly temperature: Celsius;
	/** Why it is set going against what the program said. */
	readonly reason?: string | undefined;
}

/** A choice as it is sent: `castings`, or `lot:B2:kept-culture`. */
export function chosenStuffIn(chosen: string): StuffIn | undefined {
	const lot = /^lot:([MB]\d{1,7}):(.+)$/.exec(chosen);
	const stuff = lot?.[2] ?? chosen;
	if (!isMaterial(stuff) && !isRecipe(stuff)) return undefined;
	return { stuff, ...(lot?.[1] ? { lot: lot[1] } : {}) };
}

const none = /^0+([.,]0*)?$/;

/** Each part of a recipe as it was chosen and measured: `with-bag`, `amount-bag`. */
const partsFrom = (reading: Reading, values: Values, recipe: Recipe | undefined) =>
	unused.transform((_value, ctx): readonly BrewPartIn[] =>
		(recipe?.parts ?? []).flatMap(({ id, from, isOption }): BrewPartIn[] => {
			const typed = values[`amount-${id}`]?.trim() ?? '';
			const stuff = chosenStuffIn(values[`with-${id}`] ?? '') ?? { stuff: from[0]! };
			if (none.test(typed) || (typed === '' && isOption)) return [];
			if (typed === '') return [{ id, ...stuff }];
			const read = readMeasure(typed, reading);
			if (read.status === 'ok') return [{ id, ...stuff, measure: read.measure }];
			const { code, facts } = issueOf(read);
			complain(ctx, `amount-${id}`, code, facts);
			return [];
		})
	);

const waterSources = [
	'rain',
	'well',
	'tap-chlorine',
	'tap-chloramine',
	'tap-unknown'
] as const satisfies readonly WaterTold['source'][];
const lids = ['breathing', 'vented', 'shut'] as const satisfies readonly Lid[];
const yesNo = optional(oneOf(['yes', 'no']));

/** A brew set going. */
export function brewSchema(reading: Reading, values: Values = {}) {
	const { quantity } = fields(reading);
	const recipe = recipes.find(({ id }) => id === values.recipe);
	const isWater = recipe?.base.of === 'water';
	return z
		.object({
			recipe: oneOf(ids(recipes)),
			name: maybeText(60),
			vessel: maybeText(60),
			base: isWater ? quantity(limits.brew.base, litres) : measureField(reading),
			'with-base': maybeText(60),
			parts: partsFrom(reading, values, recipe),
			water: isWater ? oneOf(waterSources).default('rain') : unused,
			stood: optional(quantity(limits.brew.stood)),
			bubbled: optional(quantity(limits.brew.bubbled)),
			strength: optional(quantity(limits.brew.strength)),
			ascorbic: ticked,
			downwind: yesNo,
			shade: yesNo,
			house: optional(quantity(limits.brew.house, metres)),
			boundary: optional(quantity(limits.brew.boundary, metres)),
			openWater: optional(quantity(limits.brew.openWater, metres)),
			lid: optional(oneOf(lids)),
			plastic: ticked,
			temperature: quantity(limits.brew.temperature, celsius),
			reason: maybeText(300)
		})
		.transform((typed, ctx): BrewInput => {
			const baseStuff = isWater ? undefined : chosenStuffIn(typed['with-base']);
			if (!isWater && !baseStuff) complain(ctx, 'with-base', 'choose');
			return {
				recipe: typed.recipe,
				...(typed.name ? { name: typed.name } : {}),
				...(typed.vessel ? { vessel: typed.vessel } : {}),
				base: typeof typed.base === 'number' ? { litres: litres(typed.base) } : typed.base,
				...(baseStuff ? { baseStuff } : {}),
				parts: typed.parts,
				...(isWater ? { water: waterOf(typed) } : {}),
				place: placeOf(typed, recipe),
				temperature: typed.temperature,
				reason: typed.reason
			};
		});
}

interface Told {
	readonly water?: unknown;
	readonly stood?: number | undefined;
	readonly bubbled?: number | undefined;
	readonly strength?: number | undefined;
	readonly ascorbic: boolean;
	readonly downwind?: 'yes' | 'no' | undefined;
	readonly shade?: 'yes' | 'no' | undefined;
	readonly house?: number | undefined;
	readonly boundary?: number | undefined;
	readonly openWater?: number | undefined;
	readonly lid?: Lid | undefined;
	readonly plastic: boolean;
}

const waterOf = ({ water, stood, bubbled, strength, ascorbic }: Told): WaterTold => ({
	source: water as WaterTold['source'],
	...(stood === undefined ? {} : { stood_h: stood }),
	...(bubbled === undefined ? {} : { bubbled_h: bubbled }),
	...(strength === undefined ? {} : { strength }),
	...(ascorbic ? { ascorbic } : {})
});

const placeOf = (told: Told, recipe: Recipe | undefined): PlaceTold => ({
	...(told.downwind ? { downwind: told.downwind === 'yes' } : {}),
	...(told.shade ? { shade: told.shade === 'yes' } : {}),
	...(told.house === undefined ? {} : { house_m: told.house }),
	...(told.boundary === undefined ? {} : { boundary_m: told.boundary }),
	...(told.openWater === undefined ? {} : { water_m: told.openWater }),
	...(told.lid ? { lid: told.lid } : {}),
	...(recipe?.id === 'ash-tea' ? { plastic: told.plastic } : {})
});

export interface SmellInput {
	readonly code: string;
	readonly smell: Smell;
}

/** Everything any recipe asks a nose or an eye for; the act knows which of it is asked of this brew. */
export const everySmell = [
	...new Set(recipes.flatMap(({ senses }) => senses.map(([smell]) => smell)))
] as [Smell, ...Smell[]];

/** What a nose says of it. */
export const smellSchema = (_reading: Reading, code: string) =>
	z.object({ smell: oneOf(everySmell) }).transform(({ smell }): SmellInput => ({ code, smell }));

export interface TendBrewInput {
	readonly code: string;
	readonly how: 'pump-stopped' | 'stirred' | 'vented' | 'lid-leaks' | 'lid-mended';
}

const tendings = [
	'pump-stopped',
	'stirred',
	'vented',
	'lid-leaks',
	'lid-mended'
] as const satisfies readonly TendBrewInput['how'][];

/** Something was done with it, or seen of its lid. */
export const tendBrewSchema = (_reading: Reading, code: string) =>
	z.object({ how: oneOf(tendings) }).transform(({ how }): TendBrewInput => ({ code, how }));

export interface DoubtInput {
	readonly code: string;
	readonly why: string;
}

/** Somebody doubts it, and so all that is brewed from it. */
export const doubtSchema = (_reading: Reading, code: string) =>
	z.object({ doubt: text(300) }).transform(({ doubt }): DoubtInput => ({ code, why: doubt }));

export interface SaltInput {
	readonly code: string;
	readonly dS_m: number;
}

/** What a meter says of the brew itself. */
export const saltSchema = (reading: Reading, code: string) =>
	z
		.object({ salt: fields(reading).quantity(limits.salt.salt) })
		.transform(({ salt }): SaltInput => ({ code, dS_m: salt as number }));

export interface StrainInput {
	readonly code: string;
	readonly drawn: Litres;
}

/** Strained: so much liquid was drawn. */
export const strainSchema = (reading: Reading, code: string) =>
	z
		.object({ drawn: fields(reading).quantity(limits.strain.drawn, litres) })
		.transform(({ drawn }): StrainInput => ({ code, drawn }));

export interface FeedInput {
	readonly code: string;
	readonly with: StuffIn;
	readonly measure: Measure;
}

/** Fed: more of something went in. */
export const feedSchema = (reading: Reading, code: string) =>
	z
		.object({ feed: text(60), feedAmount: measureField(reading) })
		.transform(({ feed, feedAmount }, ctx): FeedInput => {
			const stuff = chosenStuffIn(feed);
			if (!stuff) {
				complain(ctx, 'feed', 'choose');
				return z.NEVER;
			}
			return { code, with: stuff, measure: feedAmount };
		});

export interface DrenchStop {
	readonly bed: string;
	readonly ask: WateringAsk;
	readonly field: string;
}

export interface DrenchInput {
	readonly lot: string;
	/** Parts of water to one of brew. */
	readonly parts: number;
	/** What the amounts are of: the diluted liquid, or the brew that goes into it. */
	readonly basis: 'diluted' | 'brew';
	readonly onto: 'soil' | 'leaves';
	/** Who is served first where there is not enough; none: nobody said. */
	readonly first?: First | undefined;
	/** Read of the diluted liquid, and whether seedlings get it. */
	readonly salt?: number | undefined;
	readonly seedlings?: boolean;
	readonly stops: readonly DrenchStop[];
	readonly reason: string;
	/** The round of a programme that this is. */
	readonly programme?: { readonly name: string; readonly due: string } | undefined;
}

const stopPrefix = 'diluted:';

/** How much to pour, within limits, complaints standing at its field. */
export function readStop(
	typed: string,
	reading: Pick<Reading, 'system'> & { readonly measures?: readonly OwnMeasure[] },
	ctx: Check,
	field: string
): WateringAsk | undefined {
	const read = readWatering(typed, reading);
	if (read.status !== 'ok') {
		const { code, facts } = issueOf(read);
		complain(ctx, field, code, facts);
		return undefined;
	}
	const { ask } = read;
	const { low, high } = limits.drench.diluted;
	if (ask.by === 'all' && (ask.litres < low || ask.litres > high)) {
		complain(ctx, field, 'out-of-range-volume', { low, high });
		return undefined;
	}
	return ask;
}

const drenchFields = (reading: Reading) => {
	const { quantity } = fields(reading);
	return {
		parts: quantity(limits.drench.parts, Number, 'second'),
		basis: oneOf(['diluted', 'brew']).default('diluted'),
		onto: oneOf(['soil', 'leaves']).default('soil'),
		first: optional(oneOf([...firsts] as [First, ...First[]])),
		salt: optional(quantity(limits.drench.salt)),
		seedlings: ticked,
		reason: maybeText(300),
		programme: maybeText(60),
		due: maybeText(10)
	};
};

type DrenchTold = Omit<DrenchInput, 'lot' | 'stops' | 'programme'> & {
	readonly programme: string;
	readonly due: string;
};

const toldOf = ({
	parts,
	basis,
	onto,
	first,
	salt,
	seedlings,
	reason,
	programme,
	due
}: DrenchTold): Omit<DrenchInput, 'lot' | 'stops'> => ({
	parts,
	basis,
	onto,
	first,
	salt,
	...(seedlings ? { seedlings } : {}),
	reason,
	...(programme && /^\d{4}-\d{2}-\d{2}$/.test(due) ? { programme: { name: programme, due } } : {})
});

/** One brew over several beds, thinned alike: `diluted:<bed>` is how much of the liquid is poured. */
export const drenchSchema = (reading: Reading, lot: string) =>
	z.looseObject(drenchFields(reading)).transform((typed, ctx): DrenchInput => {
		const stops = Object.entries(typed).flatMap(([field, amount]) => {
			if (!field.startsWith(stopPrefix) || typeof amount !== 'string') return [];
			if (amount.trim() === '') return [];
			const ask = readStop(amount, reading, ctx, field);
			return ask ? [{ bed: field.slice(stopPrefix.length), ask, field }] : [];
		});
		return { lot, stops, ...toldOf(typed) };
	});

/** The same for the beds of a line, each given as much. */
export const drenchLineSchema = (reading: Reading, lot: string, beds: readonly string[]) =>
	z
		.object({ ...drenchFields(reading), diluted: text(60) })
		.transform(({ diluted, ...typed }, ctx): DrenchInput => {
			const ask = readStop(diluted, reading, ctx, 'diluted');
			return {
				...toldOf(typed),
				lot,
				stops: ask ? beds.map((bed) => ({ bed, ask, field: 'diluted' })) : []
			};
		});
