import { factors } from './convert';

export type Kind = 'volume' | 'length' | 'mass' | 'temperature' | 'plain';

/** Spellings of units, lower case, without full stops. */
export const spellings: Readonly<
	Record<Exclude<Kind, 'plain' | 'temperature'>, Readonly<Record<string, number>>>
> = {
	volume: spell(factors.volume, {
		L: 'l litre litres liter liters',
		mL: 'ml millilitre millilitres',
		m3: 'm3 m³ cbm cubicmetre cubicmetres cubicmeter cubicmeters',
		usGallon: 'gal gallon gallons',
		usQuart: 'qt quart quarts',
		usPint: 'pt pint pints',
		usFluidOunce: 'floz fluidounce fluidounces',
		cubicFoot: 'ft3 ft³ cuft cf cubicfoot cubicfeet',
		cubicYard: 'yd3 yd³ cuyd cy cubicyard cubicyards',
		cord: 'cord cords',
		stere: 'stere steres stère stères'
	}),
	length: spell(factors.length, {
		m: 'm metre metres meter meters',
		cm: 'cm',
		mm: 'mm',
		inch: 'in inch inches "',
		foot: "ft foot feet '",
		yard: 'yd yard yards'
	}),
	mass: spell(factors.mass, {
		kg: 'kg kilo kilos',
		g: 'g gram grams',
		t: 't tonne tonnes',
		pound: 'lb lbs pound pounds',
		ounce: 'oz ounce ounces'
	})
};

function spell(table: Readonly<Record<string, number>>, words: Record<string, string>) {
	return Object.freeze(
		Object.fromEntries(
			Object.entries(words).flatMap(([unit, names]) =>
				names.split(' ').map((name) => [name, table[unit] as number])
			)
		)
	);
}

/** Spellings of what is neither a plain length, mass nor volume here. */
const otherUnits = /^(%|percent|°?[cf]|(us |metric )?cups?|m2|m²|ft2|ft²|sqm|sqft|ha|acres?)$/;

/** Whether a word is a unit of any kind, so that no measure may go by it. */
export function isUnitWord(word: string): boolean {
	const key = word.toLowerCase().replace(/\./g, '');
	const singular = [key, key.replace(/ /g, ''), key.replace(/e?s$/, ''), `${key}s`, `${key} full`];
	return (
		otherUnits.test(key) ||
		Object.values(spellings).some((table) => singular.some((one) => Object.hasOwn(table, one)))
	);
}
