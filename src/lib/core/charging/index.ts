export { isFarFrom, readyChecks } from './data/school';
export type { Extra, PerChar, ReadyCheck, School, SchoolId, Tending } from './data/school';
export { heldByWetness, schoolOf, schools } from './data/schools';
export { mixSolid } from './mixture';
export type { SolidMix } from './mixture';
export { takesUp, coverWithLiquid, mostCharIn, soakOver_m } from './soak';
export type { Soak } from './soak';
export { ammoniaFrom, ammoniaShare } from './ammonia';
export { nutrientLines } from './nutrients';
export type { NutrientGrounds, NutrientLine } from './nutrients';
export { chargeTasks } from './tending';
export type { ChargeTask, DoneTask, DueTask } from './tending';
export { charForPartner, charForVessel } from './scale';
export { judgeNitrogen, nitrogenLimits, offerNitrogen, partnerForNitrogen } from './nitrogen';
export type { NitrogenOffer, NitrogenVerdict } from './nitrogen';
export {
	cureDays,
	cureSpeed,
	cureStages,
	cureWindow,
	drainedWindow,
	germinationIndex,
	readiness,
	testPassed
} from './cure';
export type { CressTest, CureStage, CureWarmth, Readiness, ReadyTest } from './cure';
export { reckonCharge } from './reckon';
export type { ChargePlan, ExtraIn, ReckonedCharge } from './reckon';
export { keptBySoak } from './kept';
export type { Soaked } from './kept';
export { mineralNNow, standingAfter } from './after';
export type { Coming, Standing, StandingAfter } from './after';
export type { ReallyIn } from './mixture';
export { chargeFigures, stageFigures } from './figures';
export { chargingRules } from './cautions';
export type { Charging } from './cautions';
export { workOutCharge } from './work-out';
export type { ChargeAsked, ChargeWorked, ExtraAsked, ExtraWorked } from './work-out';
