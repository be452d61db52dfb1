import { charForPartner, schools } from '$lib/core/charging';
import { kgOf, type Contents } from '$lib/core/ledger';
import type { MaterialId } from '$lib/core/materials';
import { litres, type System, inLitres } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { list } from '$lib/format/words';

export interface StockLine {
	readonly code: string;
	readonly name: string;
	readonly volume_ul: number;
	readonly contents: Contents;
	readonly held?: string | undefined;
}

/** What is at hand, and how much does it bring? */
export function stockAnswer(lots: readonly StockLine[], system: System | undefined): string {
	if (lots.length === 0)
		return 'Nothing is in stock: bring in compost, manure, ash or what you have';
	const free = lots.filter(({ held }) => held === undefined);
	const names = free
		.slice(0, 3)
		.map(({ name, volume_ul }) => `${say(inLitres(volume_ul), 'L', system)} of ${name}`);
	const more = free.length - names.length;
	const all = more > 0 ? [...names, `${more} more`] : names;
	return free.length === 0 ? 'All that is in stock is held' : `At hand: ${list(all)}`;
}

/** Two figures: what is brought is known no better. */
function about(kg: number, system: System | undefined): string {
	const rounded = Number(kg.toPrecision(2));
	return rounded < 1 ? say(rounded * 1000, 'g', system) : say(rounded, 'kg', system);
}

/** What a lot still brings, about. */
export function bringsWords(contents: Contents, system: System | undefined): string {
	const said = (
		[
			['nitrogen', 'N'],
			['phosphorus', 'P'],
			['potassium', 'K'],
			['lime', 'lime']
		] as const
	).flatMap(([substance, name]) => {
		const kg = kgOf(contents, substance);
		return kg > 0 ? [`${about(kg, system)} ${name}`] : [];
	});
	return said.length > 0 ? said.join(', ') : 'nothing that is counted';
}

/** For how much char a lot reaches, by the schools that take it as their partner; empty where none does. */
export function chargesWords(
	{
		material,
		volume_ul,
		held
	}: {
		readonly material: MaterialId;
		readonly volume_ul: number;
		readonly held?: string | undefined;
	},
	system: System | undefined
): string {
	if (held !== undefined || volume_ul <= 0) return '';
	const reach = schools
		.filter(({ kind, partners }) => kind !== 'bed' && partners.includes(material))
		.slice(0, 2)
		.map(
			({ name, partnerPerChar }) =>
				`${say(charForPartner(litres(inLitres(volume_ul)), partnerPerChar.usual), 'L', system)} of char by ${name}`
		);
	return reach.length > 0 ? `Enough for ${reach.join(', or ')}.` : '';
}
