export { heldByWetness, partnerOf, partners, schoolOf, schools } from './data/schools';
export type { Partner, PartnerId, School, SchoolId } from './data/schools';
export { coverWithLiquid, mixSolid, mostCharIn } from './mixture';
export type { Soak, SolidMix } from './mixture';
export { judgeNitrogen, nitrogenLimits, offerNitrogen, partnerForNitrogen } from './nitrogen';
export type { NitrogenOffer, NitrogenVerdict } from './nitrogen';
export { cureSpeed, cureWindow, germinationIndex, readiness, testPassed } from './cure';
export type { CressTest, Readiness, ReadyTest } from './cure';
