import type { TakeClass } from './takes';

/** How much nitrogen a crop wants in a season. */
export type Hunger = 'light' | 'medium' | 'heavy';
/** Whether parts of it are eaten raw, and whether those touch the soil: strictest last. */
export type RawPart = 'none' | 'off-soil' | 'touches' | 'in-soil';

export interface CropRow {
	readonly id: string;
	/** What people call it: the first is its name, the others are found by. */
	readonly names: readonly [string, ...string[]];
	readonly family: string;
	/** pH in water that it likes, from … to. */
	readonly ph: readonly [low: number, high: number];
	readonly hunger: Hunger;
	readonly raw: RawPart;
	/** What a harvest takes away; none where nothing is taken. */
	readonly takes?: TakeClass;
	/** Lime and ash harm it, whatever the pH reads. */
	readonly acidLover?: true;
	/** Lime or ash this year or the year before gives it scab. */
	readonly scab?: true;
	readonly saltShy?: true;
	/** The soil at least so warm to sow, °C; none: it comes as a plant. */
	readonly warm_c?: number;
	/** Months to sow or plant where winters are cool, in the north. */
	readonly months?: readonly number[];
	readonly remark?: string;
}

/** A crop as the grower knows it: a row of one name, which goes before the table. */
export type OwnCrop = Omit<CropRow, 'id' | 'names'> & { readonly name: string };

export const cropsSource =
	'Ranges rounded from common extension tables: a judgement, and a row of your own goes before it';

/** A row as it is written in the table. */
export const row = (
	id: string,
	names: CropRow['names'],
	family: string,
	ph: CropRow['ph'],
	hunger: Hunger,
	raw: RawPart,
	more: Omit<CropRow, 'id' | 'names' | 'family' | 'ph' | 'hunger' | 'raw'> = {}
): CropRow => ({ id, names, family, ph, hunger, raw, ...more });

/** Months from one to another. */
export const months = (from: number, to: number): number[] =>
	Array.from({ length: to - from + 1 }, (_, i) => from + i);

/** Nitrogen that a season wants of soil and dressing together, g/m². */
export const hungers: Readonly<Record<Hunger, readonly [low: number, high: number]>> =
	Object.freeze({ light: [4, 9], medium: [10, 17], heavy: [18, 30] });

export const hungerSource =
	'Classes after the vegetable table of the German fertiliser ordinance 2017, annex 4, rounded';
