export { amountOf, brings, nitrogenIn, litresOf, propertyTerm } from './brings';
export type { Brought, Measure } from './brings';
export { readMeasure } from './read-measure';
export type { ReadMeasure } from './read-measure';
export { compositionOf, properties } from './composition';
export type { Composition, Measured, OwnAnalysis, Property, PropertyName } from './composition';
export { elementOfOxide, germClasses, isMaterial, materialOf, materials } from './data/materials';
export type { Basis, GermClass, Material, MaterialId } from './data/materials';
