import { beds } from './beds';
import { brews } from './brews';
import { bookkeeping } from './books';
import { char } from './char';
import { detective } from './detective';
import { charging } from './charging';
import { heaps } from './heaps';
import { mixes } from './mixes';
import { fires } from './fires';
import type { Room } from './room';
import { stock } from './stock';
import { trials } from './trials';
import { vessels } from './vessels';
import { worth } from './worth';
import { woodyard } from './woodyard';

/** Rooms that make or keep lots. */
const keepers: readonly Room[] = [
	woodyard,
	fires,
	vessels,
	char,
	charging,
	stock,
	brews,
	heaps,
	mixes
];

/** Every room, in the order of the work. */
export const rooms: readonly Room[] = [
	beds(Object.assign({}, ...keepers.map(({ ontoBed }) => ontoBed ?? {}))),
	...keepers,
	trials,
	detective,
	worth,
	bookkeeping
];
