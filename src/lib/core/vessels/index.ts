export {
	capacity,
	depthAtVolume,
	rimArea,
	sectionAt,
	shapeKinds,
	spanAt,
	volumeAtDepth,
	wettedArea
} from './shape';
export type { Shape } from './shape';
export { pailOf } from './pail';
export { clash, heapedAbove, inTurn, shortestBurn_ms, stayOfFire, stayOfPlan } from './stay';
export type { Stay } from './stay';
export { failedLast, kitEvents, shapesOf, vesselUses } from './kinds';
export type { KitEvent, VesselUse } from './kinds';
export { holeLimits, holesOf } from './fittings';
export type { Fittings, HoleVerdict } from './fittings';
export { heldFigure } from './figures';
