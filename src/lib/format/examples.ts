import type { System } from '../core/units';
import { say } from './figure';

/**
 * A line of the log or a note on a field as whoever reads it would write it: litres, kilograms, metres and degrees of an example in their own units.
 * @example inSystem('38 L C4 > Mere 2', 'us') // '10 gal C4 > Mere 2'
 */
export function inSystem(line: string, system: System | undefined): string {
	if (system !== 'us') return line;
	return line
		.replace(
			/(\d+(?:\.\d+)?) L\/m2/g,
			(_, n: string) => `${Math.max(1, Math.round(Number(n) / 2.5))} cup/ft2`
		)
		.replace(/(\d+(?:\.\d+)?) (mL|L|g|kg)\b/g, (_, n: string, unit: string) =>
			inTheirs(Number(n), unit)
		)
		.replace(/(\d+(?:\.\d+)?) (m|cm)\b/g, (_, n: string, unit: string) =>
			say(unit === 'm' ? Number(n) : Number(n) / 100, 'm', 'us')
		)
		.replace(/(\d+) C\b/g, (_, n: string) => `${Math.round(Number(n) * 1.8 + 32)} F`);
}

function inTheirs(value: number, unit: string): string {
	if (unit === 'L' || unit === 'mL') return say(unit === 'L' ? value : value / 1000, 'L', 'us');
	return say(unit === 'kg' ? value : value / 1000, 'kg', 'us');
}
