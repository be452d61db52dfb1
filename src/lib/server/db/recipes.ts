import type { SchoolId } from '../../core/charging';
import type { MaterialId } from '../../core/materials';
import type { Db } from './open';

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

interface RecipeRow {
	name: string;
	school: SchoolId;
	varied_json: string;
}

/** Recipes of the grower's own; the newest of a name stands. */
export function recipeStore(db: Db) {
	const all = db.prepare<[], RecipeRow>(
		`SELECT r.name, r.school, r.varied_json FROM own_recipe r JOIN standing_act a ON a.id = r.act_id ORDER BY a.seq DESC`
	);
	const insert = db.prepare(
		'INSERT INTO own_recipe (act_id, name, school, varied_json) VALUES (@actId, @name, @school, @varied)'
	);
	return {
		all: (): OwnRecipe[] => {
			const byName = new Map<string, OwnRecipe>();
			for (const { name, school, varied_json } of all.all())
				if (!byName.has(name.toLowerCase()))
					byName.set(name.toLowerCase(), {
						name,
						school,
						...(JSON.parse(varied_json) as Omit<OwnRecipe, 'name' | 'school'>)
					});
			return [...byName.values()];
		},
		insert: (actId: string, { name, school, ...varied }: OwnRecipe): void => {
			insert.run({ actId, name, school, varied: JSON.stringify(varied) });
		}
	};
}
