import { alters, balanceOf, type BookLine } from './balance';
import type { Directed } from './contents';

/** Lines in the order in which things happened; those of one moment in that of their writing. */
export const inOrder = <L extends BookLine>(lines: readonly L[]): L[] =>
	[...lines].sort((a, b) => a.happened_at_ms - b.happened_at_ms || a.id - b.id);

/** Which of the lines of an act leave a lot made up otherwise than it was at that moment. */
export function alteringAmong<D extends Directed>(
	known: readonly BookLine[],
	coming: readonly D[],
	at_ms: number
): readonly D[] {
	let held = balanceOf(inOrder(known.filter((line) => line.happened_at_ms <= at_ms)));
	return coming.filter((line) => {
		const altered = alters(held, line);
		held = balanceOf([{ direction: 'in', ...held }, line]);
		return altered;
	});
}
