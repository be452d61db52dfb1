import { metres, type Litres } from '../units';
import type { Shape } from './shape';

/** Deeper than wide by a tenth, as pails and bins mostly are. A working assumption, for drawings and depths alone. */
const depthPerWidth = 1.1;

/**
 * The shape of a pail of which only what it holds is known: round, with straight sides.
 * @param holds to its rim, above 0
 */
export function pailOf(holds: Litres): Shape {
	if (holds <= 0) throw new RangeError(`pailOf: ${holds} L must be above 0`);
	const width = metres(Math.cbrt((4 * holds) / 1000 / (Math.PI * depthPerWidth)));
	return {
		kind: 'round',
		rimWidth: width,
		floorWidth: width,
		depth: metres(width * depthPerWidth)
	};
}
