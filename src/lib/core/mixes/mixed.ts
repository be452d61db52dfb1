import { dryKg, kgOf, type Amount } from '../ledger';
import {
	compositionOf,
	materialOf,
	type Composition,
	type GermClass,
	type MaterialId
} from '../materials';
import { inKilograms, inLitres, litres, type Estimate, type Range } from '../units';
import { blendOf } from './blend';
import { phOfMix } from './pots';
import type { MixUse } from './rules';

/** What a mix is in the books, by its use. */
export const mixMaterial: Readonly<Record<MixUse, MaterialId>> = Object.freeze({
	feed: 'fertiliser-blend',
	pots: 'potting-mix',
	seed: 'seed-mix'
});

/** Part of a mix as it went in; of char and batches nothing more is known than its litres. */
export interface MixedOf {
	readonly id: string;
	readonly litres: number;
	readonly composition?: Composition | undefined;
}

/** How far off a figure of the parts together is, each way, shares. */
interface Off {
	readonly low: number;
	readonly high: number;
}
const exact: Off = { low: 1, high: 1 };
const offOf = ({ value, low, high }: Estimate): Off =>
	value > 0 ? { low: low / value, high: high / value } : exact;

/** As far off as the parts are together; of those of which nothing is known, exact as the books have them. */
function offBy(parts: readonly MixedOf[]) {
	const known = parts.flatMap(({ id, composition, litres: volume }) =>
		composition ? [{ id, composition, measure: { litres: litres(volume) } }] : []
	);
	if (known.length === 0)
		return { nitrogen: exact, phosphorus: exact, potassium: exact, lime: exact };
	const { nitrogen, phosphorus, potassium, lime } = blendOf(known);
	return {
		...{ nitrogen: offOf(nitrogen), phosphorus: offOf(phosphorus) },
		...{ potassium: offOf(potassium), lime: offOf(lime) }
	};
}

/** What a mix is known by: what went into it over what it weighs, as doubtful as its parts. */
export function mixedComposition(
	use: MixUse,
	amount: Amount,
	parts: readonly MixedOf[],
	germs: GermClass
): Composition {
	const off = offBy(parts);
	const ph = phOfMix(parts.map((one) => ({ share: one.litres, ph: one.composition?.ph })));
	const id = mixMaterial[use];
	const [kg, volume, dry] = [
		inKilograms(amount.mass_mg),
		inLitres(amount.volume_ul),
		dryKg(amount.contents)
	];
	const perKg = (name: 'nitrogen' | 'phosphorus' | 'potassium') =>
		wide(kg > 0 ? (kgOf(amount.contents, name) * 1000) / kg : 0, off[name]);
	const nitrogen = kgOf(amount.contents, 'nitrogen');
	const at = (value: number): Range => ({ value, low: value, high: value });
	const measured = {
		density: at(volume > 0 ? kg / volume : 1),
		water: at(kg > 0 ? Math.min(1, Math.max(0, 1 - dry / kg)) : 0),
		nitrogen: perKg('nitrogen'),
		mineralShare: at(nitrogen > 0 ? kgOf(amount.contents, 'mineral-nitrogen') / nitrogen : 0),
		phosphorus: perKg('phosphorus'),
		potassium: perKg('potassium'),
		lime: wide(dry > 0 ? kgOf(amount.contents, 'lime') / dry : 0, off.lime),
		...(ph ? { ph } : {})
	};
	const { source } = materialOf(id);
	return { ...compositionOf(id, [{ measured, source }]), germs };
}

const wide = (value: number, { low, high }: Off = exact): Range => ({
	value,
	low: value * low,
	high: value * high
});
