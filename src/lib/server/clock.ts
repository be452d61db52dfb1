import { StorageError } from './db/errors';

/** Server time. ASHDRIFT_NOW freezes it, for tests and pictures. */
export function now(): number {
	const frozen = process.env.ASHDRIFT_NOW;
	if (!frozen) return Date.now();
	const at = Date.parse(frozen);
	if (Number.isNaN(at)) throw new StorageError(`ASHDRIFT_NOW is "${frozen}", which is no date`);
	return at;
}
