export { accountsOf, asElement, firstYearShare } from './accounts';
export type { PutOn, Ranged, SeasonAccount, TakenOff } from './accounts';
export { firstYearSource } from './data/first-year';
