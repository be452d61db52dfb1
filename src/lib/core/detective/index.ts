export { causeIds, causes, clueIds } from './data/causes';
export type { CauseId, ClueId, Weight } from './data/causes';
export { signIds, signOf } from './data/signs';
export type { SignId } from './data/signs';
export { testIds, testOf } from './data/tests';
export type { TestId } from './data/tests';
export { changeIds, changeOf } from './data/changes';
export type { ChangeId } from './data/changes';
export { rank, saysNothing, tableRestsOn } from './odds';
export type { Evidence, Push, Ranked } from './odds';
export { bestTest, oneChange, sureFrom, tellingOf } from './telling';
export type { Telling } from './telling';
export {
	fewWorms,
	infiltration,
	pasteOfSlurry,
	saline_dS_m,
	saltySlurry_dS_m,
	slow_mm_h,
	soakedRuns,
	usualRing_m
} from './readings';
export { rescue, rescueRates, rescueStepIds } from './rescue';
export type { AtHand, RescueStep, RescueStepId } from './rescue';
export { askedClues, clueBounds, cluesOf } from './clues';
export type { BooksOfBed } from './clues';
export { amountOf } from './amounts';
export type { ChangeAmount } from './amounts';
export { signsOfReadings, stands_h, stops_m } from './read-signs';
export type { GroundRead } from './read-signs';
