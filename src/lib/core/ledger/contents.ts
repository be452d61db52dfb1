import {} from '../units';
import { closures, drySorts, substances, type Substance } from './data/substances';

/** Whole milligrams of each substance; what is absent is none. */
export type Contents = Readonly<Partial<Record<Substance, number>>>;

/** How much as it lies, in whole microlitres and milligrams, and what is in them. */
export interface Amount {
	readonly volume_ul: number;
	readonly mass_mg: number;
	readonly contents: Contents;
}

export const nothing: Amount = Object.freeze({ volume_ul: 0, mass_mg: 0, contents: {} });

/** The same contents with whole milligrams and no noughts. */
export function contentsOf(kg: Readonly<Partial<Record<Substance, number>>>): Contents {
	return fromEach((substance) => Math.round((kg[substance] ?? 0) * 1e6));
}

/** Dry matter of all sorts, kg. */
export const dryKg = (contents: Contents): number =>
	drySorts.reduce((sum, sort) => sum + (contents[sort] ?? 0), 0) / 1e6;

/** Kilograms of one substance. */
export const kgOf = (contents: Contents, substance: Substance): number =>
	(contents[substance] ?? 0) / 1e6;

/** @example plus({ char: 5 }, { char: 1, nitrogen: 2 }) // { char: 6, nitrogen: 2 } */
export const plus = (a: Contents, b: Contents): Contents =>
	fromEach((substance) => (a[substance] ?? 0) + (b[substance] ?? 0));

/** What is left; never below nought. */
export const minus = (a: Contents, b: Contents): Contents =>
	fromEach((substance) => Math.max(0, (a[substance] ?? 0) - (b[substance] ?? 0)));

export const addAmounts = (a: Amount, b: Amount): Amount => ({
	volume_ul: a.volume_ul + b.volume_ul,
	mass_mg: a.mass_mg + b.mass_mg,
	contents: plus(a.contents, b.contents)
});

/** A share of contents, rounded to whole milligrams and never more than there is. */
export const part = (contents: Contents, share: number): Contents =>
	fromEach((substance) => {
		const held = contents[substance] ?? 0;
		return Math.min(held, Math.round(held * share));
	});

function fromEach(amountOf: (substance: Substance) => number): Contents {
	const found: Partial<Record<Substance, number>> = {};
	for (const substance of substances) {
		const amount = amountOf(substance);
		if (amount !== 0) found[substance] = amount;
	}
	return found;
}

/** One line of an act: so much in or out of a place. */
export interface Directed extends Amount {
	readonly direction: 'in' | 'out';
}

/**
 * What the lines of an act leave open of each thing that must close, mg; empty when all of them close.
 * @example residue([{ direction: 'in', volume_ul: 0, mass_mg: 0, contents: { wood: 5 } }]) // { 'dry matter': 5 }
 */
export function residue(lines: readonly Directed[]): Readonly<Record<string, number>> {
	return Object.fromEntries(
		Object.entries(closures)
			.map(([name, parts]) => [name, openOf(lines, parts)] as const)
			.filter(([, open]) => open !== 0)
	);
}

const openOf = (lines: readonly Directed[], parts: readonly Substance[]): number =>
	lines.reduce((sum, { direction, contents }) => {
		const amount = parts.reduce((all, substance) => all + (contents[substance] ?? 0), 0);
		return direction === 'in' ? sum + amount : sum - amount;
	}, 0);
