import type { Composition, MaterialId, OwnAnalysis } from '$lib/core/materials';
import type { MixUse } from '$lib/core/mixes';
import type { ParseContext } from '$lib/core/units';

/** A mix to go by: as it is often made, or one’s own. */
export interface PotRecipe {
	readonly id: string;
	readonly name: string;
	readonly use: MixUse;
	readonly parts: readonly { readonly stuff: string; readonly share: number }[];
	readonly source: string;
	/** As they were measured: pores open, conductivity of the paste in dS/m, pH. */
	readonly air?: number | undefined;
	readonly paste?: number | undefined;
	readonly ph?: number | undefined;
}

/** A lot that a part may be taken from. */
export interface PotStock {
	readonly code: string;
	readonly name: string;
	readonly left_l: number;
	/** Of char and charges none. */
	readonly material: MaterialId | 'char';
	readonly composition?: Composition;
}

export interface PotYard extends ParseContext {
	readonly recipes: readonly PotRecipe[];
	readonly stock: readonly PotStock[];
	readonly analyses: Partial<Record<MaterialId, readonly OwnAnalysis[]>>;
	/** Litres in a bag of what is bought, as its newest bag was. */
	readonly bags: Partial<Record<MaterialId, number>>;
}
