export { student } from './data/student';
export { control, fewestEarlier, predict, standsTo } from './prediction';
export type { Prediction, Stands } from './prediction';
export { bearingOf, byChance, kindsOf, standsClear } from './bearing';
export type { Bearing, Kind, Trend } from './bearing';
export { nextBetter } from './next';
export type { Lever, NextBetter } from './next';
