export { heldByWetness, schoolOf, schools } from './data/schools';
export type { School, SchoolId } from './data/schools';
export { mixSolid } from './mixture';
export type { SolidMix } from './mixture';
export { coverWithLiquid, mostCharIn, soakOver_m } from './soak';
export type { Soak } from './soak';
export { judgeNitrogen, nitrogenLimits, offerNitrogen, partnerForNitrogen } from './nitrogen';
export type { NitrogenOffer, NitrogenVerdict } from './nitrogen';
export {
	cureDays,
	cureSpeed,
	cureStages,
	cureWindow,
	germinationIndex,
	readiness,
	testPassed
} from './cure';
export type { CressTest, CureStage, Readiness, ReadyTest } from './cure';
export { reckonCharge } from './reckon';
export type { ChargePlan, ReckonedCharge } from './reckon';
export { keptBySoak } from './kept';
export type { Soaked } from './kept';
export { standingAfter } from './after';
export type { Coming, Standing, StandingAfter } from './after';
export type { ReallyIn } from './mixture';
export { chargeFigures, stageFigures } from './figures';
