import { cureDays, type CureStage } from '$lib/core/charging';
import { celsius } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';
import { chargeFigures } from '../../../../charging/[lot]/reckoning';
import { asStated, type Told } from './told.server';

const stages: readonly CureStage[] = ['usable', 'best', 'fading', 'past'];
const stageWords: Readonly<Record<CureStage, string>> = {
	usable: 'may be used after',
	best: 'is at its best after',
	fading: 'is good for',
	past: 'is past after'
};

/** What only a charge has: its dates, what went in, how much of it is char; raw char is all char. */
export function chargeTold(
	books: Books,
	{ code, kind }: { readonly code: string; readonly kind: string }
): Readonly<Record<string, Told>> {
	if (kind === 'char') return { share: [`Char share of ${code}`, allChar] };
	const charge = kind === 'charge' ? books.batches.maybeOne(code) : null;
	if (!charge) return {};
	const warmth = celsius(charge.temperature_c);
	const figures = new Map(chargeFigures(charge));
	return {
		...Object.fromEntries(
			stages.map((stage): [string, Told] => [
				stage,
				[`${code} ${stageWords[stage]}`, cureDays(charge.school, warmth, stage)]
			])
		),
		share: [`Char share of ${code}`, figures.get('Char share')],
		char: [`Char put into ${code}`, asStated(charge.char_l, 'L', 'as it was set going', 'typed')],
		warmth: [
			`Warmth of ${code}`,
			asStated(charge.temperature_c, '°C', 'as it was set going', 'typed')
		]
	};
}

const allChar = asStated(1, 'share', 'nothing is mixed into raw char', 'computed');
