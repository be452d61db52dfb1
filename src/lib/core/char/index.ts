export { crushedDensity, crushLimits, expectCrushed, judgeCrush, usualCrushed } from './crush';
export type { CrushVerdict } from './crush';
export type { CharState, CharWetness } from './state';
export {
	byItsLook,
	charFromLitres,
	charWater,
	densityOfWet,
	plausibleCharDensity,
	sampledDensity,
	waterGuessed,
	weighedDensity
} from './density';
export { ownDensity } from './own';
export { useOf } from './use';
export type { CharUse } from './use';
export { qualityTests } from './finding';
export type { CharFinding, CharOrigin, QualityTest, SieveShares } from './finding';
export { withAsh } from './ash';
export { carriedQuality, judgeQuality, phOf, pooledQuality, qualityLimits } from './quality';
export type { QualityVerdict } from './quality';
export { d50, fineEnough, grainFor, sharesOf } from './sieve';
export type { GrainUse } from './sieve';
export { crushingRules } from './crushing';
export { charWithin, withCharTold } from './within';
