export {
	alters,
	balanceOf,
	changeTo,
	firstShortfall,
	recounted,
	scaled,
	takePart,
	takenFrom,
	weighedAnew
} from './balance';
export type { Change, BookLine, Shortfall } from './balance';
export {
	addAmounts,
	contentsOf,
	dryKg,
	kgOf,
	minus,
	nothing,
	part,
	plus,
	residue
} from './contents';
export type { Amount, Contents, Directed } from './contents';
export { carried, handedDown, wayOf } from './ancestry';
export type { Carry, TimedFlow } from './ancestry';
export { accounts } from './data/accounts';
export type { Account } from './data/accounts';
export { closures, drySorts, substances } from './data/substances';
export type { Substance } from './data/substances';
export { alteringAmong, inOrder } from './order';
export { shareOut } from './share-out';
export type { ActLine, Gift } from './share-out';
export { trace } from './trace';
export type { Flow, TraceStep } from './trace';
export { lotFigures } from './figures';
export type { NamedMove } from './figures';
