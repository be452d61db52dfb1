import type { PieceReading, ReadingMethod, ReadingSet } from '$lib/core/woodyard';

/** Readings as typed: "19 22 >30". Undefined while there is nothing to read. */
export function readPieces(method: string, typed: string): ReadingSet | undefined {
	const pieces = typed.split(/[\s;]+/).flatMap((word): PieceReading[] => {
		const found = /^([<>]?)(\d{1,3}(?:[.,]\d{1,2})?)%?$/.exec(word);
		const percent = Number(found?.[2]?.replace(',', '.'));
		if (!found || percent > 90) return [];
		return [{ percent, ...(found[1] === '>' ? { end: 'over' as const } : {}) }];
	});
	return pieces.length === 0 ? undefined : { method: method as ReadingMethod, pieces };
}
