import { dissolvedOf, leavesRoom, recipeOf, scaledTo } from '../../../core/brews';
import { minus, type Amount } from '../../../core/ledger';
import { litres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { BrewInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import type { Vessel } from '../../db/vessels';
import { moves } from '../../db/movements';
import { soakIn } from '../../questions/vessels';
import { perform, postOrRefuse, refuse, toMl, type Outcome } from '../act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';

/**
 * Water and a bag become a brew that works by the hour. What dissolves is in it; what stays in the bag is
 * strained off, and is the grower's to put on a heap.
 */
export function startBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BrewInput
): Outcome {
	return perform(books, now_ms, 'brew', envelope, { ...input }, () => {
		const recipe = recipeOf(input.recipe);
		const vessel = vesselOrRefuse(books, input, envelope.happenedAt_ms);
		const lot = lotOrRefuse(books, input.partnerLot, 'partnerLot', envelope.happenedAt_ms);
		refuseHeld(books, lot, 'partnerLot');
		const stock = books.stock.maybeOne(lot.code);
		if (!stock || !recipe.partners.includes(stock.material))
			refuse('partnerLot', 'wrong-bag', { code: lot.code, recipe: recipe.name });
		const volume_ml = partOf(books, lot, input.partner, 'partner');
		const bag = takenOf(books, lot, volume_ml, envelope.happenedAt_ms);
		const code = books.ledger.nextCode('brew');
		return {
			path: pathOf('brew', code),
			write: (stamp) => {
				const { actId } = stamp;
				const lotId = books.ledger.insertLot({ code, kind: 'brew', name: recipe.name, actId });
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, bag), ...partsOf(bag, toMl(input.water), lotId)],
					'partner'
				);
				books.batches.insert({
					lotId,
					actId,
					school: recipe.id,
					temperature_c: input.temperature,
					burnIds: []
				});
				books.batches.insertPlace({ actId, lotId, vesselVersionId: vessel.versionId });
				const went = { actId, batchLotId: lotId };
				const asked = scaledTo(recipe.id, input.water);
				books.batches.insertIngredient({
					...went,
					fromLotId: lot.id,
					material: stock.material,
					volume_ml,
					planned_ml: toMl(asked.partner)
				});
				books.batches.insertIngredient({
					...went,
					fromLotId: null,
					material: 'rain-water',
					volume_ml: toMl(input.water),
					planned_ml: null
				});
			}
		};
	});
}

/** What the water takes, and what stays in the bag. */
function partsOf(bag: Amount, water_ml: number, lotId: number) {
	const contents = dissolvedOf(bag.contents);
	return [
		moves('in', { lotId }, { volume_ml: water_ml, mass_g: water_ml, contents }),
		moves('in', { account: 'strained-off' }, { ...bag, contents: minus(bag.contents, contents) })
	];
}

function vesselOrRefuse(books: Books, input: BrewInput, at_ms: number): Vessel {
	const vessel =
		books.vessels.maybeOne(input.vessel) ?? refuse('vessel', 'no-vessel', { name: input.vessel });
	if (vessel.usedFor !== 'tub') refuse('vessel', 'no-tub', { name: vessel.name });
	const held = soakIn(books, vessel.id, at_ms);
	if (held) refuse('vessel', 'tub-busy', { name: vessel.name, code: held.of });
	if (!leavesRoom(input.recipe, input.water, litres(vessel.capacity_l)))
		refuse('water', 'no-room-for-froth', {
			name: vessel.name,
			most_l: vessel.capacity_l * recipeOf(input.recipe).fill
		});
	return vessel;
}
