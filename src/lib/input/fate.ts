import {
	inNeedOrder,
	kits,
	pileStuffs,
	pileUses,
	wayOfPart,
	fatesOf,
	type Fate,
	type Kit,
	type Pile,
	type PileStuff,
	type PileUse
} from '../core/fate';
import { cropNamed, type CropRow } from '../core/crops';
import type { ParseContext } from '../core/units';
import { momentOf } from '../core/time';
import { limits } from './limits';
import { amountIn } from './read-field';
import type { Values } from './form';

/** Lines of a form for the parts of a pile. */
export const pileRows = Object.freeze([1, 2, 3, 4, 5, 6] as const);
export type PileRow = (typeof pileRows)[number];

/** A part of a pile: what of it, how much, for what, by when, and the way it goes. */
export interface PilePart {
	readonly row: PileRow;
	readonly stuff: PileStuff;
	readonly use: PileUse;
	readonly litres: number;
	readonly wanted_ms: number | undefined;
	/** The way that was chosen; empty: the first that fits. */
	readonly goes: string;
	/** Its corner, vessel or bed. */
	readonly where: string;
	readonly fates: readonly Fate[];
	/** The way it goes; none where none fits. */
	readonly fate: Fate | undefined;
}

/** A pile as it was told. */
export interface PileTold {
	/** Litres that lie there, where that was said. */
	readonly lies_l: number | undefined;
	readonly parts: readonly PilePart[];
	/** The lot or stack it is taken from. */
	readonly from: string | undefined;
	/** Family of the crop it came from, where the table knows it. */
	readonly family: string | undefined;
}

export interface PileReading extends ParseContext {
	readonly timeZone: string;
	readonly now_ms: number;
	/** Rows of the grower's own, which go before the table. */
	readonly ownCrops?: readonly CropRow[];
	/** What the books say of it: whether any bed would take a mulch of that family. */
	readonly takesMulch?: (family: string | undefined) => boolean;
}

const oneOf = <T extends string>(all: readonly T[], one: string | undefined, usual: T): T =>
	all.find((known) => known === one) ?? usual;

/** What a form says of a pile, alike as one types and when it is sent. */
export function pileFrom(values: Values, reading: PileReading): PileTold {
	const number = (name: string, limit: Parameters<typeof amountIn>[1]) =>
		amountIn(values[name] ?? '', limit, reading);
	const family = cropNamed(values.crop ?? '', reading.ownCrops)?.family;
	const of: Omit<Pile, 'stuff' | 'litres' | 'use' | 'wanted_ms'> = {
		now_ms: reading.now_ms,
		kit: new Set(kits.filter((one): one is Kit => values[`kit-${one}`] === 'on')),
		hours: number('hours', limits.fate.hours),
		neighbour_m: number('neighbour', limits.fate.neighbour),
		isMulched: values.mulched === 'on' || reading.takesMulch?.(family) === false,
		isSuspect: values.suspect === 'on'
	};
	const parts = pileRows.flatMap((row): PilePart[] => {
		const litres = number(`part${row}`, limits.fate.part);
		if (litres === undefined || litres <= 0) return [];
		const day = values[`day${row}`] ?? '';
		const part = {
			stuff: oneOf(pileStuffs, values[`stuff${row}`], 'soft-tops'),
			use: oneOf(pileUses, values[`use${row}`], 'any'),
			litres,
			wanted_ms: day === '' ? undefined : momentOf(`${day}T12:00`, reading.timeZone)
		};
		const fates = fatesOf({ ...of, ...part });
		const goes = values[`goes${row}`] ?? '';
		const where = (values[`where${row}`] ?? '').trim();
		return [{ row, ...part, goes, where, fates, fate: wayOfPart(fates, goes) }];
	});
	return {
		lies_l: number('amount', limits.fate.pile),
		parts: inNeedOrder(parts),
		from: /^lot:([A-Z]\d{1,7})$/.exec(values.from ?? '')?.[1],
		family
	};
}
