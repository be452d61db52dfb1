export { ashFor, holdsFromPh, planSoak } from './ash-soak';
export type { SoakPlan, UrineAge } from './ash-soak';
export { heapCaseOf } from './case';
export type { HeapBefore, LaidOn } from './case';
export { carbonOf, heapMaterials, isQuick } from './data/carbon';
export type { CarbonFacts } from './data/carbon';
export { heapWay, ways } from './data/ways';
export type { HeapWay, WayFacts } from './data/ways';
export { heapCall, heatOf, heatRule } from './heat';
export type { HeapCall, HeatReading, HeatTold } from './heat';
export { heapKind } from './kinds';
export { nitrogenToAdd } from './nitrogen';
export type { NitrogenAsked, NitrogenToAdd } from './nitrogen';
export { litresLeft, lostOf, nitrogenLostAt, outturnOf, richness } from './outturn';
export type { Lost } from './outturn';
export { deepestPath_m, fillFor, pathDates, pathGives, pathsFor, seasonEnds, unders } from './path';
export type { PathGives, PathSize, Under } from './path';
export { goesOnHeap, mend, mixOf, wanted } from './recipe';
export type { HeapMix, HeapPart, Mending } from './recipe';
export {
	depthOf,
	groundUnder,
	laidLitres,
	leftAfter,
	leftSince,
	litresAt,
	monthsWorked,
	paceAt,
	sinksBy,
	sinksOf,
	sinksOfWay,
	usualAir
} from './sinking';
export type { HeapSize, Laid, Sinks } from './sinking';
export { heapWindow, readyWithin, stages } from './window';
export type { HeapPace, Stage } from './window';
export { castingsOf, feedPerDay, judgeFeeding, wormRule } from './worms';
export type { Feeding } from './worms';
export { beans_days, beanVerdicts, heapSmells } from './seen';
export type { BeanVerdict, HeapSmell } from './seen';
export { heapRules } from './rules';
export type { HeapCase } from './rules';
export { heapState } from './state';
export type { HeapSeen, HeapState } from './state';
