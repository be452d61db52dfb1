import type { CultureLine } from '$lib/core/brews';
import { plain } from '$lib/format/figure';

/** Which culture do I trust? */
export function linesAnswer(lines: readonly CultureLine[]): string {
	const [best] = lines.filter(({ doubted }) => doubted.length === 0);
	if (!best) return lines.length === 0 ? 'No culture is kept yet' : 'No line is free of doubt';
	const told = best.worked + best.failed;
	if (told === 0) return `${best.name} is the only line, and nothing of it has come to an end yet`;
	return `Trust ${best.name}: ${plain(best.worked, 0)} of ${plain(told, 0)} worked, in ${
		best.generations === 1 ? 'one generation' : `${plain(best.generations, 0)} generations`
	}`;
}
