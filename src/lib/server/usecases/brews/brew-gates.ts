import {
	faultsOfPlace,
	judgeWater,
	leavesRoom,
	roomIn,
	type Recipe,
	type RecipeId,
	type WaterVerdict
} from '../../../core/brews';
import { litres, type Litres } from '../../../core/units';
import type { Issue } from '../../../input/act';
import type { BrewInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import type { Vessel } from '../../db/vessels';
import { soakIn } from '../../questions/vessels';
import { refuse, Refusal } from '../act';
import { doubtsOf } from './brew-parts';

/** Some stand in no vessel that is measured: grain in a box, liquor in the can it was caught in. */
const needsVessel = ({ id }: Recipe) => id !== 'grain-culture' && id !== 'drained-liquor';

export function vesselOrRefuse(
	books: Books,
	input: BrewInput,
	recipe: Recipe,
	at_ms: number
): Vessel | undefined {
	if (!input.vessel) {
		if (needsVessel(recipe)) refuse('vessel', 'bad-empty');
		return undefined;
	}
	return freeTub(books, input.vessel, 'vessel', at_ms);
}

/** A tub by its name, with nothing in it at that moment. */
export function freeTub(books: Books, name: string, field: string, at_ms: number): Vessel {
	const vessel = books.vessels.maybeOne(name) ?? refuse(field, 'no-vessel', { name });
	if (vessel.usedFor !== 'tub') refuse(field, 'no-tub', { name: vessel.name });
	const held = soakIn(books, vessel.id, at_ms);
	if (held) refuse(field, 'tub-busy', { name: vessel.name, code: held.of });
	return vessel;
}

export function refuseOverflow(vessel: Vessel | undefined, recipe: RecipeId, level: Litres): void {
	if (!vessel) return;
	const capacity = litres(vessel.capacity_l);
	if (!leavesRoom(recipe, level, capacity))
		refuse('base', 'no-room-for-froth', {
			name: vessel.name,
			most_l: roomIn(recipe, capacity)
		});
}

/** What the program speaks against wants a reason, all of it at once; lye in metal has none. */
export function refuseUnsaid(
	books: Books,
	input: BrewInput,
	recipe: Recipe,
	base_l: number,
	at_ms: number
): void {
	const faults = faultsOfPlace(recipe, input.place ?? {});
	if (faults.includes('metal')) refuse('plastic', 'plastic-only');
	if ((input.reason ?? '') !== '') return;
	const starters = [input.baseStuff, ...input.parts].flatMap((one) => (one ? [one] : []));
	const asks: readonly Omit<Issue, 'field'>[] = [
		...(recipe.alive && input.water ? waterAsks(judgeWater(input.water, litres(base_l))) : []),
		...(faults.length > 0
			? [{ code: 'place-speaks-against', facts: { why: faults.join(' ') } }]
			: []),
		...starters.flatMap((starter) => doubtsOf(books, starter, at_ms))
	];
	if (asks.length > 0) throw new Refusal(asks.map((ask) => ({ field: 'reason', ...ask })));
}

function waterAsks(water: WaterVerdict): readonly Omit<Issue, 'field'>[] {
	if (water.is === 'wait') {
		const { stand_h, bubble_h } = water;
		return [{ code: 'water-wants-time', facts: { stand_h, bubble_h } }];
	}
	return water.is === 'treat'
		? [{ code: 'water-wants-acid', facts: { acid_mg: water.ascorbic_mg } }]
		: [];
}
