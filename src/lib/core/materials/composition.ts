import { between, exactly, type Origin, type Range } from '../units';
import type { Basis, GermClass, Material, MaterialId } from './data/material';
import { materialOf } from './data/materials';

/** One property with its range and who says so. */
export interface Property extends Range {
	readonly origin: Origin;
	readonly source: string;
}

export const properties = Object.freeze([
	'density',
	'water',
	'nitrogen',
	'mineralShare',
	'phosphorus',
	'potassium',
	'lime',
	'ph'
] as const);
export type PropertyName = (typeof properties)[number];

/** What a stuff brings, as it was known at a moment. */
export type Composition = Readonly<Record<PropertyName, Property>> & {
	readonly material: MaterialId;
	readonly basis: Basis;
	readonly germs: GermClass;
};

/** What the grower measured of a material: a litre weighed, an analysis bought. */
export type Measured = Readonly<Partial<Record<PropertyName, Range>>>;

/** An own measure of one property, by whom and when. */
export interface OwnAnalysis {
	readonly measured: Measured;
	/** "Oda’s analysis of 3 May" */
	readonly source: string;
}

/**
 * What a material brings: the grower's own measures where there are any, the newest first, else the
 * table.
 * @example compositionOf('hardwood-ash', [{ measured: { lime: exactly(0.42) }, source: 'own test' }]).lime.value // 0.42
 */
export function compositionOf(id: MaterialId, own: readonly OwnAnalysis[] = []): Composition {
	const material = materialOf(id);
	const propertyOf = (name: PropertyName): Property => {
		const found = own.find(({ measured }) => measured[name] !== undefined);
		const range = found?.measured[name];
		return found && range
			? { ...range, origin: 'own', source: found.source }
			: { ...spanOf(material[name]), origin: 'default', source: material.source };
	};
	return {
		material: id,
		basis: material.basis,
		germs: material.germs,
		density: propertyOf('density'),
		water: propertyOf('water'),
		nitrogen: propertyOf('nitrogen'),
		mineralShare: propertyOf('mineralShare'),
		phosphorus: propertyOf('phosphorus'),
		potassium: propertyOf('potassium'),
		lime: propertyOf('lime'),
		ph: propertyOf('ph')
	};
}

/** The centre of a span: of what may be nought, the mean; else the geometric mean. */
function spanOf([low, high]: Material['density']): Range {
	if (low === high) return exactly(low);
	return low > 0 ? between(low, high) : { value: (low + high) / 2, low, high };
}
