import { z } from 'zod';
import {
	qualityTests,
	type CharFinding,
	type CharOrigin,
	type CharState,
	type CharWetness
} from '../core/char';
import { kilograms, litres, type Kilograms, type Litres } from '../core/units';
import { woodClasses, type WoodClassId } from '../core/woodyard';
import { wetnessField } from './fires';
import { complain, fields, ids, maybeName, maybeText, oneOf, optional, type Reading } from './form';
import { limits } from './limits';

export interface CharInInput {
	readonly name: string;
	readonly origin: CharOrigin;
	readonly state: CharState;
	readonly wood: WoodClassId;
	readonly wetness: CharWetness;
	/** By litres, by weight, or both: of both its own density follows. */
	readonly litres?: Litres | undefined;
	readonly kg?: Kilograms | undefined;
	/** Water over total mass, where it is known. */
	readonly water?: number | undefined;
}

/** Char with no fire here: bought, given, or through livestock. */
export function charInSchema(reading: Reading) {
	const { quantity } = fields(reading);
	const { charIn } = limits;
	return z
		.object({
			name: maybeName(80),
			origin: oneOf(['bought', 'given', 'through-livestock']),
			words: maybeText(120),
			state: oneOf(['crushed', 'whole']),
			wood: oneOf(ids(woodClasses)),
			wetness: wetnessField,
			volume: optional(quantity(charIn.volume, litres)),
			weight: optional(quantity(charIn.weight, kilograms)),
			water: optional(quantity(charIn.water)),
			price: optional(quantity(charIn.price)),
			grain: optional(quantity(charIn.grain)),
			sheetAsh: optional(quantity(charIn.sheetAsh)),
			sheetPh: optional(quantity(charIn.sheetPh))
		})
		.superRefine(({ volume, weight }, ctx) => {
			if (volume === undefined && weight === undefined) complain(ctx, 'volume', 'volume-or-weight');
		})
		.transform((typed): CharInInput => ({
			name: typed.name,
			state: typed.state,
			wood: typed.wood,
			wetness: typed.wetness,
			litres: typed.volume,
			kg: typed.weight,
			water: typed.water === undefined ? undefined : typed.water / 100,
			origin: {
				from: typed.origin,
				...(typed.words ? { words: typed.words } : {}),
				...(typed.price === undefined ? {} : { price: typed.price }),
				...(typed.grain === undefined ? {} : { grain_mm: typed.grain }),
				...(typed.sheetAsh === undefined ? {} : { ash: typed.sheetAsh / 100 }),
				...(typed.sheetPh === undefined ? {} : { ph: typed.sheetPh }),
				...(typed.weight === undefined ? {} : { sold_kg: typed.weight })
			}
		}));
}

export interface CharFoundInput {
	readonly code: string;
	readonly found: CharFinding;
}

/** Dried or wetted, by eye or by weighing one sample wet and dry. */
export function wetnessSchema(reading: Reading, code: string) {
	const { quantity } = fields(reading);
	return z
		.object({
			wetness: wetnessField,
			weighedWet: optional(quantity(limits.charIn.weight)),
			weighedDry: optional(quantity(limits.charIn.weight))
		})
		.transform(({ wetness, weighedWet, weighedDry }, ctx): CharFoundInput => {
			if ((weighedWet === undefined) !== (weighedDry === undefined))
				complain(ctx, weighedWet === undefined ? 'weighedWet' : 'weighedDry', 'bad-empty');
			if (weighedWet !== undefined && weighedDry !== undefined && weighedDry > weighedWet)
				complain(ctx, 'weighedDry', 'drier-than-wet');
			const water =
				weighedWet && weighedDry !== undefined ? (weighedWet - weighedDry) / weighedWet : undefined;
			return {
				code,
				found: { kind: 'wetness', wetness, ...(water === undefined ? {} : { water }) }
			};
		});
}

/** What was tried of it at home; what was not tried is left open. */
export function qualitySchema(reading: Reading, code: string) {
	const { quantity } = fields(reading);
	const { charIn } = limits;
	const tried = Object.fromEntries(
		qualityTests.map((test) => [test, oneOf(['', 'yes', 'no']).default('')])
	);
	return z
		.object({
			...tried,
			rinsed: oneOf(['', 'yes']).default(''),
			slurryPh: optional(quantity(charIn.sheetPh)),
			ashLeft: optional(quantity(charIn.sheetAsh)),
			hottestSeen: optional(quantity(limits.told.hottest))
		})
		.transform((typed, ctx): CharFoundInput => {
			const said = typed as unknown as Record<string, string>;
			const those = (what: string) => qualityTests.filter((test) => said[test] === what);
			const { slurryPh, ashLeft, hottestSeen } = typed;
			const nothing = those('yes').length + those('no').length === 0;
			if (nothing && slurryPh === undefined && ashLeft === undefined && hottestSeen === undefined) {
				if (typed.rinsed === 'yes') return { code, found: { kind: 'rinsed' } };
				complain(ctx, qualityTests[0], 'nothing-tried');
			} else if (typed.rinsed === 'yes') complain(ctx, 'rinsed', 'rinsed-apart');
			return {
				code,
				found: {
					kind: 'quality',
					passed: those('yes'),
					failed: those('no'),
					...(slurryPh === undefined ? {} : { ph: slurryPh }),
					...(ashLeft === undefined ? {} : { ash: ashLeft / 100 }),
					...(hottestSeen === undefined ? {} : { hottest_c: hottestSeen })
				}
			};
		});
}

/** Sieved: four fractions by their dry weight. */
export function sieveSchema(reading: Reading, code: string) {
	const { quantity } = fields(reading);
	const part = optional(quantity(limits.charIn.fraction));
	return z
		.object({ over20: part, to20: part, to10: part, under2: part })
		.transform(({ over20 = 0, to20 = 0, to10 = 0, under2 = 0 }, ctx): CharFoundInput => {
			const sum = over20 + to20 + to10 + under2;
			if (sum <= 0) complain(ctx, 'to10', 'nothing-sieved');
			const share = (kg: number) => (sum > 0 ? kg / sum : 0);
			return {
				code,
				found: {
					kind: 'sieved',
					shares: {
						over20: share(over20),
						to20: share(to20),
						to10: share(to10),
						under2: share(under2)
					}
				}
			};
		});
}

export interface RiddleInput {
	readonly code: string;
	/** Litres of brands picked out: they go back to a stack. */
	readonly brands: Litres;
}

export const riddleSchema = (reading: Reading, code: string) =>
	z
		.object({ brands: fields(reading).quantity(limits.burn.brands, litres) })
		.transform(({ brands }): RiddleInput => ({ code, brands }));
