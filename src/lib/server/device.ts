import { foldName } from '../core/units';
import { printable } from '../input/form';

/** Who holds this device: chosen once, kept in a cookie. */
export type Person = string;

export const personCookie = 'ashdrift_person';

const longestName = 60;

/**
 * Who a device says it signs as: cut between signs and not within one; of nothing that can be seen it is nobody.
 * @param told as it was typed, or as a cookie has it
 */
export function signerOf(told: string | undefined): Person | undefined {
	const name = [...foldName(printable(told ?? ''))].slice(0, longestName).join('').trim();
	return /[\p{L}\p{N}]/u.test(name) ? name : undefined;
}

/** Before anybody gave a name, acts are signed like this. */
export const unnamed: Person = 'keeper';

/** Single keys are on unless this device switched them off. */
export const keysCookie = 'ashdrift_keys';
export const keysOff = 'off';
