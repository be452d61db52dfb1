import {
	between,
	estimate,
	exactly,
	grams,
	gramsPerKg,
	litres,
	product,
	asInput,
	type Estimate,
	type Grams,
	type GramsPerKg,
	type KgDry,
	type Litres,
	type Range
} from '../units';
import { partnerOf, type Partner, type PartnerId } from './data/schools';

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
 * @example offerNitrogen('urine', litres(1), charOf2kg, false) // 5–7 g total, about 2.8 g mineral N/kg
 */
export function offerNitrogen(
	id: PartnerId,
	volume: Litres,
	charKg: Estimate<KgDry>,
	curesWithSolids: boolean
): NitrogenOffer {
	const partner = partnerOf(id);
	const terms = nitrogenTerms(partner, volume);
	const mineralShare = between(...partner.mineralShare);
	const total = estimate(grams, product(terms.ranges), {
		unit: 'g',
		basis: 'total N offered',
		formula: terms.formula,
		from: terms.inputs
	});
	const shareInput = {
		name: 'mineral share of N',
		...mineralShare,
		unit: 'share' as const,
		origin: 'default' as const,
		source: partner.source
	};
	const mineral = estimate(grams, product([...terms.ranges, mineralShare]), {
		unit: 'g',
		basis: 'mineral N offered',
		formula: `${terms.formula} × mineral share`,
		from: [...terms.inputs, shareInput]
	});
	const perKg = estimate(
		gramsPerKg,
		product([...terms.ranges, mineralShare, charKg], [...terms.ranges.map(() => 1), 1, -1]),
		{
			unit: 'g/kg',
			basis: 'mineral N per kg dry char',
			formula: `${terms.formula} × mineral share ÷ kg dry char`,
			from: [...terms.inputs, shareInput, asInput('dry char', charKg)]
		}
	);
	return { total, mineral, perKg, verdict: judgeNitrogen(perKg.value, curesWithSolids) };
}

export function judgeNitrogen(perKg: number, curesWithSolids: boolean): NitrogenVerdict {
	if (perKg > nitrogenLimits.most) return 'wasteful';
	if (perKg >= nitrogenLimits.full) return 'full';
	if (curesWithSolids) return 'fed-by-curing';
	return perKg >= nitrogenLimits.drawsFromBed ? 'partial' : 'too-little';
}

/** Litres of a liquid partner for so many g of mineral N per kg of dry char. */
export function partnerForNitrogen(id: PartnerId, charKg: KgDry, wanted: GramsPerKg): Litres {
	const partner = partnerOf(id);
	const perLitre = between(...partner.totalN).value * between(...partner.mineralShare).value;
	return litres((wanted * charKg) / perLitre);
}

function nitrogenTerms(partner: Partner, volume: Litres) {
	const strength = between(...partner.totalN);
	const litresInput = {
		name: partner.name,
		value: volume,
		unit: 'L' as const,
		origin: 'typed' as const,
		source: 'as used'
	};
	if (partner.kind === 'liquid')
		return {
			ranges: [exactly(volume), strength] as Range[],
			formula: 'litres × g N/L',
			inputs: [
				litresInput,
				{
					name: 'strength',
					...strength,
					unit: 'g/L' as const,
					origin: 'default' as const,
					source: partner.source
				}
			]
		};
	const density = between(...(partner.density ?? [1, 1]));
	const [wetLow, wetHigh] = partner.water ?? [0, 0];
	const dryShare = between(1 - wetHigh, 1 - wetLow);
	return {
		ranges: [exactly(volume), density, dryShare, strength] as Range[],
		formula: 'litres × kg/L × dry share × g N/kg dry',
		inputs: [
			litresInput,
			{
				name: 'density as used',
				...density,
				unit: 'kg/L' as const,
				origin: 'default' as const,
				source: partner.source
			},
			{
				name: 'dry share',
				...dryShare,
				unit: 'share' as const,
				origin: 'default' as const,
				source: partner.source
			},
			{
				name: 'nitrogen',
				...strength,
				unit: 'g/kg' as const,
				origin: 'default' as const,
				source: partner.source
			}
		]
	};
}
