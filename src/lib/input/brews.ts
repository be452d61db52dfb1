import { z } from 'zod';
import {
	recipes,
	type BrewAsked,
	type Lid,
	type PartChosen,
	type PlaceTold,
	type Recipe,
	type WaterTold
} from '../core/brews';
import { readMeasure } from '../core/materials';
import { celsius, litres, metres, type Celsius } from '../core/units';
import { measureField } from './charging';
import { chosenStuffIn, isNone } from './chosen';
import {
	complain,
	fields,
	ids,
	maybeName,
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

export interface BrewInput extends BrewAsked {
	/** What it is called, where it has a name of its own. */
	readonly name?: string | undefined;
	readonly vessel?: string | undefined;
	readonly temperature: Celsius;
}

/** Each part of a recipe as it was chosen and measured: `with-bag`, `amount-bag`. */
const partsFrom = (reading: Reading, values: Values, recipe: Recipe | undefined) =>
	unused.transform((_value, ctx): readonly PartChosen[] =>
		(recipe?.parts ?? []).flatMap(({ id, from, isOption }): PartChosen[] => {
			const typed = values[`amount-${id}`]?.trim() ?? '';
			const stuff = chosenStuffIn(values[`with-${id}`] ?? '') ?? { stuff: from[0]! };
			if (isNone(typed) || (typed === '' && isOption)) return [];
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
			name: maybeName(60),
			vessel: maybeText(60),
			// How much of it there is was said of another recipe: it is asked anew.
			base: !isItsOwn
				? z.never({ error: 'bad-empty' })
				: isWater
					? quantity(limits.brew.base, litres)
					: measureField(reading),
			'with-base': isItsOwn ? maybeText(60) : unused.transform(() => ''),
			parts: partsFrom(reading, values, recipe),
			water: isWater ? optional(oneOf(waterSources)) : unused,
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
			temperature: quantity(limits.brew.temperature, celsius)
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
				...(isWater && typed.water ? { water: waterOf(typed) } : {}),
				place: placeOf(typed, recipe),
				temperature: typed.temperature
			};
		});
}

interface BrewTyped {
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

const waterOf = ({ water, stood, bubbled, strength, ascorbic }: BrewTyped): WaterTold => ({
	source: water as WaterTold['source'],
	...(stood === undefined ? {} : { stood_h: stood }),
	...(bubbled === undefined ? {} : { bubbled_h: bubbled }),
	...(strength === undefined ? {} : { strength }),
	...(ascorbic ? { ascorbic } : {})
});

const placeOf = (told: BrewTyped, recipe: Recipe | undefined): PlaceTold => ({
	...(told.downwind ? { downwind: told.downwind === 'yes' } : {}),
	...(told.shade ? { shade: told.shade === 'yes' } : {}),
	...(told.house === undefined ? {} : { house_m: told.house }),
	...(told.boundary === undefined ? {} : { boundary_m: told.boundary }),
	...(told.openWater === undefined ? {} : { water_m: told.openWater }),
	...(told.lid ? { lid: told.lid } : {}),
	...(recipe?.isLye ? { plastic: told.plastic } : {})
});
