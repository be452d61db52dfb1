import type { BurnInput } from '../../input/burns';
import {
	byItsLook,
	charFromLitres,
	charWater,
	sampledDensity,
	weighedDensity
} from '../../core/char';
import {
	earlier,
	kgDryPerLitre,
	known,
	litres,
	reckon,
	times,
	type Estimate,
	type KgDryPerLitre,
	type Litres,
	milligrams
} from '../../core/units';
import { heapedAbove, volumeAtDepth } from '../../core/vessels';
import type { StackFormId, WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Vessel } from '../db/vessels';
import { usualDensity } from '../questions/own';
import { refuse } from './act';
import { refuseOddDensity } from './gates';

/** Litres, density and dry weight of the char from what was measured; the rest is worked out. */
export function charOf(
	books: Books,
	input: BurnInput,
	vessel: Vessel,
	wood: WoodClassId,
	form?: StackFormId
) {
	if (input.measured.by === 'weight') {
		const apart = { ...input, charWeighed: undefined };
		const usual = densityOf(books, apart, litres(1), usualDensity(books, wood, form));
		const known = input.charWeighed === undefined ? byItsLook(usual, input.wetness) : usual;
		const density = input.measured.byFeel ? byFeel(known) : known;
		const dry = input.charWeighed ?? input.measured.kg * (1 - charWater[input.wetness]);
		return { charLitres: litres(dry / density.value), density, char_mg: milligrams(dry) };
	}
	const charLitres = measuredLitres(input.measured, vessel);
	const density = densityOf(books, input, charLitres, usualDensity(books, wood, form));
	const char_mg = milligrams(input.charWeighed ?? charFromLitres(charLitres, density).value);
	return { charLitres, density, char_mg };
}

/** Lifted, not weighed: what is so known is off by a quarter, and so is all that follows from it. */
const byFeel = (density: Estimate<KgDryPerLitre>): Estimate<KgDryPerLitre> =>
	reckon(
		kgDryPerLitre,
		times(
			earlier('density', density),
			known(
				'weight by feel',
				{ value: 1, low: 0.75, high: 1.33 },
				'times',
				'default',
				'Assumed of a load that was lifted: within a quarter. A scale replaces it'
			)
		),
		{ unit: 'kg/L', basis: density.basis }
	);

/** A pile has no rim and embers come by the pail: what was measured there has no upper end. */
const hasRim = ({ usedFor }: Vessel) => usedFor !== 'open-pile' && usedFor !== 'stove';

function measuredLitres(
	measured: Exclude<BurnInput['measured'], { by: 'weight' }>,
	vessel: Vessel
): Litres {
	if (measured.by === 'litres') {
		if (hasRim(vessel) && measured.litres > vessel.capacity_l * heapedAbove)
			refuse('char', 'more-than-vessel', { name: vessel.name, capacity_l: vessel.capacity_l });
		return measured.litres;
	}
	if (measured.depth > vessel.shape.depth + 1e-9)
		refuse('char', 'above-rim', { depth_m: vessel.shape.depth });
	return volumeAtDepth(vessel.shape, measured.depth);
}

/** The best density there is: all of it weighed, a sample of it, own samples of that wood, the published range. */
function densityOf(
	books: Books,
	input: BurnInput,
	charLitres: Litres,
	usual: Estimate<KgDryPerLitre>
): Estimate<KgDryPerLitre> {
	const sampled = input.sample && sampleOrRefuse(input.sample);
	if (input.charWeighed !== undefined) {
		refuseOddDensity({ litres: charLitres, kg: input.charWeighed }, 'charWeighed');
		return weighedDensity(charLitres, input.charWeighed);
	}
	return sampled ?? usual;
}

function sampleOrRefuse(sample: NonNullable<BurnInput['sample']>): Estimate<KgDryPerLitre> {
	refuseOddDensity(sample, 'sample');
	return sampledDensity(sample.litres, sample.kg);
}
