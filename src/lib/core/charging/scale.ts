import { litres, type Litres } from '../units';
import { mostCharIn } from './soak';
import type { Shape } from '../vessels';

/** Char that so much of a scarce partner charges, at so many parts of it to one of char. */
export function charForPartner(partner: Litres, ratio: number): Litres {
	if (!(ratio > 0)) throw new RangeError(`charForPartner: ${ratio} parts of partner`);
	return litres(partner / ratio);
}

/** Char that fills a vessel once it is mixed or sunk: solids take their share of the room. */
export const charForVessel = (
	tub: Shape,
	ratio: number,
	isSoak: boolean,
	capacity_l: number
): Litres => litres((isSoak ? mostCharIn(tub) : capacity_l) / (1 + (isSoak ? 0 : ratio)));
