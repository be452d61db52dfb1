export { fateWays, kits, pileMaterial, pileStuffs, pileUses, stuffOfMaterial } from './data/ways';
export type { Begins, FateWay, Kit, PileStuff, PileUse } from './data/ways';
export { bedsToMulch, fatesOf, inNeedOrder, placed, wayOfPart, workOf } from './fate';
export type { Fate, Lack, MulchBed, Pile } from './fate';
