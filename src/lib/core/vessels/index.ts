export { capacity, depthAtVolume, sectionAt, spanAt, volumeAtDepth, wettedArea } from './shape';
export type { Shape } from './shape';
export { clash, heapedAbove, inTurn, shortestBurn_ms, stayOfFire, stayOfPlan } from './stay';
export type { Stay } from './stay';
export type { VesselUse } from './kinds';
export { heldFigure } from './figures';
