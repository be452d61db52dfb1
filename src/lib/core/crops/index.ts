export { cropsSource, hungers, hungerSource } from './data/crop-row';
export { crops } from './data/crops';
export type { CropRow, Hunger, OwnCrop, RawPart } from './data/crop-row';
export { takes, takesSource } from './data/takes';
export type { TakeClass } from './data/takes';
export { cropById, cropNamed, sweetest, targetOf, usualTarget, wantsOf } from './wants';
export type { CropWants, Growing } from './wants';
export { harvestWeight, seasonTakes, taken, takenBy, weightOfUnknown } from './taken';
export type { Taken } from './taken';
