import type { Recipe } from '$lib/core/brews';

/** What can hurt at this recipe, short, where it is set going. */
export function cautionOf(recipe: Recipe, withSugar: boolean): readonly string[] {
	const { id, air, stinks, gas } = recipe;
	return [
		...(id === 'ash-tea'
			? [
					'Lye: gloves and goggles, plastic only, never aluminium. Outdoors, and never near urine or fresh manure: ammonia.'
				]
			: []),
		...(id === 'grain-culture'
			? [
					'Mask and gloves at every opening. Black or vivid green goes out unopened. Safe from animals and rain.'
				]
			: []),
		...(air === 'pump' ? ['Keep the pump dry above the rim, on a residual-current outlet.'] : []),
		...(gas
			? ['It makes gas: a lid that breathes or has a vent, never tight; not in a closed room.']
			: []),
		...(stinks
			? [
					'Open air only, downwind, away from house, boundary and water. Never bend over an opened barrel: its gas can kill. Children and animals away from the lid.'
				]
			: []),
		...(withSugar
			? ['What multiplied on sugar may carry germs: not on parts that are eaten raw.']
			: []),
		'Gloves, and wash your hands: no brew is for a body.'
	];
}
