import type { BurnInput } from '../../input/burns';
import { charWater } from '../../core/char';
import type { WayId } from '../../core/fires';
import { addAmounts, contentsOf, dryKg, nothing, plus, type Amount } from '../../core/ledger';
import type { Measure } from '../../core/materials';
import {
	inKilograms,
	litres,
	microlitres,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres
} from '../../core/units';
import { dryWood, type StackMeasure, type WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import { amountOfDry, moves, type NewMovement } from '../db/movements';
import type { Vessel } from '../db/vessels';
import { dryOfWeight, type LoadedWood } from './load-stacks';

/** A fire as its measures tell it. */
export interface ReckonedBurn {
	readonly vessel: Vessel;
	readonly way: WayId;
	readonly wood: LoadedWood;
	readonly charLitres: Litres;
	readonly density: Estimate<KgDryPerLitre>;
	readonly char_mg: number;
	/** Where no such fire gives so much or so little. */
	readonly oddYield: number | undefined;
	readonly brands?: {
		readonly litres: Litres;
		readonly measure: StackMeasure;
		readonly dry: Estimate<KgDry>;
	};
}

/** Brands lie about as bundled rods do; weighed, their water is that of wood nobody read. */
export function brandsOf(brands: Measure, wood: WoodClassId) {
	const filling = (volume: Litres): StackMeasure => ({
		size: { by: 'measures', litres: volume, typed: 'brands picked out' },
		form: 'rods',
		wood,
		seasoned: true
	});
	if ('litres' in brands) {
		const measure = filling(brands.litres);
		return { litres: brands.litres, measure, dry: dryWood(measure) };
	}
	const dry = dryOfWeight({ by: 'weighed', kg: brands.kg, class: wood });
	const volume = litres(dry.value / dryWood(filling(litres(1))).value);
	return { litres: volume, measure: filling(volume), dry };
}

/** Wood turns to char; what is left of neither char nor brands went up as gas or fell to ash. */
export function linesOf(
	input: BurnInput,
	r: ReckonedBurn,
	charLotId: number,
	brandsLotId: number | null
): NewMovement[] {
	const char = amountOfDry(
		'char',
		microlitres(r.charLitres),
		inKilograms(r.char_mg),
		charWater[input.wetness]
	);
	const brands = r.brands
		? amountOfDry('wood', microlitres(r.brands.litres), r.brands.dry.value)
		: nothing;
	const taken = r.wood.takes.reduce<Amount>(addAmounts, nothing);
	const made = plus(char.contents, brands.contents);
	const lost_kg = (Math.round(dryKg(taken.contents) * 1e6) - Math.round(dryKg(made) * 1e6)) / 1e6;
	return [
		...r.wood.takes.map(({ lotId, ...take }) =>
			moves('out', lotId === undefined ? { account: 'gathered' } : { lotId }, take)
		),
		moves('in', { lotId: charLotId }, char),
		...(brandsLotId === null ? [] : [moves('in', { lotId: brandsLotId }, brands)]),
		moves('in', { account: 'gas-and-ash' }, { ...nothing, contents: contentsOf({ wood: lost_kg }) })
	];
}

export function writeBrands(
	books: Books,
	stamp: Stamp,
	burn: string,
	brands: NonNullable<ReckonedBurn['brands']>
): number {
	const lotId = books.ledger.insertLot({
		code: books.ledger.nextCode('stack'),
		kind: 'stack',
		name: `brands of ${burn}`,
		actId: stamp.actId
	});
	books.woodyard.insert(lotId, brands.measure, {
		actId: stamp.actId,
		suspicion: 'none',
		isBrands: true,
		dry: brands.dry
	});
	return lotId;
}
