import type { WayId } from '../fires';
import type { Range } from '../units';
import type { WoodClassId } from '../woodyard';
import {
	classOfWood,
	cleanBurn,
	gasifying,
	heatBounds,
	usualHeat,
	type Elsewise,
	type Heat
} from './data/factors';
import type { CarbonPart } from './kept';

/** What the books know of a burn that bears on the carbon of its char. */
export interface CharredIn {
	readonly way: WayId;
	readonly wood: WoodClassId;
	readonly char_kg: Range;
	/** The hottest that was read, °C. */
	readonly hottest_c?: number | undefined;
	/** Water of the wood, share of its weight, and minutes of smoke, where they were told. */
	readonly water?: number | undefined;
	readonly smoke_min?: number | null | undefined;
	readonly ash?: number | undefined;
	/** Dry wood and what it would else have become, where that is to be counted. */
	readonly else?: { readonly kg: number; readonly is: Elsewise } | undefined;
}

const heatOf = (c: number): Heat =>
	c >= heatBounds.hot ? 'hot' : c >= heatBounds.warm ? 'warm' : 'cool';

/** @returns nothing for what is no char of plants: bones keep phosphorus, not carbon */
export function carbonPartOf(of: CharredIn): CarbonPart | undefined {
	const kind = classOfWood[of.wood];
	if (kind === 'none') return undefined;
	const isClean =
		of.water !== undefined &&
		of.water <= cleanBurn.water &&
		of.smoke_min != null &&
		of.smoke_min <= cleanBurn.smoke_min;
	return {
		char_kg: of.char_kg,
		class: kind === 'wood' && gasifying.has(of.way) ? 'gasified' : kind,
		heat: of.hottest_c === undefined ? usualHeat[of.way] : heatOf(of.hottest_c),
		methane: isClean ? 'dry' : 'field',
		...(of.ash === undefined ? {} : { ash: of.ash }),
		...(of.else ? { wood: { kg: of.else.kg, else: of.else.is } } : {})
	};
}
