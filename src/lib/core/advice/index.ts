export { askedOpen, oftens, readAdvice } from './read';
export type { Advice, ChargedSaid, Claim, Promised, WeighedSaid } from './read';
export { faultsIn, missingIn, readingsOf, waterAsSold, withItsWater } from './weigh';
export type { Fault, Here, Missing, Reading } from './weigh';
export { stuffs } from './data/words';
export type { MeasureWord, OverWord, Stuff } from './data/words';
