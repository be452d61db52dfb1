import type { MaterialId } from '../../materials';
import type { MixUse } from '../rules';

/** A mix as it is often made, by volume. */
export interface MixRecipe {
	readonly id: string;
	readonly name: string;
	readonly use: MixUse;
	readonly parts: readonly (readonly [stuff: MaterialId | 'char', share: number])[];
	readonly source: string;
}

/** Source: potting practice; own mixes stand before these. */
export const mixRecipes: readonly MixRecipe[] = Object.freeze([
	{
		id: 'potting',
		name: 'potting mix without peat',
		use: 'pots',
		parts: [
			['leaf-mould', 0.4],
			['finished-compost', 0.25],
			['fine-bark', 0.2],
			['perlite', 0.1],
			['char', 0.05]
		],
		source: 'Potting practice: compost under 30 %, charged char 5 %, open enough for pots'
	},
	{
		id: 'seed',
		name: 'seed mix',
		use: 'seed',
		parts: [
			['leaf-mould', 0.6],
			['sand', 0.15],
			['perlite', 0.25]
		],
		source: 'Potting practice: sieved leaf mould, little food, no ash'
	},
	{
		id: 'blocks',
		name: 'block mix',
		use: 'seed',
		parts: [
			['leaf-mould', 0.55],
			['finished-compost', 0.15],
			['garden-soil', 0.15],
			['sand', 0.15]
		],
		source: 'Potting practice: loam binds a block'
	}
] satisfies readonly MixRecipe[]);
