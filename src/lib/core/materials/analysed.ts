import { drySorts, type Amount, type Contents } from '../ledger';
import { inKilograms, inLitres, kilograms, milligrams } from '../units';
import type { Composition, Measured, PropertyName } from './composition';
import { materialOf } from './data/materials';

/** What a lot was known to be, with what was measured of this very lot over it. */
export function withMeasured(
	composition: Composition,
	measured: Measured,
	source: string
): Composition {
	const own = Object.entries(measured).map(([name, range]) => [
		name,
		{ ...range, origin: 'own' as const, source }
	]);
	return { ...composition, ...Object.fromEntries(own) };
}

const drySum = (contents: Contents): number =>
	drySorts.reduce((sum, sort) => sum + (contents[sort] ?? 0), 0);

/**
 * What is left of a lot by an analysis of it; its litres stay, and so does all that was not measured.
 * @param held what the books say, mg
 * @param composition of the lot, the measured over it
 * @param measured names of what was measured; the rest of the books stands
 */
export function analysedAnew(
	held: Amount,
	composition: Composition,
	measured: readonly PropertyName[]
): Amount {
	const is = (name: PropertyName) => measured.includes(name);
	const of = (name: PropertyName) => composition[name].value;
	const litres = inLitres(held.volume_ul);
	const mass_mg = is('density') ? milligrams(kilograms(litres * of('density'))) : held.mass_mg;
	const mass = inKilograms(mass_mg);
	const contents: Partial<Record<keyof Contents, number>> = { ...held.contents };
	if (is('water') || is('density')) {
		// Char and ash in it are as they were; what is dry beside them is what its water leaves.
		const { sort } = materialOf(composition.material);
		const rest = drySum(held.contents) - (held.contents[sort] ?? 0);
		contents[sort] = Math.max(0, milligrams(kilograms(mass * (1 - of('water')))) - rest);
	}
	const dry = drySum(contents) / 1e6;
	const basis = { L: litres, kg: mass, 'kg dry': dry }[composition.basis];
	const grams = (g: number) => Math.round(g * 1000);
	if (is('nitrogen')) {
		contents.nitrogen = grams(of('nitrogen') * basis);
		contents['mineral-nitrogen'] = grams(of('nitrogen') * basis * of('mineralShare'));
	}
	if (is('phosphorus')) contents.phosphorus = grams(of('phosphorus') * basis);
	if (is('potassium')) contents.potassium = grams(of('potassium') * basis);
	if (is('lime')) contents.lime = grams(of('lime') * dry * 1000);
	return { ...held, mass_mg: Math.max(mass_mg, drySum(contents)), contents };
}
