export { bandParts, stateAt } from './band';
export type { BandPart, BandState, Window } from './band';
