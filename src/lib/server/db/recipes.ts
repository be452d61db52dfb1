import { z } from 'zod';
import type { SchoolId } from '../../core/charging';
import type { MaterialId } from '../../core/materials';
import { jsonOf } from './json';
import type { Things } from './things';

/** What a recipe of one's own varies of its school: parts of each, by volume, to one of char. */
export interface OwnRecipe {
	readonly name: string;
	readonly school: SchoolId;
	readonly partner: MaterialId;
	readonly ratio: number;
	readonly wantedN: number;
	readonly extras: readonly {
		readonly id: string;
		readonly material: MaterialId;
		readonly perChar: number;
	}[];
	readonly liquid?: MaterialId | undefined;
}

export const readVaried = jsonOf<Omit<OwnRecipe, 'name'>>(
	z.looseObject({
		school: z.string(),
		partner: z.string(),
		ratio: z.number(),
		wantedN: z.number(),
		extras: z.array(z.looseObject({ id: z.string(), material: z.string(), perChar: z.number() })),
		liquid: z.string().optional()
	})
);

/** Recipes of the grower's own: things that are told anew under their name. */
export function recipeStore(things: Things) {
	return {
		/** The newest first. */
		all: (): (OwnRecipe & { readonly versionId: number })[] =>
			things
				.versioned('recipe', readVaried)
				.map(({ name, told, versionId }) => ({ ...told, name, versionId }))
				.sort((a, b) => b.versionId - a.versionId),
		/** @returns its version, which a batch made by it keeps */
		insert: (actId: string, { name, ...varied }: OwnRecipe): number => {
			const known = things.inUse('recipe', name);
			const id = known?.id ?? things.insert(actId, 'recipe', name);
			if (known && known.name !== name) things.insertName(actId, id, name);
			return things.insertVersion(actId, id, varied);
		}
	};
}
