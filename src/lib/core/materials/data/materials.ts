import { ashes } from './ashes';
import { composts } from './composts';
import { heapStuffs } from './heap-stuffs';
import { larder } from './larder';
import { liquids } from './liquids';
import { manures } from './manures';
import { minerals } from './minerals';
import { mixStuffs } from './mix-stuffs';
import type { Material, MaterialId } from './material';

/** Every material, those most used first. */
export const materials: readonly Material[] = Object.freeze([
	...composts,
	...manures,
	...heapStuffs,
	...liquids,
	...ashes,
	...minerals,
	...mixStuffs,
	...larder
]);

const byId: ReadonlyMap<string, Material> = new Map(materials.map((entry) => [entry.id, entry]));

/** @throws RangeError for a material that is in no table */
export function materialOf(id: MaterialId): Material {
	const material = byId.get(id);
	if (!material)
		throw new RangeError(
			`materialOf: "${id}" is not one of ${materials.map((entry) => entry.id).join(', ')}`
		);
	return material;
}

export const isMaterial = (id: string): id is MaterialId => byId.has(id);

/** Of animals: raw, or aged. */
export const isManure = (id: MaterialId): boolean =>
	['raw-manure', 'aged'].includes(materialOf(id).germs);
