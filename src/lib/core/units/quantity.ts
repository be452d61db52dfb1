declare const unit: unique symbol;

/** A number that knows its unit at compile time, so that litres cannot pass for kilograms. */
export type Quantity<Unit extends string> = number & { readonly [unit]: Unit };

export type Litres = Quantity<'L'>;
export type KgDry = Quantity<'kg dry'>;
export type Metres = Quantity<'m'>;
export type SquareMetres = Quantity<'m²'>;
export type Celsius = Quantity<'°C'>;
/** Dry bulk density: kg of oven-dry matter per litre as it lies. */
export type KgDryPerLitre = Quantity<'kg dry/L'>;
/** A share of a whole, 0–1. */
export type Share = Quantity<'share'>;
/** Moisture on wet basis: water over total mass, 0–1. */
export type WetBasis = Quantity<'wet basis'>;
/** Moisture on dry basis: water over dry mass, 0 and up. */
export type DryBasis = Quantity<'dry basis'>;
export type Grams = Quantity<'g'>;
export type GramsPerKg = Quantity<'g/kg'>;
export type LitresPerM2 = Quantity<'L/m²'>;
export type GramsPerM2 = Quantity<'g/m²'>;
export type Kilograms = Quantity<'kg'>;

function bounded<U extends string>(name: string, low: number, high: number) {
	return (value: number): Quantity<U> => {
		if (!Number.isFinite(value) || value < low || value > high)
			throw new RangeError(`${name}: ${value} is outside ${low}…${high}`);
		return value as Quantity<U>;
	};
}

/** Litres, 0 to 10⁷ (ten thousand cubic metres: beyond any holding). */
export const litres = bounded<'L'>('litres', 0, 1e7);
/** Oven-dry kilograms, 0 to 10⁷. */
export const kgDry = bounded<'kg dry'>('kgDry', 0, 1e7);
/** Kilograms as weighed, 0 to 10⁷. */
export const kilograms = bounded<'kg'>('kilograms', 0, 1e7);
/** Metres, 0 to 1000. */
export const metres = bounded<'m'>('metres', 0, 1000);
/** Square metres, 0 to 10⁶. */
export const squareMetres = bounded<'m²'>('squareMetres', 0, 1e6);
/** Degrees Celsius, −60 to 1500. */
export const celsius = bounded<'°C'>('celsius', -60, 1500);
/** Oven-dry kg per litre, 0 to 3 (no wood, char or compost is denser). */
export const kgDryPerLitre = bounded<'kg dry/L'>('kgDryPerLitre', 0, 3);
/** A share, 0 to 1. */
export const share = bounded<'share'>('share', 0, 1);
/** Moisture, wet basis, 0 to 0.95. */
export const wetBasis = bounded<'wet basis'>('wetBasis', 0, 0.95);
/** Moisture, dry basis, 0 to 19 (the same as 0.95 wet). */
export const dryBasis = bounded<'dry basis'>('dryBasis', 0, 19);
export const grams = bounded<'g'>('grams', 0, 1e10);
/** Grams per kg dry: of one thing offered to another, so more than 1000 can be. */
export const gramsPerKg = bounded<'g/kg'>('gramsPerKg', 0, 1e9);
export const litresPerM2 = bounded<'L/m²'>('litresPerM2', 0, 10_000);
/** Grams on a square metre, 0 to 10⁷. */
export const gramsPerM2 = bounded<'g/m²'>('gramsPerM2', 0, 1e7);
