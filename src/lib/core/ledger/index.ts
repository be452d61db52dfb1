export { balanceOf, firstShortfall, recounted, takePart, weighedAnew } from './balance';
export type { Line, Shortfall } from './balance';
export { shareOut } from './share-out';
export type { ActLine, Gift } from './share-out';
export { trace } from './trace';
export type { Flow, TraceStep } from './trace';
