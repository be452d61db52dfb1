import { money } from './money';
import type { CharOrigin } from '../core/char';
import type { System } from '../core/units';
import { plain, say } from './figure';

const ways = {
	bought: 'Bought',
	given: 'Given',
	'through-livestock': 'Through livestock',
	sifted: 'Sifted out of ash'
} as const;

/** Where char is from that no fire here made. */
export function originWords(
	origin: CharOrigin,
	system: System | undefined,
	currency?: string
): string {
	const parts = [
		`${ways[origin.from ?? 'given']}${origin.words ? `, ${origin.words}` : ''}`,
		origin.sold_kg === undefined ? '' : `${say(origin.sold_kg, 'kg', system)} as sold`,
		origin.price === undefined ? '' : `for ${money(origin.price, currency)}`,
		origin.grain_mm === undefined ? '' : `grain up to ${plain(origin.grain_mm, 1)} mm`,
		origin.ash === undefined ? '' : `${plain(origin.ash * 100, 1)} % ash by its sheet`,
		origin.ph === undefined ? '' : `pH ${plain(origin.ph, 1)} by its sheet`
	];
	return parts.filter(Boolean).join(', ');
}
