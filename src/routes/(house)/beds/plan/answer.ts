import type { System } from '$lib/core/units';
import { bestMeasure, inMeasures, say } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import type { ReckonedGround } from './reckoning';

/** How much char, or of a mix with it, does this ground take? */
export function groundAnswer(
	reckoned: ReckonedGround | undefined,
	isExample: boolean,
	parts: string,
	measures: readonly { readonly name: string; readonly litres: number }[],
	system: System | undefined
): Sentence | string {
	if (!reckoned) return 'How long, how wide and how deep is it worked? Then all the rest follows';
	const { first, mix, ground } = reckoned;
	const measure = bestMeasure(mix.value, measures);
	const own = measure ? ` (${inMeasures(mix.value, measure)})` : '';
	const char = slipped(say(first.value, 'L', system), 'Char at first');
	const area = slipped(say(ground.area, 'm²', system), 'The ground');
	const carried =
		Number(parts) > 0
			? said`, in ${slipped(say(mix.value, 'L', system), 'Of the mix')} of the mix${own}`
			: own;
	return said`${isExample ? 'For example: put' : 'Put'} ${char} of char on these ${area} at first${carried}`;
}
