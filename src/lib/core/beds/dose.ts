import { days } from '../time';
import {
	kgDry,
	known,
	litres,
	litresPerM2,
	over,
	reckon,
	sum,
	times,
	type Estimate,
	type KgDry,
	type Litres,
	type LitresPerM2,
	type Range,
	type Share
} from '../units';
import { charShareLimits, charShareOf, roomUnder, soilVolume, type Ground } from './room';

export interface Dose {
	readonly charLitres: Litres;
	/** Litres of the mix that carry it. */
	readonly mixLitres: Estimate<Litres>;
	readonly charKg: Estimate<KgDry>;
	readonly shareBefore: Share;
	readonly shareAfter: Share;
	readonly over: readonly DoseLimit[];
}

export type DoseLimit = 'ceiling' | 'first-dose' | 'stock';

/** What a bed has had. */
export interface CharSoFar {
	/** Litres of char put on, each at its lot's own share. */
	readonly char_l: number;
	/** Nothing yet, or its first char came within a season. */
	readonly firstSeason: boolean;
}

/** The first-dose limit holds for half a year: until the soil of the next growing season. */
export const firstSeason_days = 180;

/** Whether a bed is still in its first season with char at a moment. */
export const isFirstSeason = (firstChar_ms: number | null, at_ms: number): boolean =>
	firstChar_ms === null || at_ms < firstChar_ms + days(firstSeason_days);

/** What a dose is made of. */
export interface DoseLot {
	/** Litres of char per litre of the lot. */
	readonly charShare: Range;
	/** Of the char alone, as it lies. */
	readonly density: Range;
	readonly litresLeft: Litres;
	/** What the figures shown leave open of it, L: so much more than is left is all of it. */
	readonly slack_l?: number;
}

/** What a rate means in figures without doubt: enough to set doses side by side. */
export interface Weighed {
	readonly charLitres: Litres;
	/** Of the mix that carries it, L. */
	readonly mix_l: number;
	readonly shareAfter: Share;
	readonly over: readonly DoseLimit[];
}

/** Litres, the share reached and the limits passed; what is there is credited. */
export function weighDose(
	rate: LitresPerM2,
	ground: Ground,
	{ char_l: alreadyLitres, firstSeason }: CharSoFar,
	lot: DoseLot
): Weighed {
	const charLitres = litres(rate * ground.area);
	const mix_l = charLitres / lot.charShare.value;
	const past: DoseLimit[] = [];
	const after = alreadyLitres + charLitres;
	const hair = 1e-9;
	if (after > charShareLimits.ceiling * soilVolume(ground) + hair) past.push('ceiling');
	// Of all that goes on in the first season, so that a token dose lifts nothing.
	if (firstSeason && after > charShareLimits.first * soilVolume(ground) + hair)
		past.push('first-dose');
	if (mix_l > lot.litresLeft + (lot.slack_l ?? 0.0005)) past.push('stock');
	return { charLitres, mix_l, shareAfter: charShareOf(after, ground), over: past };
}

/**
 * Turns a rate in litres of char per m² into what is carried and weighed, the share reached, and the
 * limits it passes. Only the char share of a charged mix counts; what is there is credited.
 */
export function planDose(rate: LitresPerM2, ground: Ground, had: CharSoFar, lot: DoseLot): Dose {
	const charTerm = times(
		known('rate', rate, 'L/m²', 'typed', 'char by volume on the area'),
		known('area', ground.area, 'm²', 'measured', 'of this bed, from above')
	);
	const { charLitres, shareAfter, over: past } = weighDose(rate, ground, had, lot);
	return {
		charLitres,
		mixLitres: reckon(
			litres,
			over(
				charTerm,
				known(
					'char share',
					lot.charShare,
					'share',
					'computed',
					'volume of char before mixing ÷ volume of mix'
				)
			),
			{ unit: 'L', basis: 'of the lot as it lies' }
		),
		charKg: reckon(
			kgDry,
			times(
				charTerm,
				known('density', lot.density, 'kg/L', 'computed', 'dry mass ÷ volume of char in the lot')
			),
			{ unit: 'kg', basis: 'dry char' }
		),
		shareBefore: charShareOf(had.char_l, ground),
		shareAfter,
		over: past
	};
}

/** Litres of char a bed holds once a dose is on it, with the doubt of both. */
export const charAfter = (before: Range, { charShare }: DoseLot, { charLitres }: Dose): Range =>
	sum([
		before,
		{
			value: charLitres,
			low: (charLitres * charShare.low) / charShare.value,
			high: (charLitres * charShare.high) / charShare.value
		}
	]);

/** The rate to offer: up to the first-dose limit, then to the target, never over the room or stock. */
export function suggestRate(
	ground: Ground,
	{ char_l, firstSeason }: CharSoFar,
	charLitresInStock: number
): LitresPerM2 {
	const limit = firstSeason ? charShareLimits.first : charShareLimits.target;
	const wanted = Math.min(roomUnder(limit, char_l, ground), charLitresInStock);
	// The hair keeps 4.5 from falling to 4.4 by the last bit of a product.
	return litresPerM2(Math.floor((wanted / ground.area) * 10 + 1e-9) / 10);
}
