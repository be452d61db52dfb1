import type { CharWetness } from '../char';
import {
	added,
	atLeast,
	between,
	earlier,
	known,
	less,
	litres,
	over,
	reckon,
	share,
	times,
	type Estimate,
	type Litres,
	type Range,
	type Share,
	type Term
} from '../units';
import type { SchoolId } from './data/school';
import { schoolOf } from './data/schools';
import { alreadyHeld } from './held';

/** Fines fall into voids: a 1 : 1 mix fills 0.80–0.90 of the sum of its parts; one part alone settles nothing. */
const settling = Object.freeze({
	low: 0.8,
	high: 0.9,
	source:
		'Char and compost of unlike grain fill 0.80–0.90 of the sum at 1 : 1, all of it at either end'
});

/**
 * Share of the sum of its parts that a mix fills: what is lost at 1 : 1, times 4·x·(1 − x) of the
 * char's part x, so that it holds near 1 : 1 and fades to none where there is hardly anything to mix.
 */
function settledShare(ratio: number): Range {
	const char = 1 / (1 + ratio);
	const lost = 4 * char * (1 - char);
	return between(1 - (1 - settling.low) * lost, 1 - (1 - settling.high) * lost);
}
const restWater = Object.freeze({
	low: 0.4,
	high: 0.9,
	source: 'Dry char to the squeeze test: 0.4–0.9 L per L'
});

export interface SolidMix {
	readonly partner: Estimate<Litres>;
	readonly water: Estimate<Litres>;
	readonly mix: Estimate<Litres>;
	/** Litres of char before mixing per litre of mix. */
	readonly charShare: Estimate<Share>;
}

/** What really went in, where it is known. */
export interface ReallyIn {
	/** Litres of the partner; what was weighed is turned to litres by its own density. */
	readonly partner?: Litres | undefined;
	readonly water?: Litres | undefined;
	/** Other solids, and other liquids: these take the place of water. */
	readonly solids?: Litres | undefined;
	readonly liquids?: Litres | undefined;
}

/**
 * Amounts of a solid charge for so many litres of char. Basis: litres as they lie, before and
 * after mixing; the mix is smaller than its parts.
 * @param ratio litres of partner to one of char, above nought
 * @param really what went in, in place of what the ratio asks for
 * @example mixSolid('compost-rest', litres(40), 1, 'dry') // 40 L partner, 16–36 L water, 64–72 L mix
 */
export function mixSolid(
	school: SchoolId,
	char: Litres,
	ratio: number,
	wetness: CharWetness,
	really: ReallyIn = {}
): SolidMix {
	const charTerm = known('char', char, 'L', 'typed', 'the lot as it lies');
	const parts = times(
		charTerm,
		known('partner to one part of char', ratio, 'times', 'typed', schoolOf(school).source)
	);
	const partner = reckon(
		litres,
		really.partner === undefined
			? parts
			: known('partner', really.partner, 'L', 'measured', 'as it went in'),
		{ unit: 'L', basis: 'partner as used' }
	);
	const solids = really.solids ?? litres(0);
	const beside = partner.value + solids;
	const settled = known(
		'settling',
		settledShare(char > 0 ? beside / char : ratio),
		'times',
		'default',
		settling.source
	);
	const parts3 = added(
		charTerm,
		earlier('partner', partner),
		...(solids > 0 ? [known('other solids', solids, 'L', 'typed', 'as used')] : [])
	);
	const mix = reckon(litres, times(parts3, settled), { unit: 'L', basis: 'mixed' });
	return {
		partner,
		water: squeezeWater(charTerm, wetness, really),
		mix,
		charShare: reckon(share, over(charTerm, earlier('mix', mix)), {
			unit: 'share',
			basis: 'char before mixing per litre of mix',
			within: [0, 1]
		})
	};
}

/** Char and solids together, settled into each other's gaps. */
export function settle(char: Litres, solids: Litres, basis: string): Estimate<Litres> {
	const charTerm = known('char', char, 'L', 'typed', 'drained char keeps its volume');
	if (solids <= 0) return reckon(litres, charTerm, { unit: 'L', basis });
	return reckon(
		litres,
		times(
			added(charTerm, known('solids', solids, 'L', 'typed', 'as used')),
			known(
				'settling',
				settledShare(solids / Math.max(char, 1e-9)),
				'times',
				'default',
				settling.source
			)
		),
		{ unit: 'L', basis }
	);
}

function squeezeWater(
	char: Term,
	wetness: CharWetness,
	{ water: really, liquids = litres(0) }: ReallyIn
): Estimate<Litres> {
	if (really !== undefined)
		return reckon(litres, known('water', really, 'L', 'measured', 'as it went in'), {
			unit: 'L',
			basis: 'rain water'
		});
	const takes = known(
		'dry char takes',
		between(restWater.low, restWater.high),
		'L/L',
		'default',
		restWater.source
	);
	const held = alreadyHeld(wetness);
	const wanted = times(char, takes, less(1, held));
	const instead = known('other liquids', liquids, 'L', 'typed', 'they wet it too');
	return reckon(litres, liquids > 0 ? atLeast(0, less(wanted, instead)) : wanted, {
		unit: 'L',
		basis: 'rain water to the squeeze test',
		within: [0, Infinity]
	});
}
