import { materialOf, nitrogenIn, propertyTerm, type Composition } from '../materials';
import {
	added,
	earlier,
	grams,
	gramsPerKg,
	known,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type Grams,
	type GramsPerKg,
	type KgDry,
	type Litres
} from '../units';

/** g mineral N per kg dry char. Source: sorption 0.5–3 g/kg plus pore liquid of the soak's strength. */
export const nitrogenLimits = Object.freeze({
	drawsFromBed: 2,
	full: 3,
	most: 10,
	wanted: 5,
	usualShare: [0.1, 0.4],
	source: 'Hot wood char sorbs 0.5–3 g ammonium-N/kg; 3–10 g offered is a full soak'
});

export type NitrogenVerdict = 'too-little' | 'partial' | 'full' | 'wasteful' | 'fed-by-curing';

export interface NitrogenOffer {
	readonly total: Estimate<Grams>;
	readonly mineral: Estimate<Grams>;
	readonly perKg: Estimate<GramsPerKg>;
	readonly verdict: NitrogenVerdict;
}

/**
 * Nitrogen offered to the char by so many litres of a partner: total and mineral, and the
 * mineral part per kg of dry char, with the verdict.
 * @example offerNitrogen(compositionOf('urine'), litres(1), charOf2kg, false) // 5–7 g total, about 2.8 g mineral N/kg
 */
export function offerNitrogen(
	partner: Composition,
	volume: Litres,
	charKg: Estimate<KgDry>,
	curesWithSolids: boolean
): NitrogenOffer {
	const { nitrogen, mineralNitrogen } = nitrogenIn(partner, { litres: volume });
	const perKg = reckon(
		gramsPerKg,
		over(earlier('mineral N offered', mineralNitrogen), earlier('dry char', charKg)),
		{ unit: 'g/kg', basis: 'mineral N per kg dry char' }
	);
	return {
		total: nitrogen,
		mineral: mineralNitrogen,
		perKg,
		verdict: judgeNitrogen(perKg.value, curesWithSolids)
	};
}

/** The same of all that goes in. */
export function offerOfAll(
	given: readonly { readonly composition: Composition; readonly litres: Litres }[],
	charKg: Estimate<KgDry>,
	curesWithSolids: boolean
): NitrogenOffer {
	const [first, ...more] = given;
	if (first && more.every(({ litres }) => litres <= 0))
		return offerNitrogen(first.composition, first.litres, charKg, curesWithSolids);
	const each = given
		.filter(({ litres }) => litres > 0)
		.map(({ composition, litres: volume }) => ({
			name: materialOf(composition.material).name,
			...nitrogenIn(composition, { litres: volume })
		}));
	const sum = (of: 'nitrogen' | 'mineralNitrogen', basis: string) =>
		reckon(grams, added(...each.map((one) => earlier(`of ${one.name}`, one[of]))), {
			unit: 'g',
			basis
		});
	const mineral = sum('mineralNitrogen', 'mineral N');
	const perKg = reckon(
		gramsPerKg,
		over(earlier('mineral N offered', mineral), earlier('dry char', charKg)),
		{ unit: 'g/kg', basis: 'mineral N per kg dry char' }
	);
	return {
		total: sum('nitrogen', 'total N'),
		mineral,
		perKg,
		verdict: judgeNitrogen(perKg.value, curesWithSolids)
	};
}

export function judgeNitrogen(perKg: number, curesWithSolids: boolean): NitrogenVerdict {
	if (perKg > nitrogenLimits.most) return 'wasteful';
	if (perKg >= nitrogenLimits.full) return 'full';
	if (curesWithSolids) return 'fed-by-curing';
	return perKg >= nitrogenLimits.drawsFromBed ? 'partial' : 'too-little';
}

/**
 * Litres of a liquid partner for so many g of mineral N per kg of dry char: what to pour, by the
 * middle of what each is taken to hold. How much is then really offered has its range.
 */
export function partnerForNitrogen(
	partner: Composition,
	charKg: KgDry,
	wanted: GramsPerKg
): Estimate<Litres> {
	const middle = (name: 'nitrogen' | 'mineralShare') => {
		const term = propertyTerm(partner, name);
		return term.is === 'leaf' ? { ...term, low: term.value, high: term.value } : term;
	};
	const asked = known('mineral N wanted', wanted, 'g/kg', 'typed', '3–10 g/kg is a full charge');
	const char = known('dry char', charKg, 'kg', 'computed', 'volume × dry density');
	return reckon(
		litres,
		over(times(asked, char), times(middle('nitrogen'), middle('mineralShare'))),
		{ unit: 'L', basis: 'concentrate' }
	);
}
