import type { CharWetness } from '../char';
import {
	between,
	estimate,
	exactly,
	litres,
	product,
	share,
	type Estimate,
	type Input,
	type Litres,
	type Range,
	type Share
} from '../units';
import { heldByWetness, schoolOf, type SchoolId } from './data/schools';

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

/**
 * Amounts of a solid charge for so many litres of char. Basis: litres as they lie, before and
 * after mixing; the mix is smaller than its parts.
 * @param ratio litres of partner to one of char, above nought
 * @example mixSolid('compost-rest', litres(40), 1, 'dry') // 40 L partner, 16–36 L water, 64–72 L mix
 */
export function mixSolid(
	school: SchoolId,
	char: Litres,
	ratio: number,
	wetness: CharWetness
): SolidMix {
	const partnerLitres = litres(char * ratio);
	const settle = settledShare(ratio);
	const charInput: Input = {
		name: 'char',
		value: char,
		unit: 'L',
		origin: 'typed',
		source: 'the lot as it lies'
	};
	const partner = estimate(litres, exactly(partnerLitres), {
		unit: 'L',
		basis: 'partner as used',
		formula: 'char × parts of partner',
		from: [
			charInput,
			{
				name: 'partner to one part of char',
				value: ratio,
				unit: 'times',
				origin: 'typed',
				source: schoolOf(school).source
			}
		]
	});
	const mix = estimate(litres, product([exactly(char + partnerLitres), settle]), {
		unit: 'L',
		basis: 'mixed',
		formula: '(char + partner) × settling',
		from: [
			charInput,
			{ name: 'settling', ...settle, unit: 'times', origin: 'default', source: settling.source }
		]
	});
	const charShare = estimate(share, product([exactly(char), mix], [1, -1]), {
		unit: 'share',
		basis: 'char before mixing per litre of mix',
		formula: 'char ÷ mix',
		from: [
			charInput,
			{
				name: 'mix',
				value: mix.value,
				low: mix.low,
				high: mix.high,
				unit: 'L',
				origin: 'computed',
				source: mix.formula
			}
		]
	});
	return { partner, water: squeezeWater(char, wetness), mix, charShare };
}

function squeezeWater(char: Litres, wetness: CharWetness): Estimate<Litres> {
	const dry = between(restWater.low, restWater.high);
	const held = heldByWetness[wetness];
	const range: Range = {
		value: char * dry.value * (1 - held.value),
		low: char * dry.low * (1 - held.high),
		high: char * dry.high * (1 - held.low)
	};
	return estimate(litres, range, {
		unit: 'L',
		basis: 'rain water to the squeeze test',
		formula: 'char × 0.4–0.9 L/L × (1 − share already held)',
		from: [
			{ name: 'dry char takes', ...dry, unit: 'L/L', origin: 'default', source: restWater.source },
			{
				name: `already held, ${wetness}`,
				...held,
				unit: 'share',
				origin: 'default',
				source: heldByWetness.source
			}
		]
	});
}
