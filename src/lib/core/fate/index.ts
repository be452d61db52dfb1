export { fateWays, kits, pileMaterial, pileStuffs, pileUses } from './data/ways';
export type { FateWay, Kit, PileStuff, PileUse } from './data/ways';
export { fatesOf, placed, workOf } from './fate';
export type { Fate, Lack, Pile } from './fate';
