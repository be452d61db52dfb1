import { rememberingAlways } from './remember';

/** Where the books are kept, who keeps them, and how figures are told. */
export const settingsOf = rememberingAlways((books) => books.settings.current());

/** The grower's own measures, the largest first. */
export const measuresOf = rememberingAlways((books) => books.settings.measures());
