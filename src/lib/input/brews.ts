import { z } from 'zod';
import {
	isRecipe,
	recipes,
	type BrewStuff,
	type Lid,
	type PlaceTold,
	type Recipe,
	type RecipeId,
	type WaterTold
} from '../core/brews';
import { isMaterial, readMeasure, type Measure } from '../core/materials';
import { celsius, litres, metres, type Celsius } from '../core/units';
import { measureField } from './charging';
import {
	complain,
	fields,
	ids,
	maybeText,
	oneOf,
	optional,
	ticked,
	unused,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';
import { typedOf } from './typed-for';
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
export function brewSchema(reading: Reading, sent: Values = {}) {
	const values = typedOf(sent);
	const isItsOwn = values === sent;
	const { quantity } = fields(reading);
	const recipe = recipes.find(({ id }) => id === values.recipe);
	const isWater = recipe?.base.of === 'water';
	return z
		.object({
			recipe: oneOf(ids(recipes)),
			name: maybeText(60),
			vessel: maybeText(60),
			// How much of it there is was said of another recipe: it is asked anew.
			base: !isItsOwn
				? z.never({ error: 'bad-empty' })
				: isWater
					? quantity(limits.brew.base, litres)
					: measureField(reading),
			'with-base': isItsOwn ? maybeText(60) : unused.transform(() => ''),
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
