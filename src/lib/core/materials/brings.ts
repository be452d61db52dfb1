import { contentsOf, type Amount } from '../ledger';
import {
	grams,
	kgDry,
	kilograms,
	known,
	less,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type Grams,
	type KgDry,
	type Kilograms,
	type Litres,
	type Term,
	type Unit,
	microlitres,
	milligrams
} from '../units';
import type { Composition, PropertyName } from './composition';
import { materialOf } from './data/materials';

/** So much of a material, by its litres or by its weight as used. */
export type Measure = { readonly litres: Litres } | { readonly kg: Kilograms };

/** What so much of a material brings. */
export interface Brought {
	readonly volume: Estimate<Litres>;
	readonly mass: Estimate<Kilograms>;
	readonly dry: Estimate<KgDry>;
	readonly nitrogen: Estimate<Grams>;
	readonly mineralNitrogen: Estimate<Grams>;
	readonly phosphorus: Estimate<Grams>;
	readonly potassium: Estimate<Grams>;
	/** As calcium carbonate. */
	readonly lime: Estimate<Grams>;
}

const names: Readonly<Record<PropertyName, string>> = {
	density: 'density as used',
	water: 'water',
	nitrogen: 'nitrogen',
	mineralShare: 'mineral share of N',
	phosphorus: 'phosphorus',
	potassium: 'potassium',
	lime: 'lime value',
	ph: 'pH'
};

/** A property as a term of a figure. Of the same lot it is the same amount wherever it enters. */
export function propertyTerm(composition: Composition, property: PropertyName): Term {
	const { origin, source, ...range } = composition[property];
	return known(names[property], range, unitOf(property, composition), origin, source, {
		id: `${property} of ${composition.material}: ${source}`
	});
}

function unitOf(property: PropertyName, { basis }: Composition): Unit {
	if (property === 'density') return 'kg/L';
	if (property === 'ph') return 'pH';
	if (property === 'nitrogen' || property === 'phosphorus' || property === 'potassium')
		return basis === 'L' ? 'g/L' : 'g/kg';
	return 'share';
}

/** Volume, mass and dry matter of so much of a material, and what its composition is told by. */
function termsOf(composition: Composition, measure: Measure) {
	const { name } = materialOf(composition.material);
	const property = (of: PropertyName) => propertyTerm(composition, of);
	const typed =
		'litres' in measure
			? known(name, measure.litres, 'L', 'typed', 'as used')
			: known(name, measure.kg, 'kg', 'typed', 'as weighed');
	const volume = 'litres' in measure ? typed : over(typed, property('density'));
	const mass = 'litres' in measure ? times(typed, property('density')) : typed;
	const dry = times(mass, less(1, property('water')));
	return {
		property,
		volume,
		mass,
		dry,
		basis: { L: volume, kg: mass, 'kg dry': dry }[composition.basis]
	};
}

const gramsOf = (term: Term, of: string) => reckon(grams, term, { unit: 'g', basis: of });

/** The nitrogen alone, total and mineral, as `brings` has it. */
export function nitrogenIn(
	composition: Composition,
	measure: Measure
): Pick<Brought, 'nitrogen' | 'mineralNitrogen'> {
	const { property, basis } = termsOf(composition, measure);
	return {
		nitrogen: gramsOf(times(basis, property('nitrogen')), 'total N'),
		mineralNitrogen: gramsOf(
			times(basis, property('nitrogen'), property('mineralShare')),
			'mineral N'
		)
	};
}

/**
 * What so much of a material brings, each with its range. Basis: litres and kilograms as used; N, P, K
 * as the elements; lime as calcium carbonate.
 * @example brings(compositionOf('urine'), { litres: litres(10) }).nitrogen // 59 g, 50–70
 */
export function brings(composition: Composition, measure: Measure): Brought {
	const { property, volume, mass, dry, basis } = termsOf(composition, measure);
	return {
		...nitrogenIn(composition, measure),
		volume: reckon(litres, volume, { unit: 'L', basis: 'as used' }),
		mass: reckon(kilograms, mass, { unit: 'kg', basis: 'as used' }),
		dry: reckon(kgDry, dry, { unit: 'kg', basis: 'dry' }),
		phosphorus: gramsOf(times(basis, property('phosphorus')), 'P, the element'),
		potassium: gramsOf(times(basis, property('potassium')), 'K, the element'),
		lime: gramsOf(times(1000, dry, property('lime')), 'as calcium carbonate')
	};
}

/** The litres of so much of a material, by its own density where it was weighed. */
export const litresOf = (composition: Composition, measure: Measure): Litres =>
	'litres' in measure ? measure.litres : brings(composition, measure).volume.value;

/** The same as the ledger keeps it: central values, whole microlitres and milligrams. */
export function amountOf(composition: Composition, measure: Measure): Amount {
	const brought = brings(composition, measure);
	return {
		volume_ul: microlitres(brought.volume.value),
		mass_mg: milligrams(brought.mass.value),
		contents: contentsOf({
			[materialOf(composition.material).sort]: brought.dry.value,
			nitrogen: brought.nitrogen.value / 1000,
			'mineral-nitrogen': brought.mineralNitrogen.value / 1000,
			phosphorus: brought.phosphorus.value / 1000,
			potassium: brought.potassium.value / 1000,
			lime: brought.lime.value / 1000
		})
	};
}
