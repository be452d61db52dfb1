import { recipeOf } from '$lib/core/brews';
import { say } from '$lib/format/figure';
import { brewWords } from '$lib/format/rooms/brews';
import type { System } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';
import type { BrewLine } from '$lib/server/questions/brews';

/** A brew as it is drawn. */
export function drawn(books: Books, { brew, state }: BrewLine, system: System | undefined) {
	const vessel = brew.vesselVersionId === null ? null : books.vessels.version(brew.vesselVersionId);
	if (!vessel) return undefined;
	const held = brew.volume_ml / 1000;
	return {
		vessel: vessel.name,
		shape: vessel.shape,
		capacity: vessel.capacity_l,
		held,
		bag: brew.partner_l,
		fill: recipeOf(brew.recipe).fill,
		state,
		bubbling: brew.stoppedAt_ms === null && state !== 'past' && held > 0,
		caption: `${vessel.name}, ${say(held, 'L', system)} of ${brew.name}, ${brewWords[state]}. Drawn to scale.`
	};
}
