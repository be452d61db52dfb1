import { vesselVersions } from '$lib/server/questions/in-stock';
import { inLitres } from '$lib/core/units';
import { isLeafy, recipeOf } from '$lib/core/brews';
import { say } from '$lib/format/figure';
import { brewWords } from '$lib/format/rooms/brews';
import type { System } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';
import type { BrewLine } from '$lib/server/questions/brews';

/** A brew as it is drawn. */
export function drawn(books: Books, { brew, state }: BrewLine, system: System | undefined) {
	const vessel =
		brew.vesselVersionId === null ? null : vesselVersions(books).get(brew.vesselVersionId);
	if (!vessel) return undefined;
	const held = inLitres(brew.volume_ul);
	const recipe = recipeOf(brew.recipe);
	const bagged = recipe.parts.find(({ inBag }) => inBag);
	const bag = brew.ingredients.find(
		({ material }) => bagged?.from.some((stuff) => stuff === material) ?? false
	);
	const steeps = isLeafy(recipe);
	const isOver = state === 'past' || state === 'failed';
	return {
		vessel: vessel.name,
		shape: vessel.shape,
		capacity: vessel.capacity_l,
		held,
		bag: inLitres(bag?.volume_ul ?? 0),
		fill: recipe.fill,
		state,
		air: recipe.air,
		leaves: steeps && brew.strainedAt_ms === null && held > 0,
		bubbling: isBubbling(recipe, brew.stoppedAt_ms, state) && !isOver && held > 0,
		caption: `${vessel.name}, ${say(held, 'L', system)} of ${brew.name}, ${brewWords[state]}. Drawn to scale.`
	};
}

/** A pump that runs, or gas that still rises. */
const isBubbling = (
	{ air, gas }: ReturnType<typeof recipeOf>,
	stoppedAt_ms: number | null,
	state: BrewLine['state']
) => (air === 'pump' ? stoppedAt_ms === null : gas === true && state !== 'ripe');
