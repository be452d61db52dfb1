export { buffers, bufferSource, bufferWithin, response, responseSource } from './data/buffers';
export type { Humus, Texture } from './data/buffers';
export { defaultBuffer, limeNeed, riseOf } from './need';
export type { LimedSoil, OwnBuffer } from './need';
export { ownBuffer } from './own-buffer';
export type { LimedSeason } from './own-buffer';
export { belowWater, meanOf, methodErrors, readAgain, riseRead, riseWanted } from './reading';
export type { PhIn, PhMean, PhMethod, PhReading } from './reading';
