import type { SmallAct } from './declare';
import { ofFires } from './fires';
import { actOf, formedActs } from './formed';

export type { SmallAct, SmallField } from './declare';

/** Every act that only writes down a finding. */
export const smallActs: readonly SmallAct[] = [...formedActs, ...ofFires];

/** @throws RangeError for a verb that none has */
export const smallActOf = (verb: string): SmallAct => actOf(smallActs, verb);
