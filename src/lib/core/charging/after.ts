import {
	added,
	gramsPerKg,
	kgDryPerLitre,
	known,
	over,
	reckon,
	share,
	times,
	type Estimate,
	type GramsPerKg,
	type KgDryPerLitre,
	type Leaf,
	type Range,
	type Share,
	type Unit
} from '../units';

/** How a batch with char in it stands. */
export interface Standing {
	/** Litres as it lies. */
	readonly volume_l: number;
	readonly charShare: Range;
	readonly density: Range;
	/** g per kg of dry char. */
	readonly mineralN: Range;
}

/** What comes to it. */
export interface Coming {
	/** Litres that it grows by; what fills its pores adds none. */
	readonly volume_l: number;
	readonly char_l: Range;
	readonly char_kg: Range;
	readonly mineralN_g: Range;
}

export interface StandingAfter {
	readonly charShare: Estimate<Share>;
	readonly density: Estimate<KgDryPerLitre>;
	readonly mineralN: Estimate<GramsPerKg>;
}

/**
 * How a batch stands once something was added: its char over its new litres, its char’s own density,
 * and the mineral nitrogen offered over all its dry char.
 * @throws RangeError where no char is in it
 */
export function standingAfter(before: Standing, coming: Coming): StandingAfter {
	const term = (name: string, amount: number | Range, unit: Unit): Leaf =>
		known(name, amount, unit, 'computed', 'of the batch, and of what was added');
	const volume = term('volume before', before.volume_l, 'L');
	const shareBefore = term('char share before', before.charShare, 'share');
	const densityBefore = term('density before', before.density, 'kg/L');
	const char = added(times(volume, shareBefore), term('char added', coming.char_l, 'L'));
	const charKg = added(
		times(volume, shareBefore, densityBefore),
		term('dry char added', coming.char_kg, 'kg')
	);
	const nitrogen = added(
		times(volume, shareBefore, densityBefore, term('mineral N before', before.mineralN, 'g/kg')),
		term('mineral N added', coming.mineralN_g, 'g')
	);
	return {
		charShare: reckon(
			share,
			over(char, added(volume, term('volume added', coming.volume_l, 'L'))),
			{
				unit: 'share',
				basis: 'char before mixing per litre of the batch',
				within: [0, 1]
			}
		),
		density: reckon(kgDryPerLitre, over(charKg, char), {
			unit: 'kg/L',
			basis: 'dry, of the char alone'
		}),
		mineralN: reckon(gramsPerKg, over(nitrogen, charKg), {
			unit: 'g/kg',
			basis: 'mineral N offered per kg dry char'
		})
	};
}

/**
 * Mineral nitrogen to the dry char as both stand in the books now: what was topped up, drained off or joined since is
 * in it. As doubtful as it was when it was reckoned last.
 * @param kept as it was reckoned last, g/kg
 * @param char_g dry
 */
export function mineralNNow(
	kept: Estimate<GramsPerKg>,
	mineral_mg: number,
	char_g: number
): Estimate<GramsPerKg> {
	const now = char_g > 0 ? mineral_mg / char_g : 0;
	if (char_g <= 0 || Math.abs(now - kept.value) <= kept.value * 0.001) return kept;
	const times = kept.value > 0 ? [kept.low / kept.value, kept.high / kept.value] : [1, 1];
	const [low = 1, high = 1] = times;
	const grams = mineral_mg / 1000;
	return reckon(
		gramsPerKg,
		over(
			known(
				'mineral N in it',
				{ value: grams, low: grams * low, high: grams * high },
				'g',
				'computed',
				'of all that went in, less what ran off; as doubtful as when it was reckoned last'
			),
			known('dry char in it', char_g / 1000, 'kg', 'computed', 'by its books')
		),
		{ unit: 'g/kg', basis: 'mineral N in it per kg dry char' }
	);
}
