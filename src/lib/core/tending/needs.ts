import { quenchWater, steelMass, tankWater, type Quench, type WayId } from '../fires';
import { exactly, kgDry, known, litres, reckon, times, type Kilograms } from '../units';
import { capacity, wettedArea } from '../vessels';
import type { FireGrounds } from './amount';
import type { NeedAt } from './water';

/** How full: enough to follow where one term of the need takes over from another. */
const shares = [0, 0.1, 0.2, 0.35, 0.5, 0.75, 1];

/** What the quench of a fire wants as it fills: the very need of its plan, at so many fills. */
export function needsOf(
	grounds: Pick<FireGrounds, 'shape' | 'density'> & {
		readonly way: WayId;
		readonly emptyMass?: Kilograms;
		readonly ownWater: readonly number[];
		readonly quench?: Quench;
	}
): readonly NeedAt[] {
	const { shape, density, way, quench, emptyMass, ownWater } = grounds;
	const most = capacity(shape);
	return shares.map((share) => {
		const char_l = most * share;
		const char = known('char so far', exactly(char_l), 'L', 'computed', 'layers laid on');
		const need = quenchWater({
			way,
			quench,
			charLitres: reckon(litres, char, { unit: 'L', basis: 'whole, loose' }),
			charKg: reckon(
				kgDry,
				times(char, known('char density', density.value, 'kg/L', 'default', 'class of wood')),
				{ unit: 'kg', basis: 'dry char' }
			),
			capacity: most,
			vesselMass: emptyMass ?? steelMass(wettedArea(shape)),
			waterTemperature: tankWater,
			ownLitresPerLitre: ownWater
		});
		// What is shut off from the air wants none.
		const isShut = need.ruledBy === 'a fifth, kept ready';
		return {
			char_l,
			need_l: need.need.value,
			least_l: isShut ? 0 : need.boilOff.low + need.soak.low
		};
	});
}
