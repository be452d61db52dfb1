export { balanceOf, firstShortfall, recounted, takePart, weighedAnew } from './balance';
export type { Line, Shortfall } from './balance';
export { trace } from './trace';
export type { Flow, TraceStep } from './trace';
