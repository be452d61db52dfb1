import { choiceText } from '$lib/input/chosen';
import { charForPartner, charForVessel, type School, type SchoolId } from '$lib/core/charging';
import { litres, inLitres } from '$lib/core/units';
import type { ChargeEntry, ChargeYard } from './reckoning';

/** An amount of char that something else sets. */
export interface Scale {
	readonly label: string;
	readonly litres: number;
}

/** How much char fills the tub, or uses up the lot of its partner. */
export function scalesOf(
	{ tub: tubName, partner, ratio }: ChargeEntry,
	{ kind, partnerBy, partnerPerChar }: School,
	{ tubs, stock }: ChargeYard
): readonly Scale[] {
	const parts = Number(ratio.replace(',', '.')) || partnerPerChar.usual;
	const tub = tubs.find(({ name }) => name === tubName);
	const lot = stock.find(
		({ code, material }) => partner === choiceText({ lot: code, stuff: material })
	);
	return [
		...(tub && kind !== 'bed'
			? [
					{
						label: `fills ${tub.name}`,
						litres: charForVessel(tub.shape, parts, kind === 'soak', tub.capacity_l)
					}
				]
			: []),
		...(lot && partnerBy === 'ratio' && lot.volume_ul > 0
			? [
					{
						label: `uses up ${lot.code}`,
						litres: charForPartner(litres(inLitres(lot.volume_ul)), parts)
					}
				]
			: [])
	];
}

/** A recipe of one's own, opened for the char at hand. */
export function recipeHref(
	recipe: {
		readonly name: string;
		readonly school: SchoolId;
		readonly partner: string;
		readonly ratio: number;
		readonly wantedN: number;
		readonly extras: readonly {
			readonly id: string;
			readonly material: string;
			readonly perChar: number;
		}[];
		readonly liquid?: string | undefined;
	},
	{ char, part, tub, temperature }: ChargeEntry,
	char_l: number
): string {
	const asked = new URLSearchParams({
		char,
		part,
		tub,
		temperature,
		school: recipe.school,
		ownRecipe: recipe.name,
		partner: recipe.partner,
		ratio: String(Number(recipe.ratio.toFixed(3))),
		wantedN: String(Number(recipe.wantedN.toFixed(2))),
		liquid: recipe.liquid ?? 'rain-water'
	});
	for (const { id, material, perChar } of recipe.extras) {
		asked.set(`with-${id}`, material);
		asked.set(`extra-${id}`, `${Number((char_l * perChar).toPrecision(3))} L`);
	}
	return `/charging/plan?${asked.toString()}`;
}
