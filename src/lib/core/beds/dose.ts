import {
	asInput,
	estimate,
	exactly,
	factors,
	kgDry,
	litres,
	litresPerM2,
	metres,
	product,
	share,
	squareMetres,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type LitresPerM2,
	type Metres,
	type Range,
	type Share,
	type SquareMetres
} from '../units';

/** The forms in which a char rate is quoted. Percent is of the soil in the working depth. */
export type RateForm = 'L/m2' | 'kg/m2' | 'percent' | 'cup/ft2' | 'lb/ft2';

export const rateForms: readonly RateForm[] = Object.freeze([
	'L/m2',
	'percent',
	'kg/m2',
	'cup/ft2',
	'lb/ft2'
]);

/** The ground a dose goes on. */
export interface Ground {
	readonly area: SquareMetres;
	readonly depth: Metres;
}

/** 5 % is the target, 3 % the most at first, 10 % for life. Source: rates by share of soil in practice. */
export const charShareLimits = Object.freeze({
	target: 0.05,
	first: 0.03,
	ceiling: 0.1,
	source: 'Practice: 5 % of the top 15 cm in two seasons, first dose at most 3 %, 10 % for life'
});

export const defaultDepth = metres(0.15);

export function areaOf(length: Metres, width: Metres): SquareMetres {
	return squareMetres(length * width);
}

/** More char than the working depth has soil: no dose, whatever its form. */
export function mostRate(depth: Metres): LitresPerM2 {
	return litresPerM2(depth * 1000);
}

/**
 * A rate in any form as litres of char per m²; above `mostRate` the status says so. Weight needs the char's dry density; percent
 * needs the depth: L/m² = % × depth in cm ÷ 10.
 * @example rateInLitres('percent', 5, density, metres(0.15)) // { status: 'rate', rate: 7.5 L/m² }
 */
export function rateInLitres(
	form: RateForm,
	amount: number,
	density: KgDryPerLitre,
	depth: Metres
): { status: 'rate'; rate: LitresPerM2 } | { status: 'more-than-soil'; most: number } {
	const perUnit = litresPerUnit(form, density, depth);
	const most = mostRate(depth);
	if (amount * perUnit > most) return { status: 'more-than-soil', most: most / perUnit };
	return { status: 'rate', rate: litresPerM2(amount * perUnit) };
}

/** The same rate in every form. */
export function translateRate(
	rate: LitresPerM2,
	density: KgDryPerLitre,
	depth: Metres
): Readonly<Record<RateForm, number>> {
	const forms = rateForms.map(
		(form) => [form, rate / litresPerUnit(form, density, depth)] as const
	);
	return Object.fromEntries(forms) as Record<RateForm, number>;
}

function litresPerUnit(form: RateForm, density: KgDryPerLitre, depth: Metres): number {
	switch (form) {
		case 'L/m2':
			return 1;
		case 'percent':
			return depth * 10;
		case 'cup/ft2':
			return factors.volume.usCup / factors.area.squareFoot;
		case 'kg/m2':
			return 1 / density;
		case 'lb/ft2':
			return factors.mass.pound / factors.area.squareFoot / density;
	}
}

/** Litres of soil in the working depth. */
export function soilVolume(ground: Ground): Litres {
	return litres(ground.area * ground.depth * 1000);
}

/** Share of the working depth that is char: Σ litres of char ÷ litres of soil. */
export function charShareOf(charLitres: number, ground: Ground): Share {
	return share(Math.min(1, charLitres / soilVolume(ground)));
}

/** Litres of char that still go on before a share is reached; never below nought. */
export function roomUnder(limit: number, charLitres: number, ground: Ground): Litres {
	return litres(Math.max(0, limit * soilVolume(ground) - charLitres));
}

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

/** What a dose is made of. */
export interface DoseLot {
	/** Litres of char per litre of the lot. */
	readonly charShare: Range;
	/** Of the char alone, as it lies. */
	readonly density: Range;
	readonly litresLeft: Litres;
}

/**
 * What a rate means for one bed and one lot: char, mix to carry, share reached, and which
 * limits it passes. Only the char share of a charged mix counts; what is there is credited.
 */
export function planDose(
	rate: LitresPerM2,
	ground: Ground,
	alreadyLitres: number,
	lot: DoseLot
): Dose {
	const charLitres = litres(rate * ground.area);
	const rateInput = {
		name: 'rate',
		value: rate,
		unit: 'L/m²' as const,
		origin: 'typed' as const,
		source: 'litres of char per m²'
	};
	const areaInput = {
		name: 'area',
		value: ground.area,
		unit: 'm²' as const,
		origin: 'measured' as const,
		source: 'length × width'
	};
	const mixLitres = estimate(litres, product([exactly(charLitres), lot.charShare], [1, -1]), {
		unit: 'L',
		basis: 'of the lot as it lies',
		formula: 'rate × area ÷ char share',
		from: [
			rateInput,
			areaInput,
			{
				name: 'char share',
				...pick(lot.charShare),
				unit: 'share',
				origin: 'computed',
				source: 'litres of char before mixing ÷ litres of mix'
			}
		]
	});
	const charKg = estimate(kgDry, product([exactly(charLitres), lot.density]), {
		unit: 'kg',
		basis: 'dry char',
		formula: 'char litres × dry density',
		from: [
			rateInput,
			areaInput,
			{
				name: 'density',
				...pick(lot.density),
				unit: 'kg/L',
				origin: 'computed',
				source: 'kg dry ÷ litres of char in the lot'
			}
		]
	});
	const over: DoseLimit[] = [];
	const after = alreadyLitres + charLitres;
	const hair = 1e-9;
	if (after > charShareLimits.ceiling * soilVolume(ground) + hair) over.push('ceiling');
	if (alreadyLitres <= 0 && after > charShareLimits.first * soilVolume(ground) + hair)
		over.push('first-dose');
	if (mixLitres.value > lot.litresLeft + 0.0005) over.push('stock');
	return {
		charLitres,
		mixLitres,
		charKg,
		shareBefore: charShareOf(alreadyLitres, ground),
		shareAfter: charShareOf(after, ground),
		over
	};
}

const pick = ({ value, low, high }: Range) => ({ value, low, high });

/** The rate to offer: up to the first-dose limit, then to the target, never over the room or stock. */
export function suggestRate(
	ground: Ground,
	alreadyLitres: number,
	charLitresInStock: number
): LitresPerM2 {
	const limit = alreadyLitres > 0 ? charShareLimits.target : charShareLimits.first;
	const wanted = Math.min(roomUnder(limit, alreadyLitres, ground), charLitresInStock);
	return litresPerM2(Math.floor((wanted / ground.area) * 10) / 10);
}

/** The share as a figure with its inputs. */
export function shareFigure(charLitres: number, ground: Ground): Estimate<Share> {
	const value = charShareOf(charLitres, ground);
	return estimate(share, exactly(value), {
		unit: 'share',
		basis: 'char of the soil in the working depth, by volume',
		formula: 'Σ litres of char ÷ (area × depth)',
		from: [
			{
				name: 'char so far',
				value: charLitres,
				unit: 'L',
				origin: 'computed',
				source: 'Σ spreads, at each lot’s own char share'
			},
			asInput(
				'soil',
				estimate(litres, exactly(soilVolume(ground)), {
					unit: 'L',
					basis: 'soil',
					formula: 'area × depth',
					from: []
				}),
				'measured'
			)
		]
	});
}
