export { balanceIn, closingOf, doubtOf, offShare, uncountedMost, withDoubt } from './balance';
export type { Balance, Closing, SeasonLine } from './balance';
