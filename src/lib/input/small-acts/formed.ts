import { ofBatches } from './batches';
import { ofBeds } from './beds';
import type { SmallAct } from './declare';
import { ofGround } from './ground';
import { ofGrowing } from './growing';
import { ofHeaps } from './heaps';
import { ofMixes } from './mixes';
import { ofTheYard } from './yard';

/** Those whose forms are made from their declaration: what pages with such forms are sent. */
export const formedActs: readonly SmallAct[] = [
	...ofBatches,
	...ofTheYard,
	...ofBeds,
	...ofGrowing,
	...ofGround,
	...ofHeaps,
	...ofMixes
];

/** @throws RangeError for a verb that none has */
export const formedActOf = (verb: string): SmallAct => actOf(formedActs, verb);

/** @throws RangeError for a verb that none of them has */
export function actOf(acts: readonly SmallAct[], verb: string): SmallAct {
	const known = acts.find((act) => act.verb === verb);
	if (!known) throw new RangeError(`actOf: "${verb}" is no small act`);
	return known;
}
