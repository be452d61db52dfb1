export { bandParts, stateAt } from './band';
export type { BandPart, BandState, Window } from './band';
export { days, hours, inMinutes, minutes } from './span';
export { momentOf } from './moment';
export { daylightAt, usualLight } from './daylight';
export type { Daylight, Whereabouts } from './daylight';
export { localMoment, readDay, readMoment } from './read-moment';
export type { DateContext, DateOrder } from './read-moment';
