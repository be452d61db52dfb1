export {
	dryWood,
	isPlausibleSize,
	largestStack,
	looseVolume,
	yardWater,
	partOfWood,
	solidVolume
} from './stack';
export type { StackMeasure, StackSize } from './stack';
export {
	dryFromWet,
	judgeMoisture,
	moistureFigures,
	moistureLimits,
	parsePieces,
	wetFromDry,
	worstOf
} from './moisture';
export type {
	MoistureState,
	MoistureVerdict,
	PieceReading,
	ReadingMethod,
	ReadingSet
} from './moisture';
export { suspicions } from './refusal';
export type { Suspicion, SuspicionId } from './refusal';
export {
	assumedWidth,
	charDensitySource,
	lightChar,
	outline,
	outlines,
	stackForm,
	stackForms,
	woodClass,
	woodClasses
} from './data/wood';
export { covers } from './data/lying';
export type { CoverId, WoodCondition } from './data/lying';
export type { OutlineId, StackForm, StackFormId, WoodClass, WoodClassId } from './data/wood';
export { dryOfAll } from './load';
export type { StackPart } from './load';
export { leftFigure } from './figures';
export { loadingRules } from './loading';
export type { Loading } from './loading';
