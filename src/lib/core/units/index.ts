export { nearest } from './near';
export {
	celsius,
	dryBasis,
	grams,
	gramsPerKg,
	gramsPerM2,
	kgDry,
	kgDryPerLitre,
	kilograms,
	litres,
	litresPerM2,
	metres,
	share,
	squareMetres,
	wetBasis
} from './quantity';
export type {
	Celsius,
	DryBasis,
	Grams,
	GramsPerKg,
	GramsPerM2,
	KgDry,
	KgDryPerLitre,
	Kilograms,
	Litres,
	LitresPerM2,
	Metres,
	Quantity,
	Share,
	SquareMetres,
	WetBasis
} from './quantity';
export { inKilograms, inLitres, microlitres, milligrams } from './amount';
export { factors, fahrenheitToCelsius, kmPerHour } from './convert';
export type { System } from './convert';
export { asInput, inputOf, between, estimate, exactly, product, sum } from './estimate';
export type { Estimate, Input, Origin, Range, Unit } from './estimate';
export { once, withLater } from './later';
export { earlier, found, reckon } from './reckon';
export type { Facts } from './reckon';
export { added, atLeast, atMost, known, less, over, raised, stepped, times } from './term';
export type { Leaf, Named, Term } from './term';
export { faultOfName, foldName, isSeen, nameKey } from './names';
export type { NameFault } from './names';
export { nextOne, reach80 } from './next-one';
export {
	parseLength,
	parseMass,
	parseNumber,
	parseRatio,
	parseTemperature,
	parseVolume
} from './parse';
export { partList, type ReadList } from './list';
export { litresOfPart, parsePart } from './part';
export type { Part, ReadPart } from './part';
export type { OwnMeasure, Parsed, ParseContext, ReadRatio } from './parse';
