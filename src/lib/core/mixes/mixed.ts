import { dryKg, kgOf, type Amount } from '../ledger';
import {
	compositionOf,
	materialOf,
	type Composition,
	type GermClass,
	type MaterialId
} from '../materials';
import { inKilograms, inLitres, type Range } from '../units';
import type { MixUse } from './rules';

/** What a mix is in the books, by its use. */
export const mixMaterial: Readonly<Record<MixUse, MaterialId>> = Object.freeze({
	feed: 'fertiliser-blend',
	pots: 'potting-mix',
	seed: 'seed-mix'
});

/** How far off a figure of the parts together is, each way, shares. */
export interface Off {
	readonly low: number;
	readonly high: number;
}
const exact: Off = { low: 1, high: 1 };

/** What a mix is known by: what went into it over what it weighs, as doubtful as its parts. */
export function mixedComposition(
	use: MixUse,
	amount: Amount,
	off: Partial<Record<'nitrogen' | 'phosphorus' | 'potassium' | 'lime', Off>>,
	known: { readonly germs: GermClass; readonly ph?: Range | undefined }
): Composition {
	const id = mixMaterial[use];
	const [kg, litres, dry] = [
		inKilograms(amount.mass_mg),
		inLitres(amount.volume_ul),
		dryKg(amount.contents)
	];
	const perKg = (name: 'nitrogen' | 'phosphorus' | 'potassium') =>
		wide(kg > 0 ? (kgOf(amount.contents, name) * 1000) / kg : 0, off[name]);
	const nitrogen = kgOf(amount.contents, 'nitrogen');
	const at = (value: number): Range => ({ value, low: value, high: value });
	const measured = {
		density: at(litres > 0 ? kg / litres : 1),
		water: at(kg > 0 ? Math.min(1, Math.max(0, 1 - dry / kg)) : 0),
		nitrogen: perKg('nitrogen'),
		mineralShare: at(nitrogen > 0 ? kgOf(amount.contents, 'mineral-nitrogen') / nitrogen : 0),
		phosphorus: perKg('phosphorus'),
		potassium: perKg('potassium'),
		lime: wide(dry > 0 ? kgOf(amount.contents, 'lime') / dry : 0, off.lime),
		...(known.ph ? { ph: known.ph } : {})
	};
	const { source } = materialOf(id);
	return { ...compositionOf(id, [{ measured, source }]), germs: known.germs };
}

const wide = (value: number, { low, high }: Off = exact): Range => ({
	value,
	low: value * low,
	high: value * high
});
