import type { Composition, MaterialId, OwnAnalysis } from '$lib/core/materials';
import type { Aim, MixedPart } from '$lib/core/mixes';
import type { ParseContext } from '$lib/core/units';

/** A lot that can go into a blend. */
export interface BlendStock {
	readonly code: string;
	readonly name: string;
	readonly left_l: number;
	readonly left_kg: number;
	readonly composition: Composition;
	readonly isOwn: boolean;
	/** Of a kilogram, where a bag said it. */
	readonly price?: number | undefined;
	readonly soak?: MixedPart['soak'];
}

/** A bed that a blend may be for. */
export interface BlendBed {
	readonly name: string;
	readonly area_m2: number;
	/** What its crops want in a season, g of N on a square metre. */
	readonly wants_g?: readonly [low: number, high: number];
}

export interface BlendYard extends ParseContext {
	readonly stock: readonly BlendStock[];
	readonly beds: readonly BlendBed[];
	readonly analyses: Partial<Record<MaterialId, readonly OwnAnalysis[]>>;
	/** Of a kilogram, as the newest bag of each had it. */
	readonly prices: Partial<Record<MaterialId, number>>;
}

export interface BlendEntry {
	as: 'oxide' | 'element';
	stuff: string[];
	part: string[];
	nWanted: string;
	pWanted: string;
	kWanted: string;
	bed: string;
	dressed: string;
	perArea: string;
	leastOwn: string;
	mostLime: string;
	mostSalty: string;
	aim: Aim;
	whole: boolean;
	measure: string;
}
