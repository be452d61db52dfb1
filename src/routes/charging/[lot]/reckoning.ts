import {
	offerNitrogen,
	partnerOf,
	schoolOf,
	type PartnerId,
	type SchoolId
} from '$lib/core/charging';
import {
	estimate,
	exactly,
	gramsPerKg,
	kgDry,
	kgDryPerLitre,
	litres,
	product,
	share,
	type Estimate,
	type Input,
	type Range
} from '$lib/core/units';

interface Charged {
	readonly school: SchoolId;
	readonly partner: PartnerId;
	readonly char_l: number;
	readonly partner_l: number;
	readonly water_l: number;
	readonly mix_l: number;
	readonly charShare: Range;
	readonly density: Range;
	readonly mineralN: Range;
	readonly volume_ml: number;
	readonly dry_g: number;
}

/** The figures of a charge: what is in it now, and what went in when it was set going. */
export function chargeFigures(charge: Charged): readonly (readonly [string, Estimate])[] {
	const { partner } = charge;
	return [
		['In it', holds(charge)],
		['Dry char inside', dryInside(charge)],
		['Char share', charShare(charge)],
		['Mineral N offered', mineralN(charge)],
		[partnerOf(partner).name, added(charge.partner_l, partnerOf(partner).source, 'as used')],
		['Rain water', added(charge.water_l, schoolOf(charge.school).source, 'poured on')]
	];
}

function holds({ volume_ml, mix_l }: Charged): Estimate {
	return estimate(litres, exactly(volume_ml / 1000), {
		unit: 'L',
		basis: 'as it lies',
		formula: 'what came in less what went out; its books list each',
		from: [typed('set going with', mix_l, 'settled, when it was mixed')]
	});
}

function dryInside({ dry_g, char_l, density }: Charged): Estimate {
	return estimate(kgDry, exactly(dry_g / 1000), {
		unit: 'kg',
		basis: 'the char alone, oven-dry',
		formula: 'carried through every act in whole grams',
		from: [typed('char put in', char_l, 'of the char lot'), densityInput(density)]
	});
}

function charShare({ charShare: value, char_l, mix_l }: Charged): Estimate {
	return estimate(share, value, {
		unit: 'share',
		basis: 'litres of char before mixing per litre of mix',
		formula: 'char ÷ mix',
		from: [typed('char', char_l, 'put in'), typed('mix', mix_l, 'settled')]
	});
}

/** The figure as kept, with the inputs it was worked out from. */
function mineralN({
	mineralN: kept,
	partner,
	partner_l,
	char_l,
	density,
	school
}: Charged): Estimate {
	const charKg = estimate(kgDry, product([exactly(char_l), density]), {
		unit: 'kg',
		basis: 'dry char',
		formula: 'litres × dry density',
		from: [densityInput(density)]
	});
	const offer = offerNitrogen(
		partner,
		litres(partner_l),
		charKg,
		schoolOf(school).curesWithSolids
	).perKg;
	return estimate(gramsPerKg, kept, {
		unit: 'g/kg',
		basis: offer.basis,
		formula: offer.formula,
		from: offer.from
	});
}

function added(amount: number, source: string, basis: string): Estimate {
	return estimate(litres, exactly(amount), {
		unit: 'L',
		basis,
		formula: 'worked out when it was set going',
		from: [typed('added', amount, source)]
	});
}

const typed = (name: string, value: number, source: string): Input => ({
	name,
	value,
	unit: 'L',
	origin: 'typed',
	source
});

const densityInput = ({ value, low, high }: Range): Input => ({
	name: 'density of the char, dry',
	value: kgDryPerLitre(value),
	low,
	high,
	unit: 'kg/L',
	origin: 'computed',
	source: 'of the char lot, when it was charged'
});
