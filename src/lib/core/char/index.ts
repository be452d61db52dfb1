export { crushedDensity, crushLimits, expectCrushed, judgeCrush } from './crush';
export type { CharState, CharWetness, CrushVerdict } from './crush';
export { charFromLitres, charWater, plausibleCharDensity, sampledDensity } from './density';
export { ownDensity } from './own';
export { useOf } from './use';
export type { CharUse } from './use';
