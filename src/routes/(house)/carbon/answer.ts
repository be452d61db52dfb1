import { say } from '$lib/format/figure';
import { sayCo2 } from '$lib/format/carbon-words';
import type { System } from '$lib/core/units';
import type { Kept } from '$lib/core/carbon';

type Row = Kept & { readonly char_kg: number };

/** What is in the ground for good. */
export function carbonAnswer(
	{ soil, stock }: { readonly soil: Row; readonly stock: Row },
	system: System | undefined
): string {
	if (!(soil.char_kg > 0))
		return stock.char_kg > 0
			? `No char of yours is in soil yet; ${say(stock.char_kg, 'kg', system)} lies in stock and counts once it is`
			: 'No char of yours is in soil yet, so nothing is kept';
	const kept = `${sayCo2(soil.net, system)} of CO₂e are kept in your soil`;
	if (soil.net.high <= 0)
		return `Nothing is kept: ${sayCo2(soil.net, system)} of CO₂e, the fires gave off more`;
	return soil.net.low < 0
		? `${kept}: it may be none, if the fires were as bad as they can be`
		: kept;
}
