import { ofBatches } from './batches';
import { ofBeds } from './beds';
import { ofFires } from './fires';
import { ofHeaps } from './heaps';
import { ofMixes } from './mixes';
import { ofGrowing } from './growing';
import type { SmallAct } from './declare';
import { ofTheYard } from './yard';

export type { SmallAct, SmallField } from './declare';

/** Every act that only writes down a finding. */
export const smallActs: readonly SmallAct[] = [
	...ofBatches,
	...ofTheYard,
	...ofFires,
	...ofBeds,
	...ofGrowing,
	...ofHeaps,
	...ofMixes
];

/** @throws RangeError for a verb that none has */
export function smallActOf(verb: string): SmallAct {
	const known = smallActs.find((act) => act.verb === verb);
	if (!known) throw new RangeError(`smallActOf: "${verb}" is no small act`);
	return known;
}
