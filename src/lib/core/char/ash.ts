import type { Contents } from '../ledger';
import { materialOf } from '../materials';
import { between } from '../units';

/** Lime value of what is left of char burnt off: as that of wood ash. */
const limeOfAsh = between(...materialOf('hardwood-ash').lime).value;

/**
 * Contents of char whose ash was found: so much of its dry mass is ash, with its lime, and counts on beds as such.
 * @param share ash left of a burnt-off sample, of its dry mass
 */
export function withAsh(contents: Contents, share: number): Contents {
	const dry = (contents.char ?? 0) + (contents.ash ?? 0);
	const ash = Math.round(dry * share);
	return { ...contents, char: dry - ash, ash, lime: Math.round(ash * limeOfAsh) };
}
