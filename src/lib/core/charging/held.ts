import type { CharWetness } from '../char';
import { known, type Leaf } from '../units';
import { heldByWetness } from './data/schools';

/** What of its uptake char holds already, by how wet it is. */
export const alreadyHeld = (wetness: CharWetness): Leaf =>
	known(
		`already held, ${wetness}`,
		heldByWetness[wetness],
		'share',
		'default',
		heldByWetness.source
	);
