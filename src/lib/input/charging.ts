import { z } from 'zod';
import { schools, type School, type SchoolId } from '../core/charging';
import { isMaterial, readMeasure, type Measure, type MaterialId } from '../core/materials';
import { celsius, litres, type Part, type Litres, type Celsius } from '../core/units';
import {
	dropped,
	fields,
	ids,
	maybeName,
	maybeText,
	oneOf,
	raiseRead,
	optional,
	text,
	unused,
	type Reading,
	type Values
} from './form';
import { choiceOfLot, isNone } from './chosen';
import { limits } from './limits';
import { typedOf } from './typed-for';
import { issueOf } from './read-field';

export interface ChargeInput {
	readonly char: string;
	readonly part: Part;
	readonly school: SchoolId;
	readonly partner: MaterialId;
	/** A lot of it in stock, or undefined when it is brought in now. */
	readonly partnerLot?: string | undefined;
	/** Litres of partner to one of char (solids). */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (soaks). */
	readonly wantedN: number;
	/** What goes in besides; one that is not named goes in as its school usually has it. */
	readonly extras?: readonly ExtraInput[] | undefined;
	/** What covers it in place of rain water. */
	readonly liquid?: ChosenStuff | undefined;
	/** Keep it under this name, as a recipe of one's own. */
	readonly recipeName?: string | undefined;
	/** The recipe of one's own it is made by. */
	readonly ownRecipe?: string | undefined;
	/** What really went in, where it was not what the recipe asked for. */
	readonly really?:
		{ readonly partner?: Measure | undefined; readonly water?: Litres | undefined } | undefined;
	readonly tub?: string | undefined;
	readonly temperature: Celsius;
}

/** A material brought in now, or a lot of it in stock. */
export interface ChosenStuff {
	readonly material: MaterialId;
	readonly lot?: string | undefined;
}

export interface ExtraInput extends ChosenStuff {
	/** Which of the school's extras it stands for. */
	readonly id: string;
	/** None: as much as the school usually has. */
	readonly measure?: Measure | undefined;
	/** Left out on purpose. */
	readonly leftOut?: boolean;
}

/** Litres, own measures or kilograms as used. */
export const measureField = (reading: Reading) =>
	z.string({ error: 'bad-empty' }).transform((typed, ctx): Measure => {
		const read = readMeasure(typed, reading);
		if (read.status === 'ok') return read.measure;
		return raiseRead(read, ctx);
	});

/** A choice as it is sent: `urine`, `lot:M3:urine`, or a brew that stands for it, `lot:B2:plant-liquor`. */
export function chosenStuff(chosen: string): ChosenStuff | undefined {
	const { stuff, lot } = choiceOfLot(chosen);
	return isMaterial(stuff) ? { material: stuff, ...(lot ? { lot } : {}) } : undefined;
}

/** The extras of a school as they were chosen and measured: `with-compost`, `extra-compost`. */
const extrasFrom = (reading: Reading, values: Values, school: School | undefined) =>
	unused.transform((_value, ctx): readonly ExtraInput[] =>
		(school?.extras ?? []).flatMap((extra): ExtraInput[] => {
			const typed = values[`extra-${extra.id}`]?.trim() ?? '';
			const stuff = chosenStuff(values[`with-${extra.id}`] ?? '') ?? {
				material: extra.materials[0]!
			};
			if (typed === '') return extra.isOption ? [] : [{ id: extra.id, ...stuff }];
			if (isNone(typed)) return [{ id: extra.id, ...stuff, leftOut: true }];
			const read = readMeasure(typed, reading);
			if (read.status === 'ok') return [{ id: extra.id, ...stuff, measure: read.measure }];
			const { code, facts } = issueOf(read);
			ctx.addIssue({ code: 'custom', message: code, path: [`extra-${extra.id}`], params: facts });
			return z.NEVER;
		})
	);

/** The partner field names a kind to bring in, or a lot in the books as `lot:M3:urine`. */
export function chargeSchema(reading: Reading, sent: Values) {
	const values = typedOf(sent);
	const isItsOwn = values === sent;
	const { part, quantity } = fields(reading);
	const school = schools.find(({ id }) => id === values.school);
	const soak = school?.kind === 'soak';
	const byNitrogen = school?.partnerBy === 'nitrogen';
	return z
		.object({
			char: text(12),
			part: optional(part(limits.charge.part)),
			school: oneOf(ids(schools)),
			partner: text(60),
			ratio:
				isItsOwn && school?.partnerBy === 'ratio'
					? optional(quantity(limits.charge.ratio))
					: unused,
			wantedN: byNitrogen ? quantity(limits.charge.wantedN) : unused,
			extras: extrasFrom(reading, values, school),
			liquid: maybeText(60),
			recipeName: maybeName(60),
			ownRecipe: isItsOwn ? maybeText(60) : unused.transform(() => ''),
			tub: optional(z.string().max(60)),
			reallyPartner: isItsOwn ? optional(measureField(reading)) : dropped,
			reallyWater: isItsOwn ? optional(quantity(limits.charge.reallyWater, litres)) : dropped,
			temperature: quantity(limits.charge.temperature, celsius)
		})
		.transform((typed, ctx): ChargeInput => {
			const chosen = chosenStuff(typed.partner);
			if (!chosen) {
				ctx.addIssue({ code: 'custom', message: 'choose', path: ['partner'] });
				return z.NEVER;
			}
			return {
				char: typed.char,
				part: typed.part ?? 'all',
				school: typed.school,
				partner: chosen.material,
				partnerLot: chosen.lot,
				ratio: (typed.ratio as number | undefined) ?? school?.partnerPerChar.usual ?? 1,
				wantedN: byNitrogen ? (typed.wantedN as number) : 5,
				extras: typed.extras,
				...(typed.liquid && typed.liquid !== 'rain-water'
					? { liquid: chosenStuff(typed.liquid) }
					: {}),
				...(typed.recipeName ? { recipeName: typed.recipeName } : {}),
				...(typed.ownRecipe ? { ownRecipe: typed.ownRecipe } : {}),
				tub: soak ? typed.tub : undefined,
				really: { partner: typed.reallyPartner, water: typed.reallyWater },
				temperature: typed.temperature
			};
		});
}
