export { oftens, readAdvice } from './read';
export type { Advice, Claim, Promised } from './read';
export { faultsIn, missingIn, readingsOf } from './weigh';
export type { Fault, Here, Missing, Reading } from './weigh';
export { stuffs } from './data/words';
export type { MeasureWord, OverWord, Stuff } from './data/words';
