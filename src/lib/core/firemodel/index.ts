export { draught, frontSpeed, frontYield, lit, stepBarrel } from './barrel';
export type { Barrel, BarrelState } from './barrel';
export { feed, light, showsWhite } from './feed';
export type { Fed } from './feed';
export { step } from './step';
export { tend } from './tended';
export type { Tended, Tending } from './tended';
export type { FireState, Gone, Hearth, Heat, Layer, Weather } from './state';
