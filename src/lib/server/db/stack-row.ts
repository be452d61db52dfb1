import { z } from 'zod';
import type {
	OutlineId,
	StackFormId,
	StackMeasure,
	StackSize,
	SuspicionId,
	WoodClassId
} from '../../core/woodyard';
import { litres, metres, type Estimate, type KgDry } from '../../core/units';
import { toKept } from './kept';
import { jsonOf } from './json';

export interface Stack {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	readonly measure: StackMeasure;
	readonly suspicion: SuspicionId;
	readonly isBrands: boolean;
	readonly walnut: boolean;
	/** As measured, before anything was taken. */
	readonly measured: Estimate<KgDry>;
	readonly volume_ul: number;
	readonly dry_g: number;
	readonly stackedAt_ms: number;
}

export interface StackRow {
	lot_id: number;
	code: string;
	name: string;
	act_id: string;
	form: StackFormId;
	wood: WoodClassId;
	seasoned: number;
	outline: OutlineId | null;
	length_m: number | null;
	width_m: number | null;
	height_m: number | null;
	filled_l: number | null;
	filled_as: string | null;
	sample_json: string | null;
	standing_dead: number;
	walnut: number;
	suspicion: SuspicionId;
	is_brands: number;
	dry_kg: number;
	dry_low_kg: number;
	dry_high_kg: number;
	dry_json: string;
	volume_ul: number;
	dry_g: number;
	happened_at_ms: number;
}

function sizeOf(row: StackRow): StackSize {
	if (row.sample_json !== null) return { by: 'weighed', ...readSample(row.sample_json) };
	if (row.outline === null)
		return { by: 'measures', litres: litres(row.filled_l ?? 0), typed: row.filled_as ?? '' };
	return {
		by: 'outline',
		outline: row.outline,
		length: metres(row.length_m ?? 0),
		height: metres(row.height_m ?? 0),
		...(row.width_m === null ? {} : { width: metres(row.width_m) })
	};
}

type Sample = Omit<Extract<StackSize, { by: 'weighed' }>, 'by'>;
export const readSample = jsonOf<Sample>(
	z.looseObject({
		count: z.number(),
		one: z.number(),
		oneHolds: z.number().optional(),
		water: z.number().optional()
	})
);
export const sampleOf = ({ count, one, oneHolds, water }: Sample): string =>
	JSON.stringify({ count, one, oneHolds, water });

export function toStack(row: StackRow): Stack {
	return {
		lotId: row.lot_id,
		code: row.code,
		name: row.name,
		actId: row.act_id,
		measure: {
			size: sizeOf(row),
			form: row.form,
			wood: row.wood,
			seasoned: row.seasoned === 1,
			...(row.standing_dead === 1 ? { standingDead: true } : {})
		},
		suspicion: row.suspicion,
		isBrands: row.is_brands === 1,
		walnut: row.walnut === 1,
		measured: toKept([row.dry_kg, row.dry_low_kg, row.dry_high_kg], row.dry_json),
		volume_ul: row.volume_ul,
		dry_g: row.dry_g,
		stackedAt_ms: row.happened_at_ms
	};
}
