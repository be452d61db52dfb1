import { litresIn, oxide, potsFrom } from '$lib/core/mixes';
import type { System } from '$lib/core/units';
import { plain, say } from '$lib/format/figure';
import type { PageData } from './$types';

type Mix = Pick<PageData, 'mix' | 'left_l'>;

/** A pot that is told where nobody said which. */
export const toldPot = { shape: 'round', top: 0.11 } as const;

/** "4.1–4.2–5.9", in one piece */
export const oxidesOf = ({ composition }: Mix['mix']): string =>
	[
		composition.nitrogen.value,
		composition.phosphorus.value * oxide.phosphorus,
		composition.potassium.value * oxide.potassium
	]
		.map((g) => plain(g / 10, 1))
		// Held together where a heading breaks its line.
		.join('–\u2060');

/** What is in it, how far does it go? */
export function mixAnswer({ mix, left_l }: Mix, system: System | undefined): string {
	if (left_l <= 0) return `${mix.code} ${mix.name} is used up`;
	const left = say(left_l, 'L', system);
	if (mix.use === 'feed')
		return `${mix.code} ${mix.name}: ${say(left_l * mix.composition.density.value, 'kg', system)} of ${oxidesOf(mix)} N–P₂O₅–K₂O are left`;
	const pots = potsFrom(left_l, toldPot);
	return `${mix.code} ${mix.name}: ${left} are left, enough for ${pots} pots of ${say(11, 'cm', system)} (${say(litresIn(toldPot), 'L', system)} each)`;
}
