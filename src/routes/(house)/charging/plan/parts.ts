import { choiceText, isNone } from '$lib/input/chosen';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import {
	nutrientLines,
	type ExtraAsked,
	type ExtraIn,
	type NutrientLine,
	type ReckonedCharge,
	type School
} from '$lib/core/charging';
import { plus, type Contents } from '$lib/core/ledger';
import {
	amountOf,
	compositionOf,
	isMaterial,
	materialOf,
	readMeasure,
	type Composition
} from '$lib/core/materials';
import {
	known,
	litres,
	reckon,
	type Celsius,
	type Estimate,
	type ParseContext
} from '$lib/core/units';
import type { ChargeEntry, ChargeYard, PlanStock } from './entry';

/** Parts of partner as typed; an empty field is as the school usually has it. */
export const ratioOf = (entry: ChargeEntry, { partnerPerChar }: School, context: ParseContext) =>
	entry.ratio.trim() === ''
		? partnerPerChar.usual
		: amountIn(entry.ratio, limits.charge.ratio, context);

/** A material, or a lot of it in stock, as it was chosen: `urine`, `lot:M3:urine`. */
export function stuffOf(chosen: string, { stock, analyses }: ChargeYard): Composition | undefined {
	const id = chosen.split(':').at(-1);
	return (
		stock.find(({ code, material }) => chosen === choiceText({ lot: code, stuff: material }))
			?.composition ??
		(id !== undefined && isMaterial(id) ? compositionOf(id, analyses[id]) : undefined)
	);
}

/** What stands for a part: what was chosen, else its first lot in stock, else the usual brought in. */
export function extraChoice(
	{ id, materials }: School['extras'][number],
	extras: ChargeEntry['extras'],
	stock: readonly PlanStock[]
): string {
	const chosen = extras[id]?.with ?? '';
	if (materials.some((one) => one === chosen.split(':').at(-1))) return chosen;
	const lot = stock.find(({ material }) => materials.includes(material));
	return lot ? choiceText({ lot: lot.code, stuff: lot.material }) : materials[0]!;
}

/** What goes in besides, as typed; options only when they are asked for. */
export function extrasIn(
	entry: ChargeEntry,
	{ extras }: School,
	yard: ChargeYard & ParseContext
): readonly ExtraAsked[] {
	return extras.flatMap((extra): ExtraAsked[] => {
		const { id, materials, isOption } = extra;
		const typed = entry.extras[id]?.amount.trim() ?? '';
		if (isNone(typed) || (typed === '' && isOption)) return [];
		const composition =
			stuffOf(extraChoice(extra, entry.extras, yard.stock), yard) ?? compositionOf(materials[0]!);
		const read = readMeasure(typed, yard);
		return [{ id, composition, ...(read.status === 'ok' ? { measure: read.measure } : {}) }];
	});
}

/** By the middle of each range, as the books will keep it. */
export function nutrientsOf(
	{ partner, extras, water, soak, mix, charShare, density }: ReckonedCharge,
	composition: Composition,
	liquid: Composition | undefined,
	school: School,
	temperature: Celsius
): readonly NutrientLine[] {
	const parts = [
		amountOf(composition, { litres: partner.value }),
		...extras.map((extra) => amountOf(extra.composition, { litres: extra.litres })),
		...(liquid ? [amountOf(liquid, { litres: water.value })] : [])
	];
	const contents = parts.reduce<Contents>((sum, part) => plus(sum, part.contents), {});
	const char_l = mix.value * charShare.value;
	return nutrientLines({
		contents,
		char_l,
		char_kg: char_l * density.value,
		liquid_l: soak ? soak.liquid.value + soak.heldWater.value : 0,
		isSoak: school.kind === 'soak',
		withSolids: school.partnerBy === 'ratio',
		temperature,
		hasLid: true
	});
}

/** The litres of a part that goes in besides, by the name of what it is. */
export const extraFigure = ({ composition, litres: volume }: ExtraIn): Estimate =>
	reckon(
		litres,
		known(
			materialOf(composition.material).name,
			volume,
			'L',
			'typed',
			'as typed, else as its school usually has it for so much char'
		),
		{ unit: 'L', basis: 'as used' }
	);
