import { parsePieces, type ReadingMethod, type ReadingSet } from '$lib/core/woodyard';

/** The readings being typed; undefined while there are none or one can't be read. */
export function readPieces(method: string, typed: string): ReadingSet | undefined {
	const read = parsePieces(typed);
	if (read.status !== 'ok' || read.pieces.length === 0) return undefined;
	return { method: method as ReadingMethod, pieces: read.pieces };
}
