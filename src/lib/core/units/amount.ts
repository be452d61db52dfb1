/**
 * What the books count in: whole microlitres and whole milligrams, so that a drop of a jar is kept as what it
 * was. Everything else reckons in litres and kilograms and passes through here, in and out.
 * @example microlitres(0.0006) // 600
 */
export const microlitres = (litres: number): number => whole('microlitres', litres);
/** @example milligrams(0.0000005) // 1 */
export const milligrams = (kilograms: number): number => whole('milligrams', kilograms);
/** @example inLitres(600) // 0.0006 */
export const inLitres = (ul: number): number => ul / perUnit;
/** @example inKilograms(1) // 0.000001 */
export const inKilograms = (mg: number): number => mg / perUnit;

const perUnit = 1e6;

/** @throws RangeError where it is no number, or too much to be counted exactly */
function whole(what: string, amount: number): number {
	const counted = Math.round(amount * perUnit);
	if (!Number.isSafeInteger(counted)) throw new RangeError(`${what}: ${amount} can't be counted`);
	return counted;
}
