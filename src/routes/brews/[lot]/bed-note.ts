import type { RecipeId } from '$lib/core/brews';
import type { GermClass } from '$lib/core/materials';

/** What speaks against a brew on a bed, in a few words; nothing where nothing does. */
export function bedNote(
	bed: {
		readonly eatenRaw: boolean;
		readonly acidLover: boolean;
		readonly ph?: number | undefined;
		readonly target: 'area' | 'pots' | 'trees' | 'path';
	},
	recipe: RecipeId,
	germs: GermClass
): string {
	if (recipe === 'ash-tea' && bed.acidLover) return 'loves sour ground: never';
	if (recipe === 'ash-tea' && (bed.ph ?? 0) >= 7) return 'pH 7 or more: none';
	if (bed.eatenRaw)
		return germs === 'none' ? 'eaten raw: not on leaves' : 'eaten raw: not this one';
	if (bed.target === 'trees') return 'under the edge of the crown';
	return bed.target === 'pots' ? 'a tenth of the pot at most' : '';
}
