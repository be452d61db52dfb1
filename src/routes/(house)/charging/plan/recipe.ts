import { materialOf } from '$lib/core/materials';
import { capital } from '$lib/format/words';
import type { ReckonedPlan } from './reckoning';

/** One part of a recipe, drawn as long as its litres. */
export interface RecipePart {
	readonly is: string;
	readonly name: string;
	readonly litres: number;
	/** Label of the slip that tells it; the char's is told by its lot. */
	readonly slip?: string;
	readonly fill: string;
	/** Of the strip's 400 units. */
	readonly x: number;
	readonly width: number;
}

export interface Recipe {
	readonly parts: readonly RecipePart[];
	readonly settled: number;
	readonly settledWidth: number;
	/** What becomes of the parts together. */
	readonly settles: string;
}

const across = 400;
const least = 0.5;

/** What goes into a charge, each part to one scale. Settled litres are fewer: parts fill each other's gaps. */
export function recipeOf({ charge, partner, volume }: ReckonedPlan): Recipe {
	const { state, name } = materialOf(partner);
	const given = [
		{ is: 'char' as const, name: 'char', litres: volume, fill: 'var(--char-line)' },
		{
			is: 'partner' as const,
			name,
			litres: charge.partner.value,
			slip: capital(name),
			fill: state === 'liquid' ? 'var(--straw)' : 'var(--moss)'
		},
		...charge.extras.map(({ id, composition, litres }) => ({
			is: id,
			name: materialOf(composition.material).name,
			litres,
			slip: '',
			fill:
				materialOf(composition.material).state === 'liquid'
					? 'var(--straw)'
					: 'var(--soil, var(--moss))'
		})),
		{
			is: 'water' as const,
			name: 'rain water',
			litres: charge.water.value,
			slip: 'Rain water',
			fill: 'var(--liquid)'
		}
	].filter(({ is, litres }) => is === 'char' || litres >= least);
	const total = given.reduce((sum, { litres }) => sum + litres, 0);
	const lengthOf = (litres: number) => Math.round((litres / total) * across * 10) / 10;
	let x = 0;
	const parts = given.map((part) => {
		const width = lengthOf(part.litres);
		const placed = { ...part, x, width };
		x = Math.round((x + width) * 10) / 10;
		return placed;
	});
	const settled = charge.mix.value;
	return {
		parts,
		settled,
		settledWidth: Math.min(across, lengthOf(settled)),
		settles: charge.soak ? 'in the tub, the liquid in the gaps' : 'settled: the fine fills the gaps'
	};
}
